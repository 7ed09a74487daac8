# frozen_string_literal: true

module OakenGauge
  module StepDrawings
    # Two squares sewn all round and cut on both diagonals; a quarter opens along its outer side.
    class Four < Pairs
      private

      def stage_of(_round)
        under, over = way.cuts.values_at(-1, 0).map { |cut| Assembly.piece(cut.role, cut.size) }
        corners = under.points
        stitched = seams(corners)
        Stage.new(under: under, over: over.over(0i, 1 + 1i), marks: [], seams: stitched,
                  cuts: [corners.values_at(0, 2), corners.values_at(1, 3)], fold: stitched.first)
      end

      def seams(corners)
        corners.zip(corners.rotate).map do |from, to|
          way = Plane.unit(to - from)
          [from + (way * 1i * @deep), to + (way * 1i * @deep)]
        end
      end

      # The quarter at the lower side, which ends in the middle.
      def half
        low, right, = stage.under.points
        middle = (right - low) * (1 + 1i) / 2
        @half = [stage.under, stage.over].map { |one| one.left_of(low, right).left_of(right, middle).left_of(middle, low) }
      end

      # It stands on a tip, and is turned to lie straight.
      def opened(step)
        opened, ears = super
        @trimmed = Assembly.new(@trimmed).turn { |point| point * TURN }.layers
        [opened.turn { |point| point * TURN }, ears.map { |ear| Polygon.new(ear.points.map { |point| point * TURN }) }]
      end
      TURN = Complex.polar(1, Math::PI / 4)
      private_constant :TURN

      def arrows(step)
        super.map { |line| line.map { |point| point * TURN } }
      end
    end
  end
end
