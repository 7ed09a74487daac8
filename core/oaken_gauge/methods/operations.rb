# frozen_string_literal: true

module OakenGauge
  module Methods
    # Every operation that steps are made of, declared once. Two sides are trimmed from one laying of the
    # ruler.
    module Operations
      NOTHING = { cuts: 0, passes: 0, placements: 0, alignments: 0, care: nil, marks: false }.freeze

      @all = {}

      class << self
        # @return [Operation]
        # @raise [KeyError] for a name that was never declared
        def fetch(name)
          @all.fetch(name)
        end

        private

        def operation(name, takes, one, many = one, **adds)
          @all[name] = Operation.new(name: name, takes: Array(takes), one: one, many: many, **NOTHING, **adds)
        end
      end

      cutting = { cuts: 1, placements: 1, alignments: 1, care: :blade }.freeze
      two_cuts = { cuts: 2, placements: 2, alignments: 2, care: :blade }.freeze
      trimming = cutting.merge(placements: 1/2r).freeze
      sewing = { alignments: 1, care: :needle }.freeze
      seam = %i[sew_start sew_inch].freeze

      # Cutting
      operation :starch, :starch, "Starch the %<on>s, and let it dry, before it is cut.",
                "Starch the %<on>s, and let them dry, before they are cut.", care: :iron
      operation :cut_edge, :align_and_cut, "Square up the edge.", "Square up %<count>d edges.", **cutting
      operation :cut_strip, :align_and_cut, "Cut 1 strip %<size>s wide.", "Cut %<count>d strips %<size>s wide.", **cutting
      operation :subcut, :align_and_cut, "Cut 1 square of %<size>s from the strip: %<on>s.",
                "Cut %<count>d squares of %<size>s from the strips: %<on>s.", **cutting
      operation :subcut_rectangle, :align_and_cut, "Cut 1 piece of %<size>s from the strip: %<on>s.",
                "Cut %<count>d pieces of %<size>s from the strips: %<on>s.", **cutting
      operation :lay_slots, :align_and_cut, "Lay the slotted ruler once.", "Lay the slotted ruler %<count>d times.",
                placements: 1, alignments: 1
      operation :cut_strip_slots, :cut_slot, "Cut 1 strip %<size>s wide in a slot.",
                "Cut %<count>d strips %<size>s wide in the slots, without moving the ruler in between.", cuts: 1, care: :blade
      operation :subcut_slots, :cut_slot, "Cut 1 square of %<size>s from the strip, in a slot: %<on>s.",
                "Cut %<count>d squares of %<size>s from the strips, in the slots: %<on>s.", cuts: 1, care: :blade
      operation :cut_diagonal, :align_and_cut, "Cut the square corner to corner.",
                "Cut the %<count>d squares corner to corner, once.", **cutting
      operation :cut_both_diagonals, %i[align_and_cut align_and_cut], "Cut the square on both diagonals.",
                "Cut the %<count>d squares on both diagonals, without moving the pieces in between.", **two_cuts
      operation :cut_kite, %i[align_and_cut align_and_cut], "Cut the square to a kite.",
                "Cut the %<count>d squares to kites, right angle in the corner.", **two_cuts
      operation :cut_triangle, :align_and_cut, "Cut 1 of the %<on>s.",
                "Cut %<count>d %<on>s.", **cutting
      operation :cut_blank, :align_and_cut, "Cut 1 blank for the die, lengthwise grain along the feed.",
                "Cut %<count>d blanks for the die, lengthwise grain along the feed.", **cutting
      operation :cut_blank_off_grain, :align_and_cut,
                "Cut 1 blank for the die (%<on>s): this cloth only gives it off grain, so it may stretch along the feed.",
                "Cut %<count>d blanks for the die (%<on>s): this cloth only gives them off grain, so they may stretch along the feed.",
                **cutting
      operation :cut_with_die, :die_pass, "Send the layers through the press, 1 pass.",
                "Send the layers through the press, %<count>d passes.", passes: 1, care: :press
      operation :lay_strips, :align_and_cut, "Lay 1 pair of strips right sides together, edges true.",
                "Lay %<count>d pairs of strips right sides together, edges true.", alignments: 1
      operation :lay_folded, :align_and_cut, "Fold the strip right sides together: each cut then gives one left and one right.",
                "Fold the %<count>d strips right sides together: each cut then gives one left and one right.", alignments: 1

      operation :trim_tips, %i[trim_side trim_side], "Trim both tips of 1 triangle with %<on>s.",
                "Trim both tips of %<count>d triangles with %<on>s, so that they show where they sit.", **two_cuts

      operation :check_one, [], "Make 1 whole and measure it before you go on: %<on>s, unfinished."

      # Marking
      operation :mark_diagonal, :mark_line, "Draw a line corner to corner on the back of 1 %<on>s square.",
                "Draw a line corner to corner on the back of %<count>d %<on>s squares.", alignments: 1, marks: true
      operation :mark_both_diagonals, %i[mark_line mark_line], "Draw both diagonals on the back of 1 %<on>s square.",
                "Draw both diagonals on the back of %<count>d %<on>s squares.", alignments: 2, marks: true
      operation :mark_across_seam, :mark_line, "Draw a line corner to corner across the seam of 1 %<on>s.",
                "Draw a line corner to corner across the seam of %<count>d %<on>s.", alignments: 1, marks: true

      # Sewing
      operation :sew_beside_line, seam, "Right sides together, sew %<size>s beside the line.",
                "Right sides together, sew %<size>s beside the lines, either side: %<count>d seams.", **sewing
      operation :sew_on_line, seam, "Right sides together, sew a thread inside the line.",
                "Right sides together, sew a thread inside the lines: %<count>d seams.", **sewing
      operation :sew_beside_guide, seam, "Right sides together, sew %<size>s beside the diagonal, its corner led along the guide.",
                "Right sides together, sew %<size>s beside the diagonals, either side, the corner led along the guide: %<count>d seams.",
                **sewing
      operation :sew_on_guide, seam, "Right sides together, sew a thread inside the diagonal, its corner led along the guide.",
                "Right sides together, sew a thread inside the diagonals, the corner led along the guide: %<count>d seams.", **sewing
      operation :sew_bonus, seam, "Sew a second seam beside the line for the bonus unit.",
                "Sew a second seam beside each line for the bonus units: %<count>d seams.", **sewing
      operation :sew_round, seam, "Right sides together, sew all round the square.",
                "Right sides together, sew all round %<count>d pairs of squares.", alignments: 4, care: :needle
      operation :sew_long_side, seam, "Right sides together, sew 1 pair along the long side.",
                "Right sides together, sew %<count>d pairs along the long side, from the blunt end, without a pull.", **sewing
      operation :sew_seam, seam, "Right sides together, sew 1 seam.",
                "Right sides together, sew %<count>d seams, from the blunt end, without a pull.", **sewing
      operation :lay_opposites, [], "Lay the 2 halves right sides together, opposite colours facing, seams nested.",
                "Lay %<count>d pairs right sides together, opposite colours facing, seams nested.", alignments: 1
      operation :lay_apart, [],
                "Lay the halves right sides together, opposite colours facing, outer edges together: the seams do not meet.",
                "Lay %<count>d pairs right sides together, opposite colours facing, outer edges together: the seams do not meet.",
                alignments: 1
      operation :lay_on, [], "Lay 1 %<on>s on its square, right sides together.",
                "Lay %<count>d %<on>s on their squares, right sides together.", alignments: 1
      operation :lay_centered, [], "Lay the smaller square in the middle of the larger, right sides together.",
                "Lay %<count>d smaller squares in the middle of the larger, right sides together.", alignments: 1

      # Cutting apart, pressing, trimming
      operation :cut_middle, :align_and_cut, "Cut the square across and down the middle.",
                "Cut across and down the middle first: %<count>d cuts.", **cutting
      operation :cut_on_line, :align_and_cut, "Cut on the line.", "Cut on the drawn lines: %<count>d cuts.", **cutting
      operation :cut_between, :align_and_cut, "Cut midway between the seams.", "Cut midway between the seams: %<count>d cuts.", **cutting
      operation :cut_apart, %i[align_and_cut align_and_cut], "Cut the square on both diagonals.",
                "Cut %<count>d squares on both diagonals.", **two_cuts
      operation :cut_corner_off, :align_and_cut, "Trim 1 corner %<size>s past the seam.",
                "Trim %<count>d corners %<size>s past the seam.", **cutting
      operation :press_to_dark, :press, "Set the seam, then press it to the dark side.",
                "Set the seams, then press %<count>d units to the dark side: lift, do not slide.", care: :iron
      operation :press_to_sky, :press, "Set the seam, then press it to the sky.",
                "Set the seams, then press %<count>d pieces to the sky: lift, do not slide.", care: :iron
      operation :press_seam, :press, "Set the seam, then press it.",
                "Set the seams, then press them: %<count>d times, lift, do not slide.", care: :iron
      operation :press_open, :press_open, "Set the seam, then press it open.",
                "Set the seams, then press %<count>d open: lift, do not slide.", care: :iron
      operation :snip, :snip, "Snip the allowance between the stitching lines.",
                "Snip %<count>d allowances between the stitching lines, so that each half presses its own way."
      operation :trim_to, :trim_side, "Trim the unit to %<on>s.",
                "Trim every unit to %<on>s, centred on its seams: two sides, half turn, two sides; %<count>d cuts.", **trimming
      operation :trim_two, :trim_side, "Trim the unit to %<on>s.",
                "Trim every unit to %<on>s: two raw sides on the ruler's lines, cut the other two and the ears; %<count>d cuts.", **trimming
      operation :trim_square, :trim_side, "Square up 1 side of a patch that was cut large.",
                "Square up the patches that were cut large with the sides beside them: %<count>d cuts.", **cutting

      # Foundation
      operation :lay_cells, [], "Lay 1 cell on its ticks.",
                "Lay %<count>d cells on the sheet, seams on the corner ticks, and look.", alignments: 1
      operation :fuse_cell, :fuse_cell, "Fuse 1 cell.", "Fuse %<count>d cells.", care: :iron
      operation :fold_and_sew, seam, "Fold the sheet on its line and sew.", "Fold and sew %<count>d seams.", **sewing
    end
  end
end
