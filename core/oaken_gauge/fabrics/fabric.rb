# frozen_string_literal: true

module OakenGauge
  module Fabrics
    # One fabric in the form in which the maker has it: rectangles that are taken whole, and cut from edge to edge.
    #
    # @abstract A form declares its sizes and gives {#rectangles} and what it is {#called}; what is cut to length, as strips
    #   of a bolt, says how.
    class Fabric
      include Documents::Record
      include AsSheets

      CLOTHS = %w[cotton flannel batik].freeze

      class << self
        include Offered

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
        def besides
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

      # What all cuts of a method take, so that nothing is taken twice.
      #
      # @param cuts [Array<Layout::Cut>]
      # @param measure [Symbol] unit of measure for the words of a refusal
      # @return [Hash{Layout::Cut => Layout::Allocation}] by identity
      def allocate_all(cuts, measure = :inch)
        Layout::Allocations.new(self, cuts, measure).call
      end

      # @param allocation [Layout::Allocation]
      # @return [String] what one of the things it counts is called
      def counted(allocation)
        allocation.blanks ? "blank" : self.class::COUNTED
      end

      # @param allocations [Array<Layout::Allocation>]
      # @return [Numeric] how much of it they take, as it {#holds} it
      def takes(allocations)
        allocations.sum(&:opened)
      end

      # What several cuts want of one stock when it cannot give them all.
      #
      # @param role [String, Symbol] whose cuts they are
      # @param allocations [Array<Layout::Allocation>]
      # @return [Problem, nil]
      def shortage(role, allocations, measure = :inch)
        missing = holds ? takes(allocations) - holds : 0
        return unless missing.positive?

        say = "All cuts from the #{role} together take #{amount_words(missing, measure)} more than the stock gives. "
        Problem.new(code: :short, say: "#{say}Find more, or make fewer.")
      end

      # @return [Boolean] whether strips are cut from it as wide as they are wanted
      def bolt?
        false
      end

      # @param cut [Layout::Cut]
      # @return [Problem] why none of it fits
      def too_small_for(cut, measure)
        Problem.new(code: :precut_too_small, say: "No piece fits on the #{called(measure)} of #{cut.role}. " \
                                                  "Use a larger cut of fabric, or a method that cuts smaller.")
      end

      # @return [String, nil] what of a cut it cannot give
      def short(cut, _sheets, missing, measure)
        return if missing.zero?

        "The #{called(measure)} of #{cut.role} give #{cut.count - missing} of #{cut.count} pieces: " \
          "#{missing} #{Saying.is(missing)} missing. Find more, or make fewer."
      end

      # @return [Integer, nil] sheets; nil where nobody says
      def holds
        rectangles.sum(&:last) unless rectangles.any? { |rectangle| rectangle.last.nil? }
      end

      # @param sheets [Array<Layout::Sheet>]
      # @return [Integer] how many they are
      def amount(sheets)
        sheets.sum(&:repeats)
      end

      # @param amount [Integer] sheets
      # @return [String]
      def amount_words(amount, _measure, **)
        "#{amount} #{self.class::COUNTED}#{'s' unless amount == 1}"
      end
    end
  end
end
