# frozen_string_literal: true

require "highs"

module OakenGauge
  module Planning
    # Strips as columns of a program: how many of each kind one makes.
    module Columns
      class << self
        # @param strips [Array<Strip>]
        # @return [Hash] the matrix, column by column, as HiGHS takes it
        def matrix(strips)
          tallies = strips.map { |strip| strip.tally.sort }
          starts = tallies.each_with_object([0]) { |tally, list| list << (list.last + tally.size) }
          { a_start: starts.first(strips.size), a_index: tallies.flat_map { |tally| tally.map(&:first) },
            a_value: tallies.flat_map { |tally| tally.map { |_, count| count.to_f } } }
        end

        # Whole strips of those there are, by branch and bound within a counted budget.
        #
        # @param strips [Array<Strip>]
        # @param wanted [Array<Integer>]
        # @param nodes [Integer]
        # @return [Array<Strip>, nil] nil where none was found
        def whole(strips, wanted, nodes:)
          endless = Relaxation::ENDLESS
          model = Highs.mip(sense: :minimize, a_format: :colwise, col_cost: strips.map { |strip| strip.width.to_f },
                            col_lower: [0.0] * strips.size, col_upper: [endless] * strips.size, row_lower: wanted.map(&:to_f),
                            row_upper: [endless] * wanted.size, integrality: [1] * strips.size, **matrix(strips))
          chosen = strips.zip(run(model, nodes)).flat_map { |strip, count| [strip] * count }
          chosen if enough?(chosen, wanted)
        end

        private

        def run(model, nodes)
          { mip_max_nodes: nodes, threads: 1, random_seed: 1 }.each do |name, value|
            Highs::FFI.Highs_setIntOptionValue(model.to_ptr, +name.to_s, value)
          end
          model.solve[:col_value].map { |share| [share.round, 0].max }
        end

        def enough?(strips, wanted)
          made = strips.map(&:tally).reduce({}) { |all, tally| all.merge(tally) { |_, one, other| one + other } }
          wanted.each_with_index.all? { |count, kind| made.fetch(kind, 0) >= count }
        end
      end
    end
  end
end
