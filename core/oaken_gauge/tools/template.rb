# frozen_string_literal: true

module OakenGauge
  module Tools
    # A shape with its allowance included, to cut round.
    class Template < Tool
      # How near a size taken from an outline as cut is to the size that was meant, inches, and the lines that are meant.
      TRACED = 1/1000r
      # How far off it still serves, with the difference said.
      SERVES = 1/64r
      LINES = [1/64r, 5/254r].freeze

      title "Template"
      group "Shapes to cut round"
      common 8
      Shaped.declare(self, :makes)
      flag :includes_seam, label: "The outline includes the seam allowance"
      made_for_seam
      rule(:drawn, :includes_seam, :made_for_seam, say: lambda { |_, _, seam|
        "is smaller than its seam allowance of #{Length.new(seam)}: allowed is an outline with something inside"
      }) { |outline, included, seam| !outline || !included || drawn_in(outline, seam) }

      # @param outline [Polygon] as cut
      # @param seam [Rational] inches
      # @return [Polygon, nil] the finished outline in it; nil when nothing is left
      def self.drawn_in(outline, seam)
        inner = outline.inset(seam, least: TRACED)
        inner if inner.area.positive? && inner.simple? && inner.area < outline.area
      end

      # @return [Array<Mark>] one
      def marks
        @marks ||= begin
          size = shape.finished.is_a?(Rational) ? shape.finished : nil
          [Mark.new(tool: self, side: shape.kind, makes: shape.kind, printed: size || shape.kind.to_s.tr("_", " "), reads: :finished,
                    finished: shape.finished, shape: shape, main: true)]
        end
      end

      # What was traced as cut is the size that it is nearest to.
      # @return [Patches::Shape]
      def shape
        @shape ||= super.then { |traced| drawn && includes_seam ? traced.class.new(meant(traced.finished)) : traced }
      end

      # What was traced as cut serves for a size that it is nearly.
      # @return [Array<Mark>]
      def marks_making(shape)
        exact = super
        exact.empty? && nearly?(shape) ? marks : exact
      end

      # As it is cut round, with the seam line inside.
      # @return [Picture]
      def picture
        left, _, low, = raw.bounds
        Picture.draw(written_in) do |draw|
          draw.body(raw.move(-left, -low))
          sewn.move(-left, -low).edges.each { |ends| draw.line(*ends.map(&:rect), :seam) }
        end
      end

      # @return [Polygon] the line it is sewn along
      def sewn
        traced? ? finished_outline : shape.outline
      end

      # @return [Polygon] the line it is cut along
      def raw
        traced? ? drawn : shape.cut_outline(made_for_seam)
      end

      private

      def traced?
        !drawn.nil? && includes_seam
      end

      def nearly?(needed)
        drawn && includes_seam && shape.kind == needed.kind && [shape, needed].all? { |one| one.finished.is_a?(Numeric) } &&
          (shape.finished - needed.finished).abs <= SERVES
      end

      def meant(size)
        return size unless size.is_a?(Numeric)

        LINES.map { |line| (size / line).round * line }.find { |near| (size - near).abs < TRACED } || size
      end

      def finished_outline
        traced? ? self.class.drawn_in(drawn, made_for_seam) : super
      end
    end
  end
end
