# frozen_string_literal: true

module OakenGauge
  module Tools
    # A trimmer for one size of one kind of unit, with a groove that sits on the seam.
    class SeamLockTrimmer < Tool
      title "Trimmer with a groove on the seam"
      group "Trimming sewn units"
      common 5
      choice :makes, UnitTrimmer::KINDS, label: "For units of kind"
      field :finished, Documents::Measures::OneOrTwo.new(most: LARGEST), label: "Finished size"
      made_for_seam

      # @return [Array<Mark>] one, for whole units
      def trim_marks
        @trim_marks ||= [Mark.new(tool: self, side: makes, makes: makes, printed: [finished].flatten.first, reads: :finished,
                                  finished: finished, main: true)]
      end

      # One unfinished unit, with the groove that sits on the seam.
      # @return [Picture]
      def picture
        sides = [finished].flatten.map { |side| side + (2 * made_for_seam) }
        Picture.draw(written_in) do |draw|
          draw.nested([[[sides.first, sides.last], [finished].flatten.first]])
          draw.line([0, draw.height], [draw.width, 0], :seam)
        end
      end
    end
  end
end
