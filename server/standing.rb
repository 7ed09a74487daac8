# frozen_string_literal: true

module Server
  # How far a project is: its stations with what is open there, and its units with what was picked for them.
  class Standing
    # @param project [Models::Project]
    def initialize(project)
      @project = project
    end

    # @return [Hash] "stations", what is "next" and to which unit, and whether what it takes is "counting" still
    def stations
      facts = @project.facts(progress).merge(short: short, counting: counted["counting"])
      { "stations" => OakenGauge.stations(**facts), "next" => OakenGauge.next_step(**facts), "counting" => counted["counting"],
        "next_unit" => ({ "id" => progress.unit, "method" => progress.method } if progress.unit) }
    end

    # @return [Hash] "units", each with its id and its label, and "totals"
    def units
      units = @project.units.includes(:pick, :unit_fabrics).to_a
      asked = units.map { |unit| { "unit" => unit.spec, "answer" => unit.pick&.answer } }
      told = OakenGauge.units_at_home(asked, @project.measure)
      rows = told["units"].zip(units).map { |row, unit| { "id" => unit.id, "label" => unit.label, "fabrics" => held(unit), **row } }
      told.merge("units" => rows)
    end

    private

    def progress
      @progress ||= @project.own_progress
    end

    # A project that is put aside takes nothing, and is short of nothing.
    def counted
      @counted ||= Jobs::CountPromised.beside(@project.maker)
    end

    def short
      Jobs::CountPromised.short(counted).fetch(@project.id, 0)
    end

    def held(unit)
      unit.unit_fabrics.to_h { |held| [held.role, held.fabric_id] }
    end
  end
end
