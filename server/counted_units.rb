# frozen_string_literal: true

module Server
  # Units that a block or a quilt counts, held against those that a project has: one by the same name is the same one, and so may be one
  # by another name that is the same unit of the same fabrics.
  class CountedUnits
    # @param project [Models::Project]
    # @param counted [Array<Hash>] label:, spec: and fabrics:
    def initialize(project, counted)
      @counted = counted
      @units = project.units.includes(:unit_fabrics).to_a
    end

    # @param moment [Time]
    # @return [Boolean] whether one of them was added since: nobody had seen it then
    def since?(moment)
      @counted.any? { |fields| named(fields)&.created_at.to_f > moment.to_f }
    end

    # @return [Array<Array(Models::Unit, Hash)>] those that are there by another name, and what is counted
    def doubles
      @doubles ||= @counted.filter_map do |fields|
        there = named(fields) ? nil : alike(fields)
        [there, fields] if there
      end
    end

    # @return [Problem] that asks whether they are to be counted twice
    def problem
      there = doubles.map { |unit, fields| { "label" => unit.label, "count" => unit.spec["count"], "counted" => fields[:spec]["count"] } }
      Problem.new(409, "Some of these are in the project already, by another name.", there: there)
    end

    # @param there [Symbol] :set for the count of what is there, :beside for new ones beside it
    # @return [Array<Array(Models::Unit, Hash)>] of each the unit that it changes, nil for a new one
    def places(there)
      @counted.map do |fields|
        own = named(fields)
        other = own || there != :set ? nil : alike(fields)
        other ? [other, fields.slice(:spec)] : [own, fields]
      end
    end

    private

    def named(fields)
      @units.find { |unit| unit.label == fields[:label] }
    end

    def alike(fields)
      @units.find { |unit| unit.spec.except("count") == fields[:spec].except("count") && held(unit) == asked(fields) }
    end

    def held(unit)
      unit.unit_fabrics.to_h { |held| [held.role, held.fabric_id] }
    end

    def asked(fields)
      fields.fetch(:fabrics, {}).transform_keys(&:to_s)
    end
  end
end
