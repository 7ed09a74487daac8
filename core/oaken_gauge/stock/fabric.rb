# frozen_string_literal: true

module OakenGauge
  module Stock
    # One fabric in the form in which the maker has it. Cloth is taken in whole strips, one row of
    # pieces to a strip, so that two people get the same numbers.
    #
    # @abstract A form gives {#strip_for} and {#strips_in_stock}, and what it is called.
    class Fabric
      CLOTHS = %w[cotton flannel batik].freeze
      # What every form may say besides its own sizes.
      COMMON = %w[directional cloth starched].freeze

      # @return [Symbol] cotton, flannel or batik
      attr_reader :cloth

      def initialize(cloth: :cotton, directional: false, starched: false)
        @cloth = cloth
        @directional = directional
        @starched = starched
      end

      # @param node [Documents::Node]
      # @return [Hash] the common keywords for a form's constructor
      def self.common(node)
        { cloth: node.choice("cloth", CLOTHS, default: "cotton").to_sym,
          directional: node.flag("directional"), starched: node.flag("starched") }
      end

      # @return [Boolean] a print that may not be turned
      def directional?
        @directional
      end

      # @return [Boolean]
      def starched?
        @starched
      end

      # @param cut [Piece, Run, Blank]
      # @param measure [Symbol] unit of measure for the words of a refusal
      # @return [Allocation]
      def allocate(cut, measure = :inch)
        case cut
        when Piece then Rows::PieceRows.new(self, cut, measure).allocation
        when Run then Rows::RunRows.new(self, cut, measure).allocation
        when Blank then Rows::BlankRows.new(self, cut, measure).allocation
        end
      end

      # What several cuts want of one stock when it cannot give them all.
      #
      # @param role [Symbol]
      # @param allocations [Array<Allocation>]
      # @return [Problem, nil]
      def shortage(role, allocations, measure = :inch)
        missing = missing_for(allocations)
        return unless missing&.positive?

        say = "All cuts from the #{role} together take #{missing_words(missing, measure)} more than the stock gives. "
        Problem.new(code: :short, say: "#{say}Find more, or make fewer.")
      end

      # @return [Hash] the common keys, where they say something
      def common_document
        { "cloth" => (cloth.to_s unless cloth == :cotton), "directional" => directional? || nil,
          "starched" => starched? || nil }.compact
      end
    end
  end
end
