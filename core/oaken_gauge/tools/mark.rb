# frozen_string_literal: true

module OakenGauge
  module Tools
    # One mark on a tool.
    #
    # - tool: {Tool}
    # - side: Symbol, the side or shape it belongs to
    # - makes: Symbol, the kind of patch or unit it makes
    # - printed: Rational inches or String, what stands there
    # - reads: Symbol, what the number means: :finished, :strip, :unfinished, :cut, :cell or :letter
    # - finished: the finished size of what it makes, inches
    # - shape: {Patches::Shape} that it makes, or nil when it is for whole units
    # - main: Boolean, a line that is easy to find
    # - kite_square, corner_square: Rational inches or nil, the squares under a wedge ruler's strip
    # - held: {Die::Shapes} or nil, the shapes of a die that it stands for
    Mark = Struct.new(:tool, :side, :makes, :printed, :reads, :finished, :shape, :main, :kite_square, :corner_square, :held,
keyword_init: true) do
      # @param measure [Symbol] what is worked in
      # @return [String] what is printed, as it is read out: in inches on an inch tool, whatever is worked in
      def label(measure = tool.written_in)
        printed.is_a?(Numeric) ? Length.new(printed, tool.written_in).printed_for(measure) : printed.to_s
      end

      # @return [Boolean] whether its size is one number
      def measured?
        finished.is_a?(Rational)
      end
    end
  end
end
