# frozen_string_literal: true

module OakenGauge
  module Methods
    # What a step is called where it is only spoken of, by its operation.
    module About
      WORDS = {
        cut_strip: "cutting strips", cut_strip_slots: "cutting strips in slots", subcut: "cutting squares",
        subcut_slots: "cutting squares in slots", subcut_rectangle: "cutting pieces",
        cut_diagonal: "cutting squares corner to corner", cut_both_diagonals: "cutting squares on both diagonals",
        cut_kite: "cutting kites", cut_apart: "cutting on both diagonals", cut_middle: "cutting through the middle",
        cut_triangle: "cutting patches from strips", cut_with_die: "cutting with the die",
        sew_beside_line: "sewing beside the line", sew_beside_guide: "sewing by the guide",
        sew_on_line: "sewing on the line", sew_on_guide: "sewing by the guide", sew_seam: "sewing seams",
        sew_round: "sewing all round", sew_long_side: "sewing the long side", lay_opposites: "matching the halves",
        lay_apart: "laying the halves", lay_on: "laying pieces on one another", lay_centered: "centring the square",
        press_to_dark: "pressing", press_to_sky: "pressing", press_seam: "pressing", press_open: "pressing", trim_to: "trimming",
        trim_two: "trimming", trim_square: "squaring up", lay_cells: "laying cells on the ticks", mix: "mixing methods",
        fold_and_sew: "folding and sewing the sheet"
      }.freeze

      # @param operation [Symbol]
      # @return [String]
      def self.words(operation)
        WORDS.fetch(operation) { operation.to_s.tr("_", " ") }
      end
    end
  end
end
