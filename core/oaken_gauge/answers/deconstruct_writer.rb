# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes the answer to a deconstruct document.
    class DeconstructWriter
      # Whole numbers up to this are numbers in JSON everywhere.
      LARGEST_NUMBER = 2**53
      SAME_WHEN = { "quarter_turn" => "the same after a quarter turn", "half_turn" => "the same after half a turn",
                    "mirror_across" => "left mirrors right", "mirror_down" => "top mirrors bottom",
                    "mirror_rising" => "mirrors across the diagonal from lower left to upper right",
                    "mirror_falling" => "mirrors across the diagonal from upper left to lower right" }.freeze

      # @param taking_apart [Blocks::TakingApart]
      # @param measure [Symbol]
      # @param view [Boolean] add what a screen needs: drawings, and what units are called
      def initialize(taking_apart, measure, view: false)
        @view = view
        @taking_apart = taking_apart
        @picture = taking_apart.picture
        @measure = measure
      end

      # @return [Hash]
      def write
        ways = @taking_apart.ways
        { "grid" => [@picture.columns, @picture.rows], "symmetry" => @picture.symmetry, "ways" => told(ways.best),
          "ways_in_all" => count(ways), **(@view ? { "seen_said" => [grid_said, *symmetry_said] } : {}) }
      end

      # @param way [Blocks::Way]
      # @return [Array<Hash>] its pieces
      def pieces(way)
        way.pieces.map { |piece| piece(piece) }
      end

      private

      def grid_said
        "#{@picture.columns} × #{@picture.rows} cells#{', four quadrants alike' if @picture.quadrants?}"
      end

      # What looks the same after a quarter turn does after half a turn.
      def symmetry_said
        seen = @picture.symmetry
        SAME_WHEN.values_at(*(seen.include?("quarter_turn") ? seen - ["half_turn"] : seen))
      end

      def count(ways)
        return "more than #{ways.count}" unless ways.counted?

        ways.count > LARGEST_NUMBER ? ways.count.to_s : ways.count
      end

      def told(best)
        words = WayWords.new(best.first, @measure)
        alike = AlikeWays.new(best, @picture)
        best.each_with_index.map do |way, i|
          @taking_apart.progress.at(:repeating, i, best.size)
          { **way(way), **(@view ? { "say" => words.of(way), "alike" => alike.of(way) } : {}) }
        end
      end

      def way(way)
        { "pieces" => pieces(way), "units" => units(way), "seams" => way.seams, "partial_seams" => 0,
          "repeats" => repeats(way), **figures(way), **(@view ? { "drawing" => way.pieces.flat_map { |piece| drawn(piece) } } : {}) }
      end

      def units(way)
        UnitCounts.new(way.pieces) { |unit| { **sized(unit), **(@view ? seen(unit) : {}) } }.write
      end

      # What they are called, and their size in parts of the block's width.
      def seen(unit)
        part = unit.at(unit.measure_on_beam / @picture.columns).to_document(:inch)
        { "title" => unit.class.title, "plural" => unit.class.plural,
          "shared" => part.except("count", "finished").merge("share" => part.fetch("finished")) }
      end

      # Of each patch where it lies, in cells from the upper left corner of the block, and its fabric.
      def drawn(piece)
        piece.outlines.map { |fabric, outline| { "fabric" => fabric, "outline" => outline.map { |x, y| [x.to_f, y.to_f] } } }
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
