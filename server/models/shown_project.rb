# frozen_string_literal: true

module Server
  module Models
    # What is seen of a project by its link: its quilt, its units and what was picked for them, and the fabrics that they are of.
    # Nothing of her drawer, her hands, her notes or her other projects.
    class ShownProject
      # @param project [Project]
      def initialize(project)
        @project = project
      end

      # @return [Hash]
      def to_document
        units = @project.units.includes(:pick, :unit_fabrics).map { |unit| unit(unit) }
        { "name" => @project.name, "units" => units, "quilt" => quilt,
          "fabrics" => @project.maker.fabrics.map { |fabric| fabric.to_document.slice("id", "name", "colour", "weave") } }
      end

      private

      def unit(unit)
        { "label" => unit.label, "title" => title(unit), "unit" => unit.spec,
          "fabrics" => unit.unit_fabrics.to_h { |held| [held.role, held.fabric_id] },
          "method" => unit.pick&.answer&.fetch("title", nil) || unit.pick&.method_id }
      end

      # What it is called is for whoever does not know it by its label.
      def title(unit)
        OakenGauge.read_unit(unit.spec).class.plural
      rescue OakenGauge::Documents::Invalid
        ""
      end

      # One that cannot be drawn is left away.
      def quilt
        return unless @project.quilt

        OakenGauge.quilt(Quilting.new(@project, @project.quilt).document, view: true)
                  .slice("finished", "blocks", "drawing")
      rescue OakenGauge::Documents::Invalid, Problem
        nil
      end
    end
  end
end
