# frozen_string_literal: true

module OakenGauge
  module Methods
    module Operations
      # Cutting apart, pressing and trimming. Two sides are trimmed from one laying of the ruler.
      module Finishing
        extend Declaring

        cutting = { cuts: 1, placements: 1, alignments: 1, care: :blade }.freeze
        two_cuts = { cuts: 2, placements: 2, alignments: 2, care: :blade }.freeze
        pressing = { care: :iron, role: :press, called: "pressing", opened: :press_open }.freeze
        trimming = cutting.merge(placements: 1/2r, called: "trimming").freeze

        operation :cut_middle, :align_and_cut, "Cut the square across and down the middle.",
                  "Cut across and down the middle first: %<count>d cuts.", **cutting, called: "cutting through the middle"
        operation :cut_on_line, :align_and_cut, "Cut on the line.", "Cut on the drawn lines: %<count>d cuts.", **cutting,
guided: :cut_between
        operation :cut_between, :align_and_cut, "Cut midway between the seams.", "Cut midway between the seams: %<count>d cuts.", **cutting
        operation :cut_apart, %i[align_and_cut align_and_cut], "Cut the square on both diagonals.",
                  "Cut %<count>d squares on both diagonals.", **two_cuts, role: :apart, called: "cutting on both diagonals"
        operation :cut_corner_off, :align_and_cut, "Trim 1 corner %<size>s past the seam.",
                  "Trim %<count>d corners %<size>s past the seam.", **cutting
        operation :press_to_dark, :press, "Set the seam, then press it to the dark side, so that nothing shows through.",
                  "Set the seams, then press %<count>d to the dark side, so that nothing shows through: lift, don't slide.", **pressing
        operation :press_to_sky, :press, "Set the seam, then press it to the sky, away from the point.",
                  "Set the seams, then press %<count>d to the sky, away from the point: lift, don't slide.", **pressing
        operation :press_toward, :press, "Set the seam, then press it %<on>s.",
                  "Set the seams, then press %<count>d %<on>s: lift, don't slide.", **pressing
        operation :press_seam, :press, "Set the seam, then press it to one side.",
                  "Set the seams, then press %<count>d to one side, all alike: lift, don't slide.", **pressing
        operation :press_open, :press_open, "Set the seam, then press it open, so that it lies flat.",
                  "Set the seams, then press %<count>d open, so that they lie flat: lift, don't slide.", **pressing, opened: nil
        operation :open_halves, [], "Open the piece.", "Open the %<count>d pieces."
        operation :snip, :snip, "Snip the allowance between the stitching lines.",
                  "Snip %<count>d allowances between the stitching lines, so that each half presses its own way."
        operation :trim_ears, :snip, "Trim off the dog ear that stands out past the edge.",
                  "Trim off the %<count>d dog ears that stand out past the edges."
        operation :trim_to, :trim_side, "Trim the unit to %<on>s.",
                  "Trim every unit to %<on>s, centred on its seams: two sides, rotate it 180°, two sides; %<count>d cuts.", **trimming
        operation :trim_top, :trim_side, "Trim the top of the unit first, and stop short: the next unit lies there.",
                  "Trim the top of every unit first, and stop short: the next unit lies there; %<count>d cuts.", **trimming
        operation :trim_rest, :trim_side, "Trim the unit to %<on>s.",
                  "Rotate it 180° and trim every unit to %<on>s, centred on its seams, the other three sides; %<count>d cuts.", **trimming
        operation :trim_two, :trim_side, "Trim the unit to %<on>s.",
                  "Trim every unit to %<on>s: two raw sides on the ruler's lines, cut the other two and the dog ears; %<count>d cuts.",
                  **trimming
        operation :trim_square, :trim_side, "Square up 1 side of a patch that was cut large.",
                  "Square up the patches that were cut large with the sides beside them: %<count>d cuts.", **cutting, called: "squaring up"

        operation :cut_sheet, :align_and_cut, "Cut 1 piece from the sheet, along its printed lines.",
                  "Cut %<count>d pieces from the sheet, along its printed lines.", **cutting
        operation :lay_cells, [], "Fusible side up, lay 1 square on its cell.",
                  "Fusible side up, lay %<count>d squares and HSTs on their cells, every seam on the corner ticks.",
                  alignments: 1, called: "laying cells on the ticks"
        operation :look_at_cells, [], "Look at the piece before you fuse it.", "Look at all %<count>d pieces before you fuse them.",
role: :check
        operation :snip_crossing, :snip, "Snip the allowance between the cells, up to the stitching.",
                  "Snip %<count>d allowances between the cells, up to the stitching."
        operation :fuse_cell, :fuse_cell, "Fuse 1 cell.", "Fuse %<count>d cells.", care: :iron
      end
    end
  end
end
