# frozen_string_literal: true

module OakenGauge
  module Tools
    # Tools that quilters own, of no maker: to tick when a drawer is begun, and to try what one more would serve.
    module Usual
      SEAM = 1/4r
      # Heights of geese on a usual trimmer, inches; each is lettered.
      GEESE = [1r, 3/2r, 2r, 5/2r, 3r].freeze

      class << self
        # @return [Array<Tool>] the most common first
        def all
          @all ||= [*rulers, *trimmers, *cut_at_once, *aids].freeze
        end

        private

        def rulers
          [StraightRuler.new(id: "long-ruler", name: "Long ruler, 6½ × 24", width: 13/2r, length: 24r),
           StraightRuler.new(id: "square-ruler", name: "Square ruler, 12½", width: 25/2r, length: 25/2r),
           triangles("finished-triangle", "Triangle ruler, finished sizes", :finished, Scale.even(1r, 6r, 1/2r)),
           triangles("strip-triangle", "Triangle ruler, strip widths", :strip, Scale.even(3/2r, 13/2r, 1/2r)),
           SlottedRuler.new(id: "slotted-ruler", name: "Slotted ruler, every ½", slot_step: 1/2r, reach: 12r, length: 12r),
           WedgeRuler.new(id: "wedge-ruler", name: "Wedge ruler, 45°", lines: (3..9).map { |half| wedge(half/2r) })]
        end

        def triangles(id, name, reads, marks)
          sides = %i[half_square quarter_square].map { |makes| StripTriangleRuler::Side.new(makes: makes, reads: reads, marks: marks) }
          StripTriangleRuler.new(id: id, name: name, sides: sides)
        end

        # The square for the kite of a web whose wedge is cut from the strip, on the next eighth.
        def wedge(strip)
          high = strip - (2 * SEAM)
          kite = Patches::Kite.new(high * SQRT2 / Math.cos(Patches::Wedge::HALF_ANGLE)).cut_outline(SEAM)
          WedgeRuler::Line.new(strip: strip, kite_square: Grid.new(1/8r).ceil([kite.width, kite.height].min))
        end

        def trimmers
          [UnitTrimmer.new(id: "seam-square", name: "Square with a line for the seam", makes: %i[half_square hourglass],
                           numbers: Scale.even(1r, 13/2r, 1/2r)),
           GeeseTrimmer.new(id: "geese-trimmer", name: "Geese trimmer, letters A to E",
                            letters: GEESE.zip("A".."E").map { |high, mark| letter(high, mark) })]
        end

        # The recipe of the large sky: the quarter-square number and a quarter for the goose, four seams and a half more
        # for the sky.
        def letter(high, mark)
          goose = Grid.new(1/8r).ceil(Patches::QuarterSquare.new(2 * high).cut_outline(SEAM).width) + (1/4r)
          GeeseTrimmer::Letter.new(mark: mark, finished: [high, 2 * high], goose_square: goose, sky_square: goose + (4 * SEAM) + (1/2r))
        end

        def cut_at_once
          [DiePress.new(id: "press", name: "Hand press, bed 6½", bed_width: 13/2r),
           Die.new(id: "die-hst-2", name: "Die: half-square triangles for 2", board: [6r, 12r], blank: [6r, 21/2r],
                   shapes: [Die::Shapes.new(told: :half_square, finished: 2r, count: 12)]),
           Die.new(id: "die-square-2", name: "Die: squares for 2", board: [6r, 12r], blank: [11/2r, 21/2r],
                   shapes: [Die::Shapes.new(told: :square, finished: 2r, count: 8)]),
           FoundationGrid.new(id: "sheet-2", name: "Foundation sheet, 2 inch cells", cell: 2r, columns: 8, rows: 10)]
        end

        def aids
          [MarkingAid.new(id: "drawn-lines", name: "Marking pencil", aids: %i[drawn_line]),
           MarkingAid.new(id: "seam-guide", name: "Seam guide on the machine", aids: %i[seam_guide])]
        end
      end
    end
  end
end
