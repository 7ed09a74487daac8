# frozen_string_literal: true

module OakenGauge
  module Methods
    # What is done besides sewing as round follows on round: one is made whole and measured before the batch, dog ears are
    # trimmed off, and what a piece should measure is looked at before the next round is sewn to it.
    module Rounds
      # @param round [Integer]
      # @return [Integer] dog ears that stand out past all units when the seams of a round are pressed; those of a unit that is
      #   trimmed go with the trimming, and there are none where tips are off already
      def dog_ears(round)
        trimming ? 0 : makes.made * ears[round - 1]
      end

      # @param _patch [Units::Patch]
      # @return [Symbol] which of its tips are left sharp, see {Construction::DogEars}
      def tips(_patch)
        :all
      end

      # @param round [Integer]
      # @return [Array<Numeric>, nil] what a piece measures when a round is done, where that can be measured, inches
      def size_after(round)
        unfinished if round == rounds && unit.frame.rectangular?
      end

      private

      # One is made whole and measured before the batch, where there is anything to sew.
      def check_step
        return if unit.joins.empty? || !unit.frame.rectangular?

        step(:check_one, 1, on: measuring(unfinished))
      end

      def whole_round(steps)
        round = steps.first.round
        [*steps, *ears_off(round), *check_round(round)]
      end

      # @return [Array<Integer>] of one unit, round after round
      def ears
        @ears ||= begin
          after = unit.frame.dog_ears(seam, unit.patches.map { |patch| tips(patch) })
          unit.frame.rounds(seam).map { |joints| after.values_at(*joints).sum }
        end
      end

      def ears_off(round)
        [step(:trim_ears, parts.sum { |part| part.dog_ears(round) }, round: round)].compact
      end

      # What it should measure is looked at after every round, before the next is sewn to it.
      def check_round(round)
        return measure_last(round) if round == @rounds

        size = parts.one? && size_after(round)
        [step(:measure_round, 1, on: measuring(size), round: round)] if size
      end

      # Every method ends with it. What has no sides to lay a ruler across is held against its finished outline.
      def measure_last(round)
        return [step(:measure_round, 1, on: measuring(unfinished), round: round)] if unit.frame.rectangular?

        [step(:measure_outline, 1, on: say(seam), round: round)]
      end

      def measuring(size)
        unit.frame.known.fetch([:measuring, size, task.measure, task.grid.step]) do
          sides = size.map { |side| by_ruler(side) }
          sides.uniq.one? ? "#{sides.first} square" : sides.join(" × ")
        end
      end

      # What is on no ruler is read beside the nearest line, however coarsely she cuts.
      def by_ruler(side)
        return say(side) if side.is_a?(Rational)

        step = task.grid.step
        step /= 2 while step > Sizes::EIGHTH
        near = Grid.new(step).nearest(side)
        return say(near) if (near - side).abs < Plane::FITTING

        "a little #{side > near ? 'over' : 'under'} #{say(near)}"
      end

      def unfinished
        @unfinished ||= unit.side_lengths.map { |side| side + (seam * 2) }
      end

      def rounds
        @rounds ||= Batching.new([making_steps]).steps.last&.round
      end
    end
  end
end
