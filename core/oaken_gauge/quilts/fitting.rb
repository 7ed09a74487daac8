# frozen_string_literal: true

module OakenGauge
  module Quilts
    # How many blocks across and down cover a bed, a lap or a wall: the fewest that come out no smaller than is wanted.
    #
    # @example A bed of 54 × 75 with 12 hanging over at both sides and the foot is 78 × 87
    #   Fitting.new(setting, [12r, 12r], [78r, 87r]).across   # => 7
    class Fitting
      MOST = 100

      # What a quilt is made for. - width, length, drop: inches; what hangs over at both sides and the foot
      Place = Struct.new(:name, :width, :length, :drop, keyword_init: true) do
        # @return [Array(Rational, Rational)] width and length of the quilt
        def quilt
          [width + (2 * drop), length + drop]
        end
      end

      # To begin with; each can be typed over.
      PLACES = [["A wall", 36r, 36r, 0r], ["A lap", 54r, 66r, 0r], ["A cot", 28r, 52r, 6r], ["A single bed", 39r, 75r, 12r],
                ["A double bed", 54r, 75r, 12r], ["A wide double bed", 60r, 80r, 12r], ["A very wide bed", 76r, 80r, 12r]]
               .map { |name, width, length, drop| Place.new(name: name, width: width, length: length, drop: drop) }.freeze

      # @param setting [Blocks::Setting] its across and down do not matter
      # @param block [Array(Rational, Rational)] finished width and height, inches
      # @param wanted [Array(Rational, Rational)] width and length, inches
      def initialize(setting, block, wanted)
        @setting = setting
        @block = block
        @wanted = wanted
      end

      # @return [Integer, nil] nil where {MOST} are too few
      def across
        fewest { |count| size(count, 2).first >= @wanted.first }
      end

      # @return [Integer, nil]
      def down
        fewest { |count| size(2, count).last >= @wanted.last }
      end

      # @return [Array(Numeric, Numeric), nil] width and length that this comes to, inches
      def finished
        size(across, down) if across && down
      end

      private

      def fewest(&)
        (Layout.least(@setting)..MOST).find(&)
      end

      def size(across, down)
        layout = Layout.of(@setting.with(across: across, down: down), @block)
        layout.size.map { |side| side + (2 * @setting.borders.sum(&:width)) }
      end
    end
  end
end
