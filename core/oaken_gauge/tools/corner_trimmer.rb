# frozen_string_literal: true

module OakenGauge
  module Tools
    # A trimmer that engineers the corners of a round, so that a triangle shows where it sits.
    class CornerTrimmer < Tool
      title "Corner trimmer"
      group "Trimming sewn units"
      common 13
      choice :round, %w[inner outer], label: "For the round that is"
      made_for_seam

      # How large it is drawn, in seam allowances: its document does not say.
      DRAWN = 12
      private_constant :DRAWN

      # A triangle whose tips are cut off where a corner is to be cut off.
      # @return [Picture]
      def picture
        side = DRAWN * made_for_seam
        off = (round == :inner ? 2 : 3) * made_for_seam
        Picture.draw(written_in) do |draw|
          draw.body(Polygon.new([[0, 0], [side - off, 0], [side - off, off], [off, side - off], [0, side - off]]))
          draw.line([made_for_seam, made_for_seam], [side - off, made_for_seam], :seam)
        end
      end
    end
  end
end
