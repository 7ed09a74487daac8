# frozen_string_literal: true

module OakenGauge
  module Planning
    # Strips as columns of a program: how many of each kind one makes.
    module Columns
      class << self
        # @param strips [Array<Strip>]
        # @return [Hash] the matrix, column by column, as HiGHS takes it
        def matrix(strips)
          WholeNumbers.matrix(columns(strips))
        end

        # Whole strips of those there are, by branch and bound within a counted budget.
        #
        # @param strips [Array<Strip>]
        # @param wanted [Array<Integer>]
        # @param nodes [Integer]
        # @return [Array<Strip>, nil] nil where none was found
        def whole(strips, wanted, nodes:)
          counts = WholeNumbers.least(costs: strips.map(&:width), columns: columns(strips),
                                      rows: wanted.map { |count| [count, WholeNumbers::ENDLESS] }, nodes: nodes)
          counts && strips.zip(counts).reject { |_, count| count.zero? }.map { |strip, count| strip.with(times: count) }
        end

        private

        def columns(strips)
          strips.map { |strip| strip.tally.sort.to_h }
        end
      end
    end
  end
end
