# frozen_string_literal: true

require "numo/narray"

module OakenGauge
  module Weighing
    # How much each measure of a unit moves for each error, inches for an inch, found by putting each off
    # a little while nothing else is, all at the same time. That depends on the way of making the unit, on its
    # shape and, where it is cut from squares, on its size, but not on the maker: what was found is kept.
    module Sensitivities
      # How far an error is put off to see what moves, inches.
      NUDGE = 1e-3
      # Ways and shapes that are kept; a drawer and a quilt need far fewer.
      KEPT = Memo.new(3000)
      private_constant :KEPT

      # What was found: for sizes, points and slack a row for each measure, in it a number for each source. What is kept is
      # compared by identity.
      class Found
        # @return [Array<Array<Float>>]
        attr_reader :sizes, :points, :slack

        def initialize(sizes, points, slack)
          @sizes = sizes
          @points = points
          @slack = slack
          freeze
        end

        # @return [Array] all of it
        def to_a
          [sizes, points, slack]
        end
      end

      class << self
        # @param way [Methods::Method]
        # @param construction [#call]
        # @param sources [Array<Construction::Source>]
        # @return [Found]
        def of(way, construction, sources)
          key = [way.class, shape(way), sources.map { |source| [source.step, source.kind] }]
          KEPT.fetch(key) { find(construction, sources, way.task.maker.profile) }
        end

        private

        # What is cut out of a piece may lean, by its length and its allowance; other patches are alike at every size.
        def shape(way)
          pieces = way.cuts.filter_map(&:subcut)
          [way.unit.proportions, pieces, ([way.unit.side_lengths, way.seam, way.deeper] unless pieces.empty?)]
        end

        def find(construction, sources, profile)
          made = construction.call(Construction::Draws.new(profile, nudges(sources.size)))
          Found.new(*%i[sizes points slack].map { |name| made[name].map { |row| read(row, sources.size) } })
        end

        # A row for each source: first nothing off, then in turn each source alone.
        def nudges(count)
          Array.new(count) { |i| Numo::DFloat.zeros(count + 1).tap { |row| row[i + 1] = NUDGE } }
        end

        # A measure that nothing moves is a plain number. Rounded well above what the middle of the fabric adds
        # in {Construction::Trimming}, so that it comes out alike from whichever size it was found for.
        def read(row, count)
          return [0.0] * count unless row.is_a?(Numo::NArray)

          ((row[1..] - row[0]) / NUDGE).to_a.map { |share| share.round(6) }
        end
      end
    end
  end
end
