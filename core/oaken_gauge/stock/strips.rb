# frozen_string_literal: true

module OakenGauge
  module Stock
    # Strips already cut to one width: long narrow sheets, which may hold several rows.
    class Strips < SheetGoods
      # What is taken of it is counted in these.
      COUNTED = "strip"

      length :width, default: nil, most: 200, label: "Width of a strip"
      length :usable_length, as: :strip_length, default: Yardage::DEFAULT_USABLE_WIDTH, most: 10_000, label: "Usable length"
      integer :count, within: 1..100_000, default: nil, label: "How many"
      common
      rule(:width, :pieced, say: "is missing",
                            schema: { "anyOf" => [{ "required" => ["width"] }, { "required" => ["pieced"] }] }) { |*either| either.any? }

      # @return [Strips]
      def sized(seam)
        width ? self : with(width: pieced.width(seam))
      end

      # @param across [Rational] inches a strip must be wide
      # @return [Rational, nil] the strips' own width; nil when they are too narrow
      def strip_for(across)
        width if across <= width
      end

      # @return [Integer, nil]
      def strips_in_stock(_width)
        count
      end

      # @return [Array] width, length and count of each size
      def rectangles
        [[width, strip_length, count]]
      end

      # @return [String] for the words of a refusal
      def called(measure)
        "#{Length.new(width, measure)} strips"
      end

      # @param taken [Array<Sheets::Taken>]
      # @return [Array] widths and counts of strips that were taken
      def strips_of(taken)
        taken.empty? ? [] : [[width, taken.sum(&:repeats)]]
      end

      # @return [Boolean] whether strips still have to be cut to their width
      def cut_to_width?(needed)
        needed < width
      end

      # A strip is crosscut where its pieces end: the rest of it stays a strip.
      # @return [Boolean]
      def crosscut_first?
        true
      end

      # @param cut [Piece, Run]
      # @return [Problem] why none of it fits on a strip
      def too_small_for(cut, measure)
        cut.rows(self, measure).too_large
      end

      private

      # Blanks lie with their length along the grain where they can, as on strips of the bolt.
      def blanks(cut, measure)
        cut.rows(self, measure).allocation
      end
    end
  end
end
