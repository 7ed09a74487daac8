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
        seen = quilt
        { "name" => @project.name, "units" => units, "quilt" => seen,
          "fabrics" => fabrics([units.map { |unit| unit["fabrics"].values }, used(seen)]) }
      end

      private

      # Only those that are seen: the rest of her shelf is nobody's business.
      def fabrics(ids)
        seen = ids.flatten.compact.map(&:to_s)
        @project.maker.fabrics.select { |fabric| seen.include?(fabric.id.to_s) }
                .map { |fabric| fabric.to_document.slice("id", "name", "colour", "weave") }
      end

      # Whatever is drawn of a fabric, wherever it stands in the drawing.
      def used(part)
        case part
        when Hash then part.flat_map { |key, value| %w[fabric ground].include?(key) ? [value] : used(value) }
        when Array then part.flat_map { |one| used(one) }
        else []
        end
      end

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
