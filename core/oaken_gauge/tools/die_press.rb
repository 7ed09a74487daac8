# frozen_string_literal: true

module OakenGauge
  module Tools
    # The press that a die goes through. The board must fit its bed.
    class DiePress < Tool
      title "Die press"
      common 10
      length :bed_width, most: LARGEST, label: "Width of its bed"
      flag :powered, label: "Powered"
      alias powered? powered

      # @param die [Die]
      # @return [Boolean]
      def takes?(die)
        die.board.first <= bed_width
      end
    end
  end
end
