# frozen_string_literal: true

module OakenGauge
  module Documents
    # Writes the answer to a deconstruct document.
    class DeconstructWriter
      # Whole numbers up to this are numbers in JSON everywhere.
      LARGEST_NUMBER = 2**53

      # @param taking_apart [Blocks::TakingApart]
      # @param measure [Symbol]
      def initialize(taking_apart, measure)
        @taking_apart = taking_apart
        @picture = taking_apart.picture
        @measure = measure
      end

      # @return [Hash]
      def write
        ways = @taking_apart.ways
        { "grid" => [@picture.columns, @picture.rows], "symmetry" => @picture.symmetry, "ways" => ways.best.map { |way| way(way) },
          "ways_in_all" => count(ways) }
      end

      private

      def count(ways)
        return "more than #{ways.count}" unless ways.counted?

        ways.count > LARGEST_NUMBER ? ways.count.to_s : ways.count
      end

      def way(way)
        { "pieces" => way.pieces.map { |piece| piece(piece) }, "units" => UnitCounts.new(way.pieces) { |unit| sized(unit) }.write,
          "seams" => way.seams, "partial_seams" => 0, "repeats" => repeats(way), **figures(way) }
      end

      def figures(way)
        return { "net" => nil, "minutes" => nil, "good" => nil, "score" => nil } unless way.known?

        { "net" => way.net.round(2), "minutes" => way.minutes.round(2), "good" => way.good.round(4), "score" => way.score.round(4) }
      end

      def sized(unit)
        @taking_apart.sized(unit).to_document(@measure)
      end

      def piece(piece)
        given = sized(piece.unit).slice("kind", "corner", "corners", "opposite")
        { **given, "at" => piece.at, "span" => piece.span, "turn" => piece.turn, "mirror" => piece.mirror, "fabrics" => piece.named }
      end

      def repeats(way)
        found = Blocks::Repeats.new(@picture, way.pieces.map(&:box), way.pieces.map(&:kind)).all
        found.map { |repeat| { "cells" => repeat.box, "times" => repeat.times } }
      end
    end
  end
end
