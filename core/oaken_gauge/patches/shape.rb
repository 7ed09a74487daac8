# frozen_string_literal: true

module OakenGauge
  module Patches
    # The shape of one patch, by itself: its finished outline with the long edge level, as it would
    # lie along a strip. What it measures when cut follows from pushing that outline outward.
    #
    # @abstract A kind of patch gives {#outline} and says how a square or rectangle is cut into it.
    class Shape
      # @return [Numeric] the finished measure the kind is named by, in inches
      attr_reader :finished

      class << self
        # @return [Symbol] the name of this kind in documents
        def kind
          @kind ||= Naming.snake(name).to_sym
        end
      end

      def initialize(finished)
        @finished = finished
      end

      # @return [Symbol]
      def kind
        self.class.kind
      end

      # @param seam [Numeric] the seam allowance, inches
      # @return [Polygon] as cut with every tip sharp
      def cut_outline(seam)
        outline.offset(seam)
      end

      # As cut from a strip that is as wide as the patch is high with its allowance: the strip's edge
      # has blunted whatever tip runs past it.
      #
      # @param seam [Numeric] inches
      # @return [Polygon]
      def strip_outline(seam)
        _, _, low, high = outline.bounds
        cut_outline(seam).between(low - seam, high + seam)
      end

      # @param seam [Numeric] inches
      # @return [Numeric] the strip that holds it, inches
      def strip_width(seam)
        outline.height + (2 * seam)
      end

      # @param seam [Numeric] inches
      # @return [Array(Numeric, Numeric)] exact height and width of the piece it is cut from
      def piece_size(seam)
        width = cut_outline(seam).width
        [width, width]
      end

      # How a piece of {#piece_size} is cut further: what is done, and how many patches come out.
      # @return [Symbol, nil]
      def piece_then
        self.class::PIECE_THEN
      end

      # @return [Integer] patches from one piece
      def per_piece
        self.class::PER_PIECE
      end

      # @return [Boolean] same kind, same size
      def ==(other)
        other.class == self.class && other.finished == finished
      end
      alias eql? ==

      # @return [Integer]
      def hash
        [self.class, finished].hash
      end
    end
  end
end
