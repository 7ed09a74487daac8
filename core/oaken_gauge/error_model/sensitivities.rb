# frozen_string_literal: true

module OakenGauge
  module ErrorModel
    # How much each measure of a unit moves for each error, inches for an inch: the unit is made once with errors that
    # are told as what they move ({Construction::Linear}). That depends on the way of making the unit, on its
    # shape and, where it is cut from squares, on its size, but not on the maker: what was found is kept.
    module Sensitivities
      # Ways and shapes that are kept; a drawer and a quilt need far fewer.
      KEPT = Memo.new(3000)
      private_constant :KEPT

      # What was found: for sizes, points and slack a row for each measure, in it a number for each source; rows that are
      # alike are one. What is kept is compared by identity.
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
          key = [way.class, shape(way), sources.map(&:step), sources.map(&:kind)]
          KEPT.fetch(key) { find(construction, sources, way.task.maker.profile) }
        end

        private

        # What is cut out of a piece may lean, by its length and its allowance; other patches are alike at every size.
        def shape(way)
          pieces = way.cuts.filter_map(&:subcut)
          [way.unit.proportions.object_id, pieces, ([way.unit.side_lengths, way.seam, way.deeper] unless pieces.empty?)]
        end

        def find(construction, sources, profile)
          made = construction.call(Construction::Draws.new(profile, errors(sources.size)))
          alike = Hash.new { |rows, row| rows[row] = row }
          Found.new(*%i[sizes points slack].map { |name| made[name].map { |measure| alike[read(measure, sources.size)] } })
        end

        # Each moves itself, and nothing else.
        def errors(count)
          Array.new(count) { |i| Construction::Linear.new(0.0, { i => 1.0 }) }
        end

        # A measure that nothing moves is a plain number. Rounded well above what the middle of the fabric adds
        # in {Construction::Trimming}.
        def read(measure, count)
          return [0.0] * count unless measure.is_a?(Construction::Linear)

          Array.new(count) { |i| measure.shares.fetch(i, 0.0).round(6) }
        end
      end
    end
  end
end
