# frozen_string_literal: true

module OakenGauge
  module StepDrawings
    # Two large squares sewn beside both diagonals, quartered, and each quarter cut on its diagonal.
    class Eight < Squares
      private

      def stage_of(_round)
        below, marked = squares
        side = below.size.first.to_f
        under = Assembly.piece(below.role, below.size)
        rising = along(under, face_down(marked), 0i, Complex.rect(side, side))
        falling = along(under, face_down(marked), Complex.rect(0, side), Complex.rect(side, 0))
        rising.tap { |all| %i[marks seams cuts].each { |lines| all[lines] += falling[lines] } }
      end

      def cutting_middle(_step)
        side = squares.first.size.first.to_f
        drawing = Drawing.new.layers(both.layers).lines_of(:seam, stitched).upright(:cut, side / 2, side).level(:cut, side / 2, side)
        @stage = quarter(side / 2)
        drawing
      end

      def quarter(side)
        window = Polygon.rectangle(side, side)
        along(stage.under.inside(window), stage.over.inside(window), 0i, Complex.rect(side, side))
      end
    end
  end
end
