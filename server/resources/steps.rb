# frozen_string_literal: true

module Server
  module Resources
    # Steps to be done one at a time at the bench, and at which of them she stands, on whichever device.
    class Steps < Base
      # The steps of the method that was picked for a unit.
      get "/api/units/:id/steps" do
        unit = maker.units.here.find(params["id"])
        pick = unit.pick or raise Problem.new(404, "No method is picked for #{unit.label}: pick one first.")
        answer({ "title" => pick.answer["title"], "steps" => OakenGauge.bench_steps(pick.answer), "drawn" => drawn(unit, pick) })
      end

      get "/api/bookmark" do
        answer({ "step" => Models::Bookmark.of(maker, params["list"].to_s) })
      end

      put "/api/bookmark" do
        list, step = read(required: %w[list step]) { |keys| [keys.value("list"), keys.value("step")] }
        Models::Bookmark.put(maker, list, step)
        answer({ "step" => step })
      end

      private

      # As it would be done today; nothing where it cannot be made so any more.
      def drawn(unit, pick)
        OakenGauge.step_drawings(unit.weigh_document(pick.spec), pick.method_id)
      rescue OakenGauge::Documents::Invalid
        []
      end
    end
  end
end
