# frozen_string_literal: true

module OakenGauge
  module Choosing
    # Extra units of one group that are another's: of the same kind and fabrics, and of its size or larger by a trim. The receiver is made
    # in a smaller count then. Largest saving first; who gives receives nothing.
    class TakenOver
      # Units that look the same at another size, so that a larger one can be trimmed down to a smaller one.
      TRIMMED = [Units::HalfSquare, Units::Hourglass, Units::ThreeTriangle, Units::FlyingGeese].freeze
      # So much larger at the most, inches. Our own guess.
      TRIM = 1/2r

      # - giver, receiver: {Group}s; - count: units; - option: how the receiver makes the rest, nil where nothing is left to make
      # - gain: how much less the objective is by it
      Taken = Struct.new(:giver, :receiver, :count, :option, :gain, keyword_init: true)

      # @param choice [Choice]
      def initialize(choice)
        @choice = choice
        @options = choice.chosen.options
        @groups = choice.groups
      end

      # @return [Array<Taken>]
      def all
        best = candidates.sort_by.with_index { |taken, i| [-taken.gain, i] }
        best.each_with_object([]) { |taken, kept| kept << taken if free?(taken, kept) }
      end

      private

      def free?(taken, kept)
        !kept.flat_map { |one| [one.giver, one.receiver] }.intersect?([taken.giver, taken.receiver])
      end

      def candidates
        pairs = @groups.each_index.to_a.permutation(2).select { |giver, receiver| fits?(@groups[giver], @groups[receiver]) }
        pairs.filter_map { |giver, receiver| taken(giver, receiver) }
      end

      def fits?(giver, receiver)
        giver.fabrics == receiver.fabrics && (alike?(giver, receiver) || trimmed?(giver.unit, receiver.unit))
      end

      def alike?(giver, receiver)
        giver.unit.instance_of?(receiver.unit.class) && giver.unit == recounted(receiver.unit, giver.unit)
      end

      def trimmed?(larger, smaller)
        TRIMMED.include?(larger.class) && larger.instance_of?(smaller.class) &&
          (larger.side_lengths.max - smaller.side_lengths.max).between?(0, TRIM)
      end

      # The first in the count of the second.
      def recounted(unit, other)
        other.hands ? unit.with(hands: other.hands) : unit.with(count: other.count)
      end

      def taken(giver, receiver)
        spare = spare(@options[giver], @groups[receiver].unit)
        count = spare.values.sum
        rest = rest(@groups[receiver].unit, spare)
        option = rest && @groups[receiver].remade(rest, @options[receiver].id)
        return if count.zero? || (rest && option.nil?)

        gain = gain(giver, receiver, option, count)
        Taken.new(giver: @groups[giver], receiver: @groups[receiver], count: count, option: option, gain: gain) if gain > Plane::SAME
      end

      # What is there over, of each hand, and wanted.
      def spare(option, wanted)
        makes = option.outcome.way.makes
        return { both: [makes.surplus, wanted.count].min } unless wanted.hands

        (makes.by_hand || {}).to_h { |hand, figures| [hand, [figures[:surplus], wanted.hands.fetch(hand)].min] }
      end

      # @return [Units::Unit, nil] what is left to make
      def rest(unit, spare)
        return if spare.values.sum >= unit.count
        return unit.with(hands: unit.hands.to_h { |hand, count| [hand, count - spare.fetch(hand, 0)] }) if unit.hands

        unit.with(count: unit.count - spare[:both])
      end

      # What is taken over is no longer left over.
      def gain(giver, receiver, option, count)
        fewer = @options.dup
        fewer[receiver] = option
        one = @options[giver].outcome.waste[:in_units] / @options[giver].count
        @choice.worth(@options) - @choice.worth(fewer.compact) + (@choice.objective.extra * one * count)
      end
    end
  end
end
