# frozen_string_literal: true

module OakenGauge
  module StepDrawings
    # A goose square in the middle of a sky square; of two opened halves one is laid face down on the other, outer edges
    # together, and they open to two geese head to head.
    class LargeSky < Squares
      private

      def stage_of(round)
        round == 1 ? first : second
      end

      def first
        side, inner = %i[sky goose].map { |role| way.piece_of(role).size.first.to_f }
        at = Complex.rect((side - inner) / 2, (side - inner) / 2)
        along(Assembly.piece(:sky, way.piece_of(:sky).size), face_down(way.piece_of(:goose), at), Complex.rect(side, 0),
Complex.rect(0, side))
      end

      # From the corner of the sky, at nothing, to that of the goose.
      def second
        goose = made.layers.select { |layer| layer.role == :goose }
        far = Assembly.new(goose).points.max_by { |point| point.real + point.imag }
        middle = far / 2
        along(made, made.over(middle - 1 + 1i, middle + 1 - 1i), far, 0i)
      end

      def marking(_step)
        return super if @laid

        goose = way.piece_of(:goose)
        Drawing.new.layers(face_down(goose).layers).line(:mark, Complex.rect(goose.size.last.to_f, 0),
Complex.rect(0, goose.size.first.to_f))
      end

      # Each half is pressed to its own sky, which the snip allows.
      def arrows(step)
        return super unless @round == 2

        low, high = fold_ends
        way = Plane.unit(high - low) * -1i * (high - low).abs * REACH
        [[low + ((high - low) * 0.25), way], [low + ((high - low) * 0.75), -way]].map do |from, to|
          [show(from), show(from + to) - show(from)]
        end
      end

      def opened(step)
        opened, ears = super
        return [opened, ears] unless @round == 2

        [opened.turn { |point| show(point) }, []]
      end

      # The goose with its base to the right is looked at, its base down, its tip where the finished unit has it.
      def show(point)
        Complex.rect(unit.width / 2.0, unit.height.to_f) + ((point - tip) * -1i)
      end

      # Where both seams cross: the first is √2 seams nearer to the corner of the sky than its diagonal, the second as much lower
      # than the line between both corners.
      def tip
        middle = way.piece_of(:sky).size.first / 2.0
        Complex.rect(middle, middle - (SQRT2 * seam))
      end

      def trimming(step)
        drawing = Drawing.new.layers(made.layers)
        return parted(drawing, whole.sides) if step.operation.name == :trim_top

        window = whole.sides.rectangle
        drawing.comes_off(made.outside(window)).lines_of(:cut, window.edges.rotate(-1).first(3))
      end

      # What lies above is the next unit, and keeps its allowance.
      def parted(drawing, sides)
        @made = made.left_of(Complex.rect(sides.right, sides.top), sides.upper_left)
        drawing.level(:cut, sides.top, sides.right, from: sides.left)
      end
    end
  end
end
