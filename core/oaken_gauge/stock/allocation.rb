# frozen_string_literal: true

module OakenGauge
  module Stock
    # What a cut takes from stock. Areas in square inches.
    #
    # - consumed: fabric taken
    # - offcut: fabric that goes back to the shelf
    # - taken: how many strips, precuts, scraps or blanks
    # - strips: [[width, count]]
    # - sheets: pictures of what was taken, see {Sheet}
    # - short: nil, or a {Problem} that says what the stock cannot give
    # - cut_strips: of sheets, how many strips of each width are cut from them: {width => count}; nil elsewhere
    # - subcuts: of sheets, how many cuts part the pieces; nil where every piece takes one
    # - squared: of sheets, how many have their edges squared up; nil where all do
    # - off_grain: true where blanks could only be had with their length across the grain
    # - blanks: true where blanks for a die were counted, and not what they come from
    Allocation = Struct.new(:consumed, :offcut, :taken, :strips, :sheets, :short, :cut_strips, :subcuts, :squared, :off_grain,
                            :blanks, keyword_init: true) do
      # @return [Rational, nil] inches, the width of the strips taken; nil when none were
      def strip
        strips.first&.first
      end

      # @param problem [Problem]
      # @return [Allocation] one that could not be made
      def self.refused(problem)
        new(consumed: 0, offcut: 0, taken: 0, strips: [], sheets: [], short: problem)
      end
    end
  end
end
