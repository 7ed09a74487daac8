# frozen_string_literal: true

module Server
  # Reads what a request says of a unit. The unit's own document goes through the core, and its fabrics must play the
  # roles that its kind has, so that no unit is stored which could not be weighed.
  class UnitFields
    # @param keys [Reading]
    # @param project [Models::Project]
    # @param unit [Models::Unit, nil] as it is stored, when it is changed
    def initialize(keys, project, unit = nil)
      @keys = keys
      @project = project
      @stored = unit
    end

    # @param times [Integer] so many times as many as are told
    # @return [Hash] label:, spec: and fabrics:, those that were given
    def read(times: 1)
      spec = @keys.value("unit")
      fabrics = @keys.value("fabrics", :shelf)
      check_shelf(fabrics) if fabrics
      check_roles(spec, fabrics) if spec || @stored
      { label: @keys.value("label", :name), spec: (OakenGauge.so_many_times(spec, times) if spec), fabrics: fabrics }.compact
    end

    private

    def check_shelf(fabrics)
      shelf = @project.maker.fabrics.ids
      strange = fabrics.reject { |_, id| shelf.include?(id) }
      strange.each_key { |role| fabric(role).refuse("the id of a fabric on the shelf") }
    end

    # Where only one of the two is given, the other stays as it is.
    def check_roles(spec, fabrics)
      return unless spec || fabrics

      roles = (spec || OakenGauge.read_unit(@stored.spec)).class.roles
      strange = (fabrics || held).keys - roles
      strange.each { |role| fabric(role).fault("is no fabric of this kind of unit: allowed are #{roles.join(', ')}") }
    end

    def held
      @stored ? @stored.unit_fabrics.to_h { |one| [one.role.to_sym, one.fabric_id] } : {}
    end

    def fabric(role)
      @keys.at("fabrics").child(role.to_s)
    end
  end
end
