# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes a block to be printed: where each unit lies and which way up, and what is cut for each, at one size or two.
    class BlockSheetWriter
      # What is done with a piece when it is cut.
      THEN = { "cut_diagonal" => "cut corner to corner", "cut_both_diagonals" => "cut on both diagonals",
"cut_kite" => "cut to kites" }.freeze

      # @param sizes [Array<Array<Blocks::UnitsOf::Placed>>] the units of the block, at each size in the same order
      # @param question [Hash] "tools" and "maker" of a weigh document
      # @param measure [Symbol] that is worked in
      def initialize(sizes, question, measure)
        @sizes = sizes
        @question = question
        @measure = measure
        @letters = {}
        first.each { |placed| @letters[same(placed)] ||= letter(@letters.size) }
      end

      # @return [Hash] "pieces", each with its letter and how it lies, and "units", each with its count, fabrics and cutting
      def write
        { "pieces" => first.map { |placed| piece(placed) }, "units" => @letters.map { |same, letter| unit(same, letter) } }
      end

      private

      def first
        @sizes.first
      end

      # Whatever way up it lies.
      def same(placed)
        [placed.unit.lying.to_document(@measure), placed.fabrics]
      end

      def letter(number)
        number < 26 ? (65 + number).chr : "#{letter((number / 26) - 1)}#{letter(number % 26)}"
      end

      def piece(placed)
        { "letter" => @letters.fetch(same(placed)), "at" => placed.piece.at, "span" => placed.piece.span, "turn" => placed.piece.turn,
          "mirror" => placed.mirror, "turns" => placed.unit.patches.size > 1 }
      end

      def unit(same, letter)
        places = first.each_index.select { |i| same(first[i]) == same }
        kind = first[places.first].unit.class
        { "letter" => letter, "title" => Saying.form(places.size, kind.title, kind.plural), "count" => count(places),
          "fabrics" => same.last.transform_keys(&:to_s), "sizes" => @sizes.map { |all| cutting(all.values_at(*places)) } }
      end

      def count(places)
        asked(first.values_at(*places))
      end

      # By the method that is first with her tools, for one block.
      def cutting(placed)
        unit = placed.first.unit.lying
        document = { "unit" => unit.to_document(@measure).merge("count" => asked(placed)), "measure" => @measure.to_s, **@question }
        best = OakenGauge.weigh(document, view: :fence)["methods"].find { |method| method["feasible"] } || {}
        { "finished" => sides(unit.side_lengths), "method" => best["title"],
          "cuts" => best.fetch("cuts", []).map { |cut| [cut["fabric"], cut(cut)] } }
      end

      def asked(placed)
        return placed.size unless placed.first.unit.hands

        mirrored, as_told = placed.partition(&:mirror).map(&:size)
        { "left" => as_told, "right" => mirrored }
      end

      def cut(cut)
        size = cut["size"].uniq.join(" × ")
        size = "#{cut['size'].first} wide" if cut["shape"] == "strip"
        [Saying.many(cut["count"], cut["shape"]), size, THEN[cut["then"]]].compact.join(", ").sub(", ", " ")
      end

      def sides(lengths)
        lengths.uniq.map { |side| Length.new(side, @measure) }.join(" × ")
      end
    end
  end
end
