# frozen_string_literal: true

module OakenGauge
  module Templates
    # A sheet of paper, and how a template comes to lie on as few of them as it takes: upright, turned a quarter round, or
    # over several sheets that overlap and are glued together.
    class Paper
      # One sheet. - left, low: what of the template stands at the lower left corner of the printed area, inches;
      # - column, row: from 1, from the lower left; - columns, rows: of all
      Page = Struct.new(:pattern, :left, :low, :column, :row, :columns, :rows, keyword_init: true) do
        # @return [String, nil] which of several sheets it is
        def words
          return if columns * rows == 1

          "Sheet #{column} from the left, #{row} from below, of #{columns} × #{rows}: lay them over one another by half an inch."
        end
      end

      # What a printer leaves white at each edge, what the words and the check square take, and what two sheets share.
      MARGIN = 1/2r
      WORDS = 7/4r
      OVERLAP = 1/2r
      # More sheets than anybody glues together.
      MOST = 36

      # @return [String] what it is called
      attr_reader :name
      # @return [Rational] inches
      attr_reader :width, :height

      # Inches; A4 is 210 × 297 mm.
      SIZES = { "letter" => ["Letter", 17/2r, 11r], "a4" => ["A4", 2100/254r, 2970/254r] }.freeze

      # @param name [String] "letter" or "a4"
      # @return [Paper, nil]
      def self.called(name)
        SIZES.key?(name) ? new(*SIZES.fetch(name)) : nil
      end

      def initialize(name, width, height)
        @name = name
        @width = width
        @height = height
        freeze
      end

      # @return [Array(Rational, Rational)] width and height that a template may take on it, inches
      def room
        [width - (2 * MARGIN), height - (2 * MARGIN) - WORDS]
      end

      # @param pattern [Pattern]
      # @return [Array<Page>] none where it would take more sheets than anybody glues together
      def pages(pattern)
        lying = [pattern, pattern.turned].min_by { |way| grid(way).inject(:*) }
        columns, rows = grid(lying)
        return [] if columns * rows > MOST

        Array.new(rows) { |row| Array.new(columns) { |column| page(lying, column, row, columns, rows) } }.flatten
      end

      private

      # Sheets side by side, and above one another.
      def grid(pattern)
        [pattern.width, pattern.height].zip(room).map { |side, space| sheets(side, space) }
      end

      def sheets(side, space)
        side <= space + Plane::SAME ? 1 : ((side - OVERLAP) / (space - OVERLAP)).ceil
      end

      def page(pattern, column, row, columns, rows)
        across, up = room.map { |space| space - OVERLAP }
        Page.new(pattern: pattern, left: column * across, low: row * up, column: column + 1, row: row + 1, columns: columns, rows: rows)
      end
    end
  end
end
