# frozen_string_literal: true

module OakenGauge
  module Methods
    # Every operation that steps are made of, declared once.
    module Operations
      @all = {}

      class << self
        # @return [Operation]
        # @raise [KeyError] for a name that was never declared
        def fetch(name)
          @all.fetch(name)
        end

        private

        def operation(name, takes, one, many = one, cuts: 0, passes: 0, alignments: 0, care: nil)
          @all[name] = Operation.new(name: name, takes: Array(takes), cuts: cuts, passes: passes,
                                     alignments: alignments, care: care, one: one, many: many)
        end
      end

      with_options = { cuts: 1, alignments: 1, care: :blade }.freeze
      sewing = %i[sew_start sew_inch].freeze

      operation :straighten, :align_and_cut, "Straighten the end of the strip.",
                "Straighten the ends of the %<count>d strips.", **with_options
      operation :cut_strip, :align_and_cut, "Cut 1 strip %<size>s wide.", "Cut %<count>d strips %<size>s wide.", **with_options
      operation :subcut, :align_and_cut, "Cut 1 square of %<size>s from the strip.",
                "Cut %<count>d squares of %<size>s from the strips.", **with_options
      operation :cut_diagonal, :align_and_cut, "Cut the square corner to corner.",
                "Cut the %<count>d squares corner to corner, once.", **with_options
      operation :cut_triangle, :align_and_cut, "Cut 1 %<on>s with the triangle ruler.",
                "Cut %<count>d %<on>s with the triangle ruler, turned half round between cuts, never over.", **with_options
      operation :cut_blank, :align_and_cut, "Cut 1 blank for the die, lengthwise grain along the feed.",
                "Cut %<count>d blanks for the die, lengthwise grain along the feed.", **with_options
      operation :die_pass, :die_pass, "Send the layers through the press, 1 pass.",
                "Send the layers through the press, %<count>d passes.", passes: 1, care: :press
      operation :mark_diagonal, :mark_line, "Draw a line corner to corner on the back of 1 %<on>s square.",
                "Draw a line corner to corner on the back of %<count>d %<on>s squares.", alignments: 1
      operation :mark_both_diagonals, %i[mark_line mark_line], "Draw both diagonals on the back of 1 %<on>s square.",
                "Draw both diagonals on the back of %<count>d %<on>s squares.", alignments: 2
      operation :sew_beside_line, sewing, "Right sides together, sew %<size>s beside the line.",
                "Right sides together, sew %<size>s beside the lines, either side: %<count>d seams.", alignments: 1, care: :needle
      operation :sew_long_side, sewing, "Right sides together, sew 1 pair along the long side.",
                "Right sides together, sew %<count>d pairs along the long side, from the blunt end, without a pull.",
                alignments: 1, care: :needle
      operation :lay_strips, :align_and_cut, "Lay 1 pair of strips right sides together, edges true.",
                "Lay %<count>d pairs of strips right sides together, edges true.", alignments: 1
      operation :cut_middle, :align_and_cut, "Cut the square across and down the middle.",
                "Cut across and down the middle first: %<count>d cuts.", **with_options
      operation :cut_on_line, :align_and_cut, "Cut on the line.", "Cut on the drawn lines: %<count>d cuts.", **with_options
      operation :press_to_dark, :press, "Set the seam, then press it to the dark side.",
                "Set the seams, then press %<count>d units to the dark side: lift, do not slide.", care: :iron
    end
  end
end
