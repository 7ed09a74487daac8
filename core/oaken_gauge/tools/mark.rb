# frozen_string_literal: true

module OakenGauge
  module Tools
    # One mark on a tool.
    #
    # - tool: {Tool}
    # - side: Symbol, the side or shape it belongs to
    # - makes: Symbol, the kind of patch it makes
    # - printed: Rational inches or String, what stands there
    # - reads: Symbol, what the number means: :finished, :strip, :unfinished, :cut or :letter
    # - finished: Rational inches, the finished size of the patch it makes
    # - main: Boolean, a line that is easy to find
    Mark = Struct.new(:tool, :side, :makes, :printed, :reads, :finished, :main, keyword_init: true) do
      # @param measure [Symbol]
      # @return [String] what is printed, as it is read out
      def label(measure = :inch)
        printed.is_a?(Numeric) ? Length.new(printed, measure).to_s : printed
      end
    end
  end
end
