# frozen_string_literal: true

module OakenGauge
  module Stock
    # One fabric in the form in which the maker has it. The bolt is cut in whole strips, one row of pieces to a strip;
    # what comes in sheets is cut from edge to edge, see {Sheets}.
    #
    # @abstract A form gives {#strip_for} and {#strips_in_stock}, how much it {#holds} and what cuts {#takes take} of that,
    #   and what it is called.
    class Fabric
      include Documents::Record

      CLOTHS = %w[cotton flannel batik].freeze

      # Strips sewn side by side, from edge to edge: the width of each as cut, and its colour.
      class Pieced
        include Documents::Record

        list :strips, Documents::Measures::Size.new(most: 200), within: 2..40, label: "Widths of its strips"
        list :colors, Documents::Scalars::Text.new(most: 40), within: 2..40, label: "Colours of its strips"
        rule(:colors, :strips, say: "has another number than strips: allowed is one colour a strip") do |colors, strips|
          colors.size == strips.size
        end

        # @param seam [Rational] inches
        # @return [Rational] inches, with an allowance taken up on either side of each seam
        def width(seam)
          strips.sum - (2 * seam * (strips.size - 1))
        end
      end

      class << self
        # @return [String] its name in documents
        def kind
          @kind ||= Naming.snake(name)
        end

        # @return [String] what it is called
        def title
          kind.tr("_", " ").capitalize
        end

        private

        # Declares what every form may say besides its own sizes.
        def common
          flag :directional, label: "A print that may not be turned"
          choice :cloth, CLOTHS, default: :cotton, label: "Kind"
          flag :starched, label: "Starched"
          flag :prewashed, label: "Prewashed"
          integer :shade, within: 1..5, default: nil, label: "Light to dark, 1 to 5"
          number :price, within: 0..100_000, default: nil, label: "Price"
          text :currency, most: 8, default: nil, label: "Currency"
          nested :pieced, Pieced, default: nil, label: "Sewn from strips"
        end
      end

      tag "form"

      # @param _seam [Rational] the allowance it is used with, inches
      # @return [Fabric] with the width that follows from its strips, where it is sewn from some
      def sized(_seam)
        self
      end

      # @return [Boolean] a print that may not be turned
      def directional?
        directional
      end

      # @return [Boolean]
      def starched?
        starched
      end

      # @param cut [Piece, Run, Blank]
      # @param measure [Symbol] unit of measure for the words of a refusal
      # @return [Allocation]
      def allocate(cut, measure = :inch)
        allocate_all([cut], measure).fetch(cut)
      end

      # @return [Boolean] whether it comes in so many sizes that to lay anything out on them takes long
      def many_sizes?
        false
      end

      # What all cuts of a method take, so that nothing is taken twice.
      #
      # @param cuts [Array<Piece, Run, Blank>]
      # @return [Hash{Piece, Run, Blank => Allocation}] by identity
      def allocate_all(cuts, measure = :inch)
        blanks, others = cuts.partition(&:die)
        laid = others.zip(Rows::SharedRows.new(others.map { |cut| cut.rows(self, measure) }).allocations)
        apart = blanks.map { |cut| [cut, cut.rows(self, measure).allocation] }
        (laid + apart).each_with_object({}.compare_by_identity) { |(cut, allocation), taken| taken[cut] = allocation }
      end

      # @param allocation [Allocation]
      # @return [String] what one of the things it counts is called
      def counted(allocation)
        allocation.blanks ? "blank" : self.class::COUNTED
      end

      # What several cuts want of one stock when it cannot give them all.
      #
      # @param role [Symbol]
      # @param allocations [Array<Allocation>]
      # @return [Problem, nil]
      def shortage(role, allocations, measure = :inch)
        missing = holds ? takes(allocations) - holds : 0
        return unless missing.positive?

        say = "All cuts from the #{role} together take #{amount_words(missing, measure)} more than the stock gives. "
        Problem.new(code: :short, say: "#{say}Find more, or make fewer.")
      end
    end
  end
end
