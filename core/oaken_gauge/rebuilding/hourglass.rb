# frozen_string_literal: true

module OakenGauge
  module Rebuilding
    # Two opened squares laid on one another, opposite colours facing, seams nested; sewn beside a line across, cut and
    # opened. Of each square the half below the line is looked at, from where its first fabric has its corner.
    class Hourglass < Squares
      private

      def sewn
        under, over = two_opened
        depth = deep
        near = under.across.inward(-depth).back
        far = over.across.inward(skill.laid - depth).back
        show_from(0)
        half(0, 2, under)
        half(1, 3, over, &turned([near, under], [far, over]))
        [[0, under.seam], [2, near]].each { |joint, line| seam(joint, line) }
      end

      # The first round leaves a square of two triangles.
      def on_the_way(_round, (high, wide))
        opened(*paired).size_at(Complex(wide, high) / 2).zip([high, wide]).map { |side, wanted| side - wanted }
      end

      def two_opened
        Array.new(2) { opened(*paired) }
      end

      def paired
        %i[light dark]
      end

      # The long seam of one on that of the other, its own seam where it nests.
      def turned((near, under), (far, over))
        at = near.meet(under.seam) + (near.way * skill.met)
        nested = far.meet(over.seam)
        turn = -(near.way / far.way)
        ->(line) { line.move { |point| at + ((point - nested) * turn) } }
      end

      # With a patch at the near end of the line.
      def show_from(patch)
        side = @method.cut_side(@method.unit.class.roles.last).to_f
        long = @frame.joints.last
        near = inside(patch)
        ends = [long.low, long.high].sort_by { |point| (point - near).abs }
        place([0i, Complex(side, side), Complex(side, 0)], [*ends, near])
      end

      def half(first, second, opened, &turned)
        put = turned || :itself.to_proc
        sides(first, put.call(opened.first.last))
        sides(second, *opened.second.map(&put))
        seam(1, put.call(opened.seam)) if turned
      end

      def inside(patch)
        points = @method.unit.patches[patch].outline.floating.points
        points.sum / points.size
      end
    end
  end
end
