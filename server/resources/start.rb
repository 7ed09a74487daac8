# frozen_string_literal: true

module Server
  module Resources
    # The first start: to look round with the demo, or to start her own; and going from one to the other later.
    class Start < Base
      get "/api/start" do
        answer standing
      end

      post "/api/start" do
        bench, id = read(optional: %w[bench maker]) { |keys| [keys.value("bench", :bench), keys.value("maker", :version)] }
        maker = id ? makers.find(id) : { demo: -> { demo }, own: -> { own } }.fetch(bench || refuse).call
        maker.come
        answer standing(maker)
      end

      private

      def makers
        Models::Maker.here
      end

      def refuse
        raise Problem.at("/bench", "is missing: allowed is demo or own, or a maker")
      end

      def standing(at = maker)
        { "chosen" => !at.came_at.nil?, "demo" => at.demo, "has_own" => makers.exists?(demo: false), "maker_id" => at.id, "name" => at.name,
          "project_id" => at.projects.reject(&:aside).first&.id }
      end

      # One that was removed is loaded anew.
      def demo
        makers.find_by(demo: true) || Demo.load
      end

      def own
        at = maker
        return at unless at.demo

        makers.find_by(demo: false) || makers.one_more { makers.create!(name: "Maker") }
      end
    end
  end
end
