# frozen_string_literal: true

module Server
  # Reads what a request says of a unit. The unit's own document goes through the core, so that no
  # unit is stored which it could not weigh.
  class UnitFields
    # @param node [OakenGauge::Documents::Node]
    # @param project [Models::Project]
    def initialize(node, project, required:)
      @node = node
      @project = project
      @required = required
    end

    # @return [Hash] label:, spec: and cloths:, those that were given
    def read
      return {} unless @node.keys(required: @required, optional: %w[label unit cloths lock_version] - @required)

      { label: (@node.text("label") if @node["label"]), spec: spec, cloths: cloths }.compact
    end

    private

    def spec
      @node["unit"] && OakenGauge::Documents::UnitReader.new(@node).document
    end

    def cloths
      return unless @node["cloths"].is_a?(Hash)

      shelf = @project.maker.cloths.ids
      @node["cloths"].each do |role, id|
        @node.child("cloths").fault(role, "is #{id.inspect}: allowed is the id of a cloth on the shelf") unless shelf.include?(id)
      end
    end
  end
end
