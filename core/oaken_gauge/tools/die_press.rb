# frozen_string_literal: true

module OakenGauge
  module Tools
    # The press that a die goes through. The board must fit its bed.
    class DiePress < Tool
      title "Die press"
      group "Shapes cut in a press"
      common 10
      length :bed_width, most: LARGEST, label: "Width of its bed"
      flag :powered, label: "Powered"
      alias powered? powered

      # How long the bed is drawn, in its widths, and how thick the roller is: the document does not say.
      DRAWN = 7/4r
      ROLLER = 1/5r
      private_constant :DRAWN, :ROLLER

      # The bed, with the roller across its middle.
      # @return [Picture]
      def picture
        long, roller = [DRAWN, ROLLER].map { |part| bed_width * part }
        Picture.draw(written_in) do |draw|
          draw.body(Polygon.rectangle(long, bed_width))
          draw.part(Polygon.rectangle(roller, bed_width).move((long - roller)/2r, 0))
          draw.label([long/8r, bed_width/2r], bed_width)
        end
      end

      # @param die [Die]
      # @return [Boolean]
      def takes?(die)
        die.board.first <= bed_width
      end
    end
  end
end
