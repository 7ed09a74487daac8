# frozen_string_literal: true

module OakenGauge
  module StepDrawings
    # Two sky squares in opposite corners of a goose square, and one more in the corner of each half.
    class SmallSky < Squares
      private

      def stage_of(round)
        round == 1 ? first : second
      end

      def first
        far = corner(goose.size)
        over = face_down(sky) + face_down(sky, far - corner(sky.size))
        along(Assembly.piece(:goose, goose.size), over, far, 0i)
      end

      # In the right angle of the half, its line from there.
      def second
        right = Complex.rect(goose.size.last.to_f, 0)
        wide, = sky.size.map(&:to_f)
        along(made, face_down(sky, right - wide), right, right + ((-1 + 1i) * goose.size.first.to_f / 2))
      end

      def goose
        way.piece_of(:goose)
      end

      def sky
        way.piece_of(:sky)
      end

      # One square, before any is laid.
      def marking(_step)
        Drawing.new.layers(face_down(sky).layers).line(:mark, 0i, corner(sky.size))
      end

      # Drawn on the sky only.
      def sewing(step)
        super.tap { |drawing| drawing.lines.reject! { |line| line.what == :mark } }
      end
    end
  end
end
