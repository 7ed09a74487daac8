# frozen_string_literal: true

require "numo/narray"

module OakenGauge
  module Weighing
    # How much each measure of a unit moves for each error, inches for an inch, found by putting each off
    # a little while nothing else is, all at the same time. That depends on the way of making the unit and
    # on its shape, not on its size or on the maker, so what was found is kept while a fence is dragged.
    module Sensitivities
      # How far an error is put off to see what moves, inches.
      NUDGE = 1e-3
      # Ways and shapes that are kept; a drawer and a quilt need far fewer.
      KEPT = Memo.new(500)
      private_constant :KEPT

      class << self
        # @param way [Methods::Method]
        # @param construction [#call]
        # @param sources [Array<Construction::Source>]
        # @return [Hash{Symbol => Array<Array<Float>>}] for sizes, points and slack: a row for each measure, in it
        #   a number for each source
        def of(way, construction, sources)
          key = [way.class, shape(way), sources.map { |source| [source.step, source.kind] }]
          KEPT.fetch(key) { find(construction, sources, way.task.maker.profile) }
        end

        private

        # A kite is cut from a square together with its allowance, so with a kite the allowance counts too.
        def shape(way)
          kite = way.unit.shapes.any? { |one| one.kind == :kite }
          [way.unit.proportions, (way.seam / way.unit.side_lengths.max.to_f if kite)]
        end

        def find(construction, sources, profile)
          made = construction.call(Construction::Draws.new(profile, nudges(sources.size)))
          %i[sizes points slack].to_h { |name| [name, made[name].map { |row| read(row, sources.size) }] }
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
