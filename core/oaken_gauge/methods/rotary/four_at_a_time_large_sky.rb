# frozen_string_literal: true

module OakenGauge
  module Methods
    module Rotary
      # One large square of sky and a smaller one of goose, centred on it. The goose is a quarter inch
      # larger than a quarter-square piece, the sky four allowances and a half inch larger than the
      # goose: so there is something to trim at the base, and a quarter inch between a pair. It works
      # when goose ≥ w + (2 + 2√2)s and sky ≥ goose + 4s. A geese trimmer names both numbers itself.
      class FourAtATimeLargeSky < Method
        include Trims

        # To trim at the base and between a pair, inches.
        GOOSE_EXTRA = 1/4r
        SKY_EXTRA = 1/2r

        title "Four at a time, large sky square"
        makes :flying_geese
        per_set 4
        large_square :sky
        rebuilding Rebuilding::LargeSky
        drawn_as StepDrawings::LargeSky

        cut(:goose, then_do: :mark_diagonal, marks: BOTH_DIAGONALS) { goose_square }
        cut(:sky, then_do: :lay_under, marks: BOTH_DIAGONALS) { sky_square }

        step(:mark_diagonal) { [makes.sets, { on: :goose }] }
        step(:lay_centered) { makes.sets }
        step(:sew_beside_line) { [2 * makes.sets, { size: seam, length: cut_side(:goose) * SQRT2 }] }
        step(:cut_on_line) { makes.sets }
        step(:press_to_sky) { 2 * makes.sets }
        step(:lay_apart) { makes.sets }
        step(:mark_across_seam) { [makes.sets, { on: "pairs" }] }
        step(:sew_beside_line) { [2 * makes.sets, { size: seam, length: cut_side(:sky) * SQRT2 }] }
        step(:cut_on_line) { makes.sets }
        step(:open_halves) { 2 * makes.sets }
        step(:snip) { 2 * makes.sets }
        step(:press_to_sky) { makes.made }

        # @return [Array<Tools::Setting>] with the trimmer's letter, if there is one for the size
        def settings
          @settings ||= super + (letter ? [letter_setting] : trimmer.settings)
        end

        # @return [Array<Step>]
        def making_steps
          [*super, step(:trim_top, makes.made), trim_step]
        end

        # Two geese lie head to head in one piece: what parts them is cut first.
        # @return [Step]
        def trim_step
          step(:trim_rest, (trim_sides - 1) * makes.made, on: say_unfinished)
        end

        # @return [Integer] the tip of the goose is found from all four
        def trim_sides
          4
        end

        private

        def goose_square
          return [letter.goose_square] * 2 if letter

          quarter_square_piece(unit.width).map { |side| side + GOOSE_EXTRA }
        end

        def sky_square
          return [letter.sky_square] * 2 if letter

          goose_square.map { |side| task.grid.ceil(side) + (4 * seam) + SKY_EXTRA }
        end

        # The trimmer's mark for this goose, where it is cut with the large square as the sky.
        def letter
          lettered&.last
        end

        # The trimmer and its letter.
        def lettered
          @lettered ||= task.drawer.of(Tools::GeeseTrimmer).select { |tool| tool.made_for_seam == seam }
                            .flat_map { |tool| [tool].product(tool.letters) }
                            .find { |_, mark| mark.finished == unit.finished && large_enough?(mark) }
        end

        # What a chart says stands as it is, where a pair can be made of it.
        def charted_square(role, exact)
          squares = charted&.last&.squares.to_h
          return if squares.empty? || letter
          return squares[role] if squares.fetch(:goose, 0) >= quarter_square_piece(unit.width).first &&
                                  squares.fetch(:sky, 0) >= squares.fetch(:goose, 0) + (4 * seam)

          super
        end

        def large_enough?(mark)
          mark.goose_square >= quarter_square_piece(unit.width).first && mark.sky_square >= mark.goose_square + (4 * seam)
        end

        def letter_setting
          Tools::Setting.new(tool: lettered.first, side: :flying_geese, mark: letter.mark, reads: :letter, off_by: 0r,
                             say: "Letter #{letter.mark} on #{lettered.first.name}: goose square #{say(letter.goose_square)}, " \
                                  "sky square #{say(letter.sky_square)}. Trim one side and the top, turn, trim the rest.")
        end
      end
    end
  end
end
