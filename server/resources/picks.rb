# frozen_string_literal: true

module Server
  module Resources
    # The pick of a unit: a method at a size, kept with what it would take; or no method, at a size.
    class Picks < Base
      put "/api/units/:id/pick" do
        version, spec, id = read(required: %w[lock_version method unit]) { |keys| fields(keys) }
        save_over(find, version) { |unit| id ? pick(unit, spec, id) : unpick(unit, spec) }
        answer find.to_document
      end

      delete "/api/units/:id/pick" do
        version = Integer(params.fetch("lock_version"))
        save_over(find, version) { |unit| unpick(unit, unit.spec) }
        answer find.to_document
      end

      private

      def find
        maker.units.here.find(params["id"])
      end

      def fields(keys)
        unit = keys.value("unit")
        if unit && unit.class.kind.to_s != find.spec["kind"]
          keys.at("unit").child("kind").refuse("the unit's own kind, #{find.spec['kind']}")
        end
        [keys.version, unit&.to_document, (keys.value("method") unless keys.none?("method"))&.to_s]
      end

      def unpick(unit, spec)
        unit.pick&.destroy!
        unit.update!(spec: spec, updated_at: Time.now)
      end

      # Weighed anew here, so that what is kept is what the core says of the drawer as it is stored. Its
      # words and steps are kept with it; its drawings can be made again.
      def pick(unit, spec, id)
        chosen = weighed(unit, spec, id)
        unit.update!(spec: spec, updated_at: Time.now)
        (unit.pick || unit.build_pick).update!(method_id: id, spec: spec, answer: chosen.except("drawings"))
      end

      def weighed(unit, spec, id)
        chosen = OakenGauge.weigh(unit.weigh_document(spec), view: true)["methods"].find { |method| method["method"] == id }
        return chosen if chosen && chosen["feasible"]

        raise Problem.new(422, "This method cannot make the unit.", errors: reasons(chosen))
      end

      def reasons(chosen)
        return [{ "pointer" => "/method", "message" => "does not make this kind of unit" }] unless chosen

        chosen["problems"].map { |reason| { "pointer" => "/method", "message" => reason["say"] } }
      end
    end
  end
end
