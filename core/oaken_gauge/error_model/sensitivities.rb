# frozen_string_literal: true

module OakenGauge
  module ErrorModel
    # How much each measure of a unit moves for each error, inches for an inch: units are made out of polygons, each with
    # one of the errors alone ({Rebuilding::Nudges}). That depends on the way of making the unit, on its
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
        # @param sources [Array<Construction::Source>]
        # @return [Found]
        def of(way, sources)
          key = [way.class, shape(way), sources.map(&:step), sources.map(&:kind)]
          KEPT.fetch(key) { find(way, sources.size) }
        end

        private

        # What is cut out of a piece may lean, by its length and its allowance; other patches are alike at every size.
        def shape(way)
          pieces = way.cuts.filter_map(&:subcut)
          [way.unit.proportions.object_id, pieces, ([way.unit.side_lengths, way.seam, way.deeper] unless pieces.empty?)]
        end

        # Rounded well above what the middle of the fabric adds in {Construction::Trimming}.
        def find(way, count)
          nudges = Rebuilding::Nudges.new(count)
          made = way.rebuilding.call(nudges)
          alike = Hash.new { |rows, row| rows[row] = row }
          Found.new(*%i[sizes points slack].map do |name|
            made[name].map do |measure|
              alike[nudges.told(measure).map do |share|
                share.round(6)
              end]
            end
          end)
        end
      end
    end
  end
end
