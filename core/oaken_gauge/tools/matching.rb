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
        @exacts ||= usable.select { |mark| mark.shape == @shape }
      end

      # @return [Mark, nil] the nearest smaller
      def below
        measured.select { |mark| mark.finished < @shape.finished }.max_by(&:finished)
      end

      # @return [Mark, nil] the nearest larger
      def above
        measured.select { |mark| mark.finished > @shape.finished }.min_by(&:finished)
      end

      # @return [Array<Mark>] the exact one, or the nearest on either side
      def nearest
        exact ? [exact] : [below, above].compact
      end

      # @return [Array<Tool>] those that would make the patch, were they made for this seam allowance
      def made_for_other_seam
        @tools.select { |tool| tool.made_for_seam != @seam && tool.marks.any? { |mark| mark.makes == @shape.kind } }
      end

      private

      def usable
        @usable ||= begin
          own, others = @tools.partition { |tool| tool.made_for_seam == @seam }
          (own.flat_map(&:marks) + others.flat_map { |tool| resewn(tool) }).select { |mark| mark.makes == @shape.kind && mark.shape }
        end
      end

      # Squares and rectangles made for another allowance still come out right: only they finish at
      # another size. Whatever has a slanted edge does not.
      def resewn(tool)
        return [] unless tool.made_for_seam && RESEWN.include?(@shape.kind)

        tool.marks.select { |mark| mark.makes == @shape.kind }.filter_map { |mark| with_seam(mark, 2 * (tool.made_for_seam - @seam)) }
      end

      def with_seam(mark, more)
        finished = mark.finished.is_a?(Array) ? mark.finished.map { |side| side + more } : mark.finished + more
        return unless [finished].flatten.all?(&:positive?)

        mark.dup.tap do |moved|
          moved.finished = finished
          moved.shape = mark.shape.class.new(finished)
        end
      end

      def measured
        @shape.finished.is_a?(Numeric) ? usable.select(&:measured?) : []
      end
    end
  end
end
