# frozen_string_literal: true

module Server
  # Picks a method for a unit, and keeps what it would take.
  class Picking
    # @param unit [Models::Unit]
    def initialize(unit)
      @unit = unit
    end

    # Weighed anew here, so that what is kept is what the core says of the drawer as it is stored. Its
    # words and steps are kept with it; its drawings can be made again.
    #
    # @param spec [Hash] the unit's document
    # @param method [String]
    # @return [void]
    # @raise [Problem] where that method cannot make the unit
    def pick(spec, method)
      chosen = weighed(spec, method)
      @unit.update!(spec: spec, updated_at: Time.now)
      (@unit.pick || @unit.build_pick).update!(method_id: method, spec: spec, answer: chosen.except("drawings"))
    end

    # @param spec [Hash] the unit's document
    # @return [void]
    def unpick(spec)
      @unit.pick&.destroy!
      @unit.update!(spec: spec, updated_at: Time.now)
    end

    private

    def weighed(spec, id)
      chosen = OakenGauge.weigh(@unit.weigh_document(spec), view: true)["methods"].find { |method| method["method"] == id }
      return chosen if chosen && chosen["feasible"]

      raise Problem.new(422, "This method cannot make the unit.", errors: reasons(chosen))
    end

    def reasons(chosen)
      return [{ "pointer" => "/method", "message" => "does not make this kind of unit" }] unless chosen

      chosen["problems"].map { |reason| { "pointer" => "/method", "message" => reason["say"] } }
    end
  end
end
