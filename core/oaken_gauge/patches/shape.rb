# frozen_string_literal: true

module OakenGauge
  module Patches
    # The shape of one patch, by itself: its finished outline with the long edge level, as it would
    # lie along a strip. What it measures when cut follows from pushing that outline outward.
    #
    # @abstract A kind of patch gives {#outline}, and says how it is cut from a square or rectangle if
    #   it can be.
    class Shape
      # Lines across a piece in parts of its sides, for drawings.
      DIAGONAL = [[[0, 0], [1, 1]]].freeze
      BOTH_DIAGONALS = [[[0, 0], [1, 1]], [[0, 1], [1, 0]]].freeze

      # One shape is cut by many methods.
      OUTLINES = Memo.new(500)
      STRIP_OUTLINES = Memo.new(500)
      private_constant :OUTLINES, :STRIP_OUTLINES

      # @return [Numeric, Array<Numeric>] the finished measure the kind is named by, in inches
      attr_reader :finished

      class << self
        include Offered

        # @return [Symbol] the name of this kind in documents
        def kind
          @kind ||= Naming.snake(name).to_sym
        end

        # @overload title(words)
        #   Declares what such a patch is called, where that is not its kind.
        # @return [String]
        def title(words = nil)
          @title = words if words
          @title || kind.to_s
        end
      end

      def initialize(finished)
        @finished = finished
      end

      # @return [Symbol]
      def kind
        self.class.kind
      end

      # @return [String]
      def title
        self.class.title
      end

      # @param seam [Numeric] the seam allowance, inches
      # @return [Polygon] as cut with every tip sharp
      def cut_outline(seam)
        OUTLINES.fetch([self, seam]) { outline.offset(seam) }
      end

      # The finished outline in each way it may lie along a strip.
      # @return [Array<Polygon>]
      def lying
        [outline]
      end

      # As cut from a strip that is as wide as the patch is high with its allowance: the strip's edge
      # has blunted whatever tip runs past it.
      #
      # @param seam [Numeric] inches
      # @return [Polygon]
      def strip_outline(seam)
        strip_outlines(seam).first
      end

      # @param seam [Numeric] inches
      # @return [Array<Polygon>] for each way to lie
      def strip_outlines(seam)
        STRIP_OUTLINES.fetch([self, seam]) { lying.map { |outline| cut_from_strip(outline, seam).settle } }
      end

      # @param lying [Polygon] the finished outline as it lies
      # @param seam [Numeric] inches
      # @return [Polygon] as cut, where it lies
      def cut_from_strip(lying, seam)
        _, _, low, high = lying.bounds
        (lying == outline ? cut_outline(seam) : lying.offset(seam)).between(low - seam, high + seam)
      end

      # @param seam [Numeric] inches
      # @return [Band]
      def band(seam)
        _, _, low, high = lying.first.bounds
        Band.new(outline: lying.first, low: low - seam, high: high + seam)
      end

      # @param seam [Numeric] inches
      # @return [Numeric] the strip that holds it, inches
      def strip_width(seam)
        outline.height + (2 * seam)
      end

      # @return [Boolean] whether a rotary cutter gets it from squares or rectangles
      def rotary?
        !per_piece.nil?
      end

      # @param seam [Numeric] inches
      # @return [Array(Numeric, Numeric)] exact height and width of the piece it is cut from
      def piece_size(seam)
        width = cut_outline(seam).width
        [width, width]
      end

      # @return [Integer, nil] patches from one piece
      def per_piece
        nil
      end

      # @return [Symbol, nil] how a piece is cut further
      def piece_then
        nil
      end

      # @return [Array] lines that a piece is cut along
      def piece_marks
        []
      end

      # @return [Boolean] same kind, same size
      def ==(other)
        other.class == self.class && other.finished == finished
      end
      alias eql? ==

      # @return [Integer]
      def hash
        @hash ||= [self.class, finished].hash
      end
    end
  end
end
