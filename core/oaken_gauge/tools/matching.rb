# frozen_string_literal: true

module OakenGauge
  module Tools
    # A needed patch against the marks on some tools: the mark that makes it, or else the nearest below
    # and above.
    class Matching
      # Shapes that are right with any allowance.
      RESEWN = %i[square rectangle].freeze

      # @param tools [Array<Tool>]
      # @param shape [Patches::Shape] the patch needed
      # @param seam [Rational] the seam allowance it will be sewn with
      # @param numbers [Symbol] which are read rather than others: :either, :finished or :strip
      def initialize(tools, shape, seam, numbers = :either)
        @tools = tools
        @shape = shape
        @seam = seam
        @numbers = numbers
      end

      # Of the marks that make the patch the one that is easiest to find, if need be among numbers that
      # are read as the maker does.
      # @return [Mark, nil]
      def exact
        exacts.min_by { |mark| [mark.reads == @numbers ? 0 : 1, mark.main ? 0 : 1] }
      end

      # @return [Array<Mark>] every mark that makes the patch
      def exacts
        @exacts ||= own.flat_map { |tool| tool.marks_making(@shape) } + resewn.select { |mark| mark.shape == @shape }
      end

      # @return [Mark, nil] the nearest smaller
      def below
        neighbours.first.max_by(&:finished)
      end

      # @return [Mark, nil] the nearest larger
      def above
        neighbours.last.min_by(&:finished)
      end

      # @return [Array<Mark>] the exact one, or the nearest on either side
      def nearest
        exact ? [exact] : [below, above].compact
      end

      # @return [Array<Tool>] those that would make the patch, were they made for this seam allowance
      def made_for_other_seam
        others.select { |tool| tool.makes?(@shape.kind) }
      end

      private

      def own
        @own ||= @tools.select { |tool| tool.made_for_seam == @seam }
      end

      def others
        @others ||= @tools - own
      end

      # The nearest marks of every tool on either side; none for a shape whose size is not one number.
      def neighbours
        @neighbours ||= @shape.finished.is_a?(Numeric) ? nearest_marks : [[], []]
      end

      def nearest_marks
        sewn = resewn.select(&:measured?).partition { |mark| mark.finished < @shape.finished }
        pairs = own.map { |tool| tool.nearest(@shape) }
        [pairs.filter_map(&:first) + sewn.first, pairs.filter_map(&:last) + sewn.last]
      end

      # Squares and rectangles made for another allowance still come out right: only they finish at another size.
      # Whatever has a slanted edge does not.
      def resewn
        return [] unless RESEWN.include?(@shape.kind)

        @resewn ||= others.select(&:made_for_seam).flat_map do |tool|
          tool.marks.select { |mark| mark.makes == @shape.kind }.filter_map { |mark| with_seam(mark, 2 * (tool.made_for_seam - @seam)) }
        end
      end

      def with_seam(mark, more)
        finished = mark.finished.is_a?(Array) ? mark.finished.map { |side| side + more } : mark.finished + more
        return unless [finished].flatten.all?(&:positive?)

        Mark.new(**mark.to_h, finished: finished, shape: mark.shape.class.new(finished))
      end
    end
  end
end
