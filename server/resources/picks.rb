# frozen_string_literal: true

module Server
  module Resources
    # The pick of a unit: a method at a size, kept with what it would take; or no method, at a size. And the picks of many units at once:
    # all of them, or none.
    class Picks < Base
      put "/api/units/:id/pick" do
        version, spec, id = read(required: %w[lock_version method unit]) { |keys| fields(keys, find) }
        save_over(find, version) { |unit| put(unit, spec, id) }
        answer find.to_document
      end

      delete "/api/units/:id/pick" do
        version = Integer(params.fetch("lock_version"))
        save_over(find, version) { |unit| Picking.new(unit).unpick(unit.spec) }
        answer find.to_document
      end

      # Each from what the sender saw to what it is to be.
      put "/api/projects/:id/picks" do
        project = maker.projects.find(params["id"])
        wanted = read(required: %w[units]) { |keys| changes(keys, project) }
        units = Models::Unit.transaction { wanted.map { |change| turn(project, **change) } }
        answer({ "units" => units.map(&:to_document) })
      end

      # Which method for each, all together; nothing is stored.
      post "/api/projects/:id/choice" do
        limits, keep = read(optional: %w[limits keep]) { |keys| [keys.document("limits"), keys.value("keep", :ids)] }
        job = Server::Jobs::Choose.ask(maker.projects.find(params["id"]), limits, keep || [])
        answer job, status: job["state"] == "done" ? 200 : 202
      end

      get "/api/choices/:id" do
        answer maker.jobs.where(kind: Server::Jobs::Choose.kind).find(params["id"]).to_document
      end

      # What some picks come to, all together; nothing is stored.
      post "/api/projects/:id/together" do
        picks = read(required: %w[picks]) { |keys| keys.value("picks", :methods) }
        deciding = Deciding.new(maker.projects.find(params["id"]))
        answer({ "figures" => OakenGauge.together(deciding.document, deciding.by_label(picks.transform_keys(&:to_s))) })
      end

      private

      def find
        maker.units.here.find(params["id"])
      end

      def fields(keys, unit)
        [keys.version, *spec(keys, unit)]
      end

      # @return [Array(Hash, String)] the unit's document, and a method or nil
      def spec(keys, own)
        unit = keys.value("unit")
        own_kind = own.spec["kind"]
        keys.at("unit").child("kind").refuse("the unit's own kind, #{own_kind}") if unit && unit.class.kind.to_s != own_kind
        [unit&.to_document, (keys.value("method") unless keys.none?("method"))&.to_s]
      end

      def put(unit, spec, method)
        method ? Picking.new(unit).pick(spec, method) : Picking.new(unit).unpick(spec)
      end

      def changes(keys, project)
        keys.each("units") { |one| change(one, project) if one.fit?(%w[id from to]) }.to_a.compact
      end

      def change(keys, project)
        unit = project.units.find(keys.value("id", :version))
        from, to = %w[from to].map { |key| keys.inside(key) { |one| spec(one, unit) if one.fit?(%w[unit method]) } }
        { id: unit.id, from: from, to: to }
      end

      # One window after another; what is not as the sender saw it is left, and so are all others.
      def turn(project, id:, from:, to:)
        unit = project.units.lock.find(id)
        raise stands_otherwise(unit) unless [unit.spec, unit.pick&.method_id] == from

        put(unit, *to)
        unit.reload
      end

      def stands_otherwise(unit)
        now = unit.pick ? "is #{unit.pick.answer.fetch('title', unit.pick.method_id).downcase} now" : "has no method now"
        Problem.new(409, "#{unit.label} was changed in another window: it #{now}. Nothing was changed here.")
      end
    end
  end
end
