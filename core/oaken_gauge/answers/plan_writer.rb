# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes the answer to a plan document.
    class PlanWriter
      # @param plan [Planning::Plan]
      def initialize(plan)
        @plan = plan
        @measure = plan.document.answered_in
      end

      # @return [Hash]
      def write
        { "fabrics" => @plan.fabrics.to_h { |name, fabric| [name.to_s, fabric(fabric)] }, "letters" => letters }
      end

      private

      def fabric(fabric)
        { "strips" => fabric.cuts.map { |cut| strip(cut) }, **lengths_of(fabric),
          "offcuts" => fabric.cuts.flat_map { |cut| cut.kept * cut.times }.map { |size| { "size" => lengths(size) } },
          "sheets_used" => fabric.sheets_used, "sheets_bound" => fabric.sheets_bound,
          "placements" => placements(fabric), "short" => fabric.short.map { |short| short(short) } }
      end

      def lengths_of(fabric)
        used = fabric.used_length
        bound = fabric.bound_length
        { "used_length" => length(used), "bound_length" => length(bound), "gap" => length(used - bound),
          "first_fit_length" => length(fabric.first_fit_length) }
      end

      def strip(cut)
        { "stock" => cut.stock, "sheet" => cut.sheet, "width" => length(cut.width), "length" => length(cut.length), "at" => length(cut.at),
          "count" => (cut.times if cut.times > 1), "with" => cut.with&.to_s, "pieces" => cut.pieces.map { |piece| piece(piece) } }.compact
      end

      def piece(piece)
        { "letter" => piece.kind.letter, "size" => lengths([piece.across, piece.along]), "at" => length(piece.at),
          "up" => length(piece.up) }
      end

      # The ruler with slots lies down once for several strips.
      def placements(fabric)
        ruler = @plan.slotted_rulers.first or return []
        fabric.widths.select { |width, _| width <= ruler.reach }.map do |width, count|
          sequence = ruler.sequence(width, count)
          { "tool" => ruler.id, "width" => length(width), "count" => count, "sequence" => sequence.map { |one| placement(one) } }
        end
      end

      def placement(placement)
        { "shift" => length(placement.shift), "slots" => lengths(placement.slots) }
      end

      def short(short)
        { "letter" => short.kind.letter, "size" => lengths(short.kind.size), "count" => short.count, "say" => short.say }
      end

      def letters
        @plan.kinds.group_by(&:letter).sort_by { |letter, _| [letter.size, letter] }.map do |letter, same|
          kind = same.first
          { "letter" => letter, "size" => lengths(kind.size), "shape" => kind.shape.to_s, "then" => kind.then_do&.to_s,
            "count" => same.sum(&:count), "for" => same.flat_map(&:for).uniq }.compact
        end
      end

      def lengths(sizes)
        sizes.map { |size| length(size) }
      end

      def length(inches)
        Length.new(inches, @measure).to_s
      end
    end
  end
end
