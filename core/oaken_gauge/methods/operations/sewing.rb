# frozen_string_literal: true

module OakenGauge
  module Methods
    module Operations
      # Marking, laying and sewing.
      module Sewing
        extend Declaring

        seam = %i[sew_start sew_inch].freeze
        marking = { alignments: 1, marks: true }.freeze
        sewing = { alignments: 1, care: :needle, role: :sew, guide: :edge }.freeze
        by_line = sewing.merge(guide: :line).freeze
        on_line = sewing.merge(guide: :on_line).freeze
        laying = { alignments: 1, role: :lay }.freeze

        operation :mark_diagonal, :mark_line, "Draw a line corner to corner on the back of 1 %<on>s square.",
                  "Draw a line corner to corner on the back of %<count>d %<on>s squares.", **marking
        operation :mark_both_diagonals, %i[mark_line mark_line], "Draw both diagonals on the back of 1 %<on>s square.",
                  "Draw both diagonals on the back of %<count>d %<on>s squares.", alignments: 2, marks: true
        operation :mark_across_seam, :mark_line, "Draw a line corner to corner across the seam of 1 %<on>s.",
                  "Draw a line corner to corner across the seam of %<count>d %<on>s.", **marking

        operation :sew_beside_line, seam, "Right sides together, sew %<size>s beside the line.",
                  "Right sides together, sew %<size>s beside the lines, either side: %<count>d seams.",
                  **by_line, guided: :sew_beside_guide, called: "sewing beside the line"
        operation :sew_on_line, seam, "Right sides together, start on a scrap and sew a thread inside the line.",
                  "Right sides together, start on a scrap and chain piece %<count>d seams, a thread inside the lines.",
                  **on_line, guided: :sew_on_guide, called: "sewing on the line"
        operation :sew_beside_guide, seam, "Right sides together, sew %<size>s beside the diagonal, its corner led along the guide.",
                  "Right sides together, sew %<size>s beside the diagonals, either side, the corner led along the guide: %<count>d seams.",
                  **by_line, called: "sewing by the guide"
        operation :sew_on_guide, seam, "Right sides together, start on a scrap; sew a thread inside the diagonal by the guide.",
                  "Right sides together, start on a scrap and chain piece %<count>d seams, a thread inside the diagonals, " \
                  "the corner along the guide.",
                  **on_line, called: "sewing by the guide"
        operation :sew_bonus, seam, "Sew a second seam for the bonus unit, %<size>s outside the first; cut midway between both.",
                  "Sew a second seam for each bonus unit, %<size>s outside the first, %<count>d in all; cut midway between both.",
                  alignments: 1, care: :needle, guide: :on_line
        operation :sew_round, seam, "Right sides together, sew all round the square, %<size>s from its edges.",
                  "Right sides together, sew all round %<count>d pairs of squares, %<size>s from their edges.",
                  **sewing, alignments: 4, called: "sewing all round"
        operation :sew_long_side, seam,
                  "Right sides together, sew 1 pair along the long side, %<size>s from the edge, from the blunt end, starting on a scrap.",
                  "Right sides together, sew %<count>d pairs along the long side, %<size>s from the edge, from the blunt end, " \
                  "starting on a scrap; don't pull.",
                  **sewing, called: "sewing the long side"
        operation :sew_seam, seam, "Right sides together, sew 1 seam, %<size>s from the edge%<on>s.",
                  "Right sides together, chain piece %<count>d seams, %<size>s from the edge%<on>s.",
                  **sewing, called: "sewing seams"
        operation :lay_opposites, [], "Lay the 2 halves right sides together, opposite colours facing, seams nested.",
                  "Lay %<count>d pairs right sides together, opposite colours facing, seams nested.",
                  **laying, called: "matching the halves", opened: :lay_opposites_open
        operation :lay_opposites_open, [], "Lay the 2 halves right sides together, opposite colours facing, pinned where the seams meet.",
                  "Lay %<count>d pairs right sides together, opposite colours facing, pinned where the seams meet.",
                  **laying, called: "matching the halves"
        operation :lay_apart, [],
                  "Lay the halves right sides together, opposite colours facing, outer edges together: the seams do not meet.",
                  "Lay %<count>d pairs right sides together, opposite colours facing, outer edges together: the seams do not meet.",
                  **laying, called: "laying the halves"
        operation :lay_on, [], "Lay 1 %<on>s on its square, right sides together.",
                  "Lay %<count>d %<on>s on their squares, right sides together.", **laying, called: "laying pieces on one another"
        operation :lay_centered, [], "Lay the smaller square in the middle of the larger, right sides together.",
                  "Lay %<count>d smaller squares in the middle of the larger, right sides together.",
                  **laying, called: "centring the square"
        operation :fold_and_sew, seam, "Fold the piece on its printed line, right sides together, and sew %<size>s from the fold.",
                  "Fold on the printed lines, right sides together, and chain piece %<count>d seams, %<size>s from the fold.",
                  alignments: 1, care: :needle, called: "folding and sewing the sheet"
      end
    end
  end
end
