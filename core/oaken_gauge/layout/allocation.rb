# frozen_string_literal: true

module OakenGauge
  module Layout
    # What a cut takes from stock. Areas in square inches.
    #
    # - consumed: fabric taken
    # - offcut: fabric that goes back to the shelf
    # - taken: how many strips, precuts, scraps or blanks
    # - opened: the same as the fabric counts what it holds: inches off a bolt, or sheets
    # - strips: [[width, count]]
    # - sheets: [Sheet] that were taken
    # - short: nil, or a {Problem} that says what the stock cannot give
    # - cut_strips: how many strips of each width are cut for it: {width => count}
    # - subcuts: how many cuts part its pieces
    # - squared: how many sheets or strips have their edges squared up
    # - off_grain: true where blanks lie with their length across the grain
    # - rows: [[Row, Sheet]], its pieces as they lie, on sheets of its own or another cut's
    # - blanks: true where blanks for a die were counted, and not what they come from
    Allocation = Struct.new(:consumed, :offcut, :taken, :opened, :strips, :sheets, :short, :cut_strips, :subcuts, :squared, :off_grain,
                            :rows, :blanks, keyword_init: true) do
      # @return [Rational, nil] inches, the width of the strips taken; nil when none were
      def strip
        strips.first&.first
      end

      # @return [Boolean] whether strips are cut for it, rather than there already; a strip of another cut's was cut too
      def cut_to_width?
        cut_strips.any?
      end

      # @param cut [Cut]
      # @param problem [Problem]
      # @return [Allocation] one that could not be made, with the cuts it would have been
      def self.refused(cut, problem)
        new(consumed: 0, offcut: 0, taken: 0, opened: 0, strips: [], sheets: [], short: problem, cut_strips: { cut.least_width => 0 },
            subcuts: cut.count, squared: 0, rows: [])
      end
    end
  end
end
