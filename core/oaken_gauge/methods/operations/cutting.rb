# frozen_string_literal: true

module OakenGauge
  module Methods
    module Operations
      # What is done at the mat before anything is sewn.
      module Cutting
        extend Declaring

        cutting = { cuts: 1, placements: 1, alignments: 1, care: :blade }.freeze
        two_cuts = { cuts: 2, placements: 2, alignments: 2, care: :blade }.freeze
        apart = { role: :apart }.freeze
        strip = { role: :strip }.freeze
        across = { role: :across }.freeze
        checking = { role: :check }.freeze

        operation :starch, :starch, "Starch the %<on>s fabric and let it dry before you cut.",
                  "Starch the %<on>s fabrics and let them dry before you cut.", care: :iron
        operation :cut_edge, :align_and_cut, "Square up the edge.", "Square up %<count>d edges.", **cutting
        operation :cut_strip, :align_and_cut, "Cut 1 strip %<size>s wide.", "Cut %<count>d strips %<size>s wide.",
                  **cutting, **strip, called: "cutting strips"
        operation :subcut, :align_and_cut, "Cut 1 square of %<size>s from the strip: %<on>s.",
                  "Cut %<count>d squares of %<size>s from the strips: %<on>s.", **cutting, **across, called: "subcutting squares"
        operation :subcut_rectangle, :align_and_cut, "Cut 1 piece of %<size>s from the strip: %<on>s.",
                  "Cut %<count>d pieces of %<size>s from the strips: %<on>s.", **cutting, **across, called: "subcutting pieces"
        operation :lay_slots, :align_and_cut, "Lay the slotted ruler once.", "Lay the slotted ruler %<count>d times.",
                  placements: 1, alignments: 1
        operation :cut_strip_slots, :cut_slot, "Cut 1 strip %<size>s wide in a slot.",
                  "Cut %<count>d strips %<size>s wide in the slots, without moving the ruler in between.",
                  cuts: 1, care: :blade, **strip, called: "cutting strips in slots"
        operation :subcut_slots, :cut_slot, "Cut 1 square of %<size>s from the strip, in a slot: %<on>s.",
                  "Cut %<count>d squares of %<size>s from the strips, in the slots: %<on>s.",
                  cuts: 1, care: :blade, **across, called: "subcutting squares in slots"
        operation :cut_diagonal, :align_and_cut, "Cut the square corner to corner.",
                  "Cut the %<count>d squares corner to corner, once.", **cutting, **apart, called: "cutting squares corner to corner"
        operation :cut_both_diagonals, %i[align_and_cut align_and_cut], "Cut the square on both diagonals.",
                  "Cut the %<count>d squares on both diagonals, without moving the pieces in between.",
                  **two_cuts, **apart, called: "cutting squares on both diagonals"
        operation :cut_kite, %i[align_and_cut align_and_cut], "Cut the square to a kite.",
                  "Cut the %<count>d squares into kites, right angle in the corner.", **two_cuts, **apart, called: "cutting kites"
        operation :cut_triangle, :align_and_cut, "Cut 1 of the %<on>s.",
                  "Cut %<count>d %<on>s.", **cutting, called: "cutting patches from strips"
        operation :cut_blank, :align_and_cut, "Cut 1 blank for the die, lengthwise grain along the feed.",
                  "Cut %<count>d blanks for the die, lengthwise grain along the feed.", **cutting
        operation :cut_blank_off_grain, :align_and_cut,
                  "Cut 1 blank for the die (%<on>s): this fabric only gives it off grain, so it may stretch along the feed.",
                  "Cut %<count>d blanks for the die (%<on>s): this fabric only gives them off grain, so they may stretch along the feed.",
                  **cutting
        operation :cut_with_die, :die_pass, "Send the layers through the press, 1 pass.",
                  "Send the layers through the press, %<count>d passes.", passes: 1, care: :press, called: "cutting with the die"
        operation :lay_strips, :align_and_cut, "Lay 1 pair of strips right sides together, edges true.",
                  "Lay %<count>d pairs of strips right sides together, edges true.", alignments: 1
        operation :lay_folded, :align_and_cut, "Fold the strip right sides together: each cut then gives one left and one right.",
                  "Fold the %<count>d strips right sides together: each cut then gives one left and one right.", alignments: 1

        operation :trim_tips, %i[trim_side trim_side], "Trim both tips of 1 triangle with %<on>s.",
                  "Trim both tips of %<count>d triangles with %<on>s, so that they show where they sit.", **two_cuts

        operation :measure_round, [], "Measure 1: it should be %<on>s now.", **checking
        operation :measure_outline, [], "Lay 1 on its finished outline: it should reach %<on>s past it all round.", **checking,
called: "holding one against its outline"
        operation :check_one, [], "Make 1 whole and measure it before you go on: %<on>s, unfinished.", **checking
      end
    end
  end
end
