# frozen_string_literal: true

module OakenGauge
  module Stock
    # Fabric in rectangles that are taken whole: precut squares, fat quarters, scraps.
    #
    # @abstract A form declares its sizes and gives {#rectangles}.
    class SheetGoods < Fabric
      # Cuts share sheets; blanks for a die are looked at apart.
      # @return [Hash{Piece, Run, Blank => Allocation}]
      def allocate_all(cuts, measure = :inch)
        blanks, others = cuts.partition(&:die)
        Sheets::SheetAllocations.new(self, others, measure).call.tap do |taken|
          blanks.each { |cut| taken[cut] = blanks(cut, measure) }
        end
      end

      # More sizes of sheet than every order of cuts, and blocks beside blocks, are tried on.
      MANY_SIZES = 60

      # @return [Boolean]
      def many_sizes?
        rectangles.size > MANY_SIZES
      end

      # @return [Array] widths and counts of strips that were taken: none
      def strips_of(_taken)
        []
      end

      # @return [Boolean] strips are cut from a sheet before anything else
      def cut_to_width?(_needed)
        true
      end

      # @return [Boolean] whether the rest of a sheet is cut off across before anything else
      def crosscut_first?
        false
      end

      # @param cut [Piece, Run]
      # @return [Problem] why none of it fits
      def too_small_for(cut, measure)
        Problem.new(code: :precut_too_small, say: "No piece fits on the #{called(measure)} of #{cut.role}. " \
                                                  "Use a larger cut of fabric, or a method that cuts smaller.")
      end

      # @return [Integer, nil] pieces; nil where nobody says
      def holds
        rectangles.sum(&:last) unless rectangles.any? { |rectangle| rectangle.last.nil? }
      end

      # @param allocations [Array<Allocation>]
      # @return [Integer] pieces that they take
      def takes(allocations)
        allocations.sum(&:taken)
      end

      # @param amount [Integer] pieces
      # @return [String]
      def amount_words(amount, _measure)
        "#{amount} #{amount == 1 ? one_piece : "#{one_piece}s"}"
      end

      private

      def one_piece
        self.class::COUNTED
      end

      def blanks(cut, measure)
        Sheets::Blanks.new(self, cut, measure).allocation
      end
    end
  end
end
