# frozen_string_literal: true

module OakenGauge
  module StepDrawings
    # What is drawn at the steps that follow cutting, one after another: what was sewn before lies there as it came out.
    #
    # @abstract A kind of method draws what is its own, by the names in {AT}; {Whole} draws the checks.
    class Making
      # What is drawn at an operation.
      AT = { mark_diagonal: :marking, mark_both_diagonals: :marking, mark_across_seam: :marking,
             lay_opposites: :laying, lay_opposites_open: :laying, lay_apart: :laying, lay_on: :laying, lay_centered: :laying,
             lay_cells: :laying_cells, look_at_cells: :looking, fuse_cell: :fusing,
             sew_beside_line: :sewing, sew_beside_guide: :sewing, sew_on_line: :sewing, sew_on_guide: :sewing, sew_round: :sewing,
             sew_long_side: :sewing, sew_seam: :sewing, sew_bonus: :sewing_bonus, fold_and_sew: :folding,
             cut_middle: :cutting_middle, cut_on_line: :cutting, cut_between: :cutting, cut_apart: :cutting, cut_corner_off: :cutting,
             open_halves: :opening, snip: :snipping, snip_crossing: :snipping, trim_ears: :trimming_ears,
             press_to_dark: :pressing, press_to_sky: :pressing, press_toward: :pressing, press_seam: :pressing, press_open: :pressing,
             trim_to: :trimming, trim_two: :trimming, trim_top: :trimming, trim_rest: :trimming, trim_square: :trimming,
             measure_round: :measuring, measure_outline: :measuring, check_one: :checking }.freeze

      # @param way [Methods::Method]
      def initialize(way)
        @way = way
        @unit = way.unit
        @seam = way.seam.to_f
        @deep = (way.seam + way.deeper).to_f
      end

      # @return [Array<Methods::Step>] what it draws, but for the cutting
      def work
        @work ||= way.work.reject { |step| Cutting::AT.key?(step.operation.name) }
      end

      # @param step [Methods::Step] the next one
      # @return [Drawing]
      def drawing(step)
        unless step.round == @round || step.operation.name == :check_one
          @round = step.round
          enter(@round)
        end
        send(AT.fetch(step.operation.name), step)
      end

      private

      attr_reader :way, :unit, :seam

      # What is sewn in a round is laid out.
      def enter(_round); end

      def checking(step)
        whole.sized(step)
      end

      def measuring(step)
        whole.measured(step)
      end

      def whole
        @whole ||= Whole.new(unit, seam)
      end

      # A seam is shown by where it is pressed to: from the middle of it, straight across.
      def arrow(drawing, from, way)
        drawing.line(:press, from, from + way)
      end
    end
  end
end
