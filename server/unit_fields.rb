# frozen_string_literal: true

module Server
  # Reads what a request says of a unit. The unit's own document goes through the core, and its fabrics must play the
  # roles that its kind has, so that no unit is stored which could not be weighed.
  class UnitFields
    IDS = OakenGauge::Documents::Scalars::Whole.new(1..2_147_483_647)
    SHELF = OakenGauge::Documents::Composites::Mapping.new(IDS)
    UNIT = OakenGauge::Documents::Catalogue::UNIT

    # @param keys [Reading]
    # @param project [Models::Project]
    # @param unit [Models::Unit, nil] as it is stored, when it is changed
    def initialize(keys, project, unit = nil)
      @keys = keys
      @project = project
      @stored = unit
    end

    # @return [Hash] label:, spec: and cloths:, those that were given
    def read
      spec = @keys.value("unit", UNIT)
      cloths = @keys.value("cloths", SHELF)
      check_shelf(cloths) if cloths
      check_roles(spec, cloths) if spec || @stored
      { label: @keys.text("label"), spec: spec&.to_document, cloths: cloths }.compact
    end

    private

    def check_shelf(cloths)
      shelf = @project.maker.cloths.ids
      strange = cloths.reject { |_, id| shelf.include?(id) }
      strange.each_key { |role| cloth(role).refuse("the id of a fabric on the shelf") }
    end

    # Where only one of the two is given, the other stays as it is.
    def check_roles(spec, cloths)
      return unless spec || cloths

      roles = (spec || OakenGauge.read_unit(@stored.spec)).class.roles
      strange = (cloths || held).keys - roles
      strange.each { |role| cloth(role).fault("is no fabric of this kind of unit: allowed are #{roles.join(', ')}") }
    end

    def held
      @stored ? @stored.unit_cloths.to_h { |one| [one.role.to_sym, one.cloth_id] } : {}
    end

    def cloth(role)
      @keys.at("cloths").child(role.to_s)
    end
  end
end
