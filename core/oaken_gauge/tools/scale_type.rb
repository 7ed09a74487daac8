# frozen_string_literal: true

module OakenGauge
  module Tools
    # Numbers printed along a tool, in documents: a list in order, or {from, to, step}.
    class ScaleType < Documents::Type
      # From, to and by what step.
      class Range
        include Documents::Record

        length :from, most: Tool::LARGEST
        length :to, most: Tool::LARGEST
        length :step, most: Tool::LARGEST, least: Documents::Measures::FINEST, because: "nothing is printed finer"
        rule(:from, :to, :step, at: ->(*) { [[]] }, say: lambda { |*given|
          words = given.map { |length| Length.new(length).to_s }
          "runs from #{words[0]} to #{words[1]} by #{words[2]}: allowed are 1 to #{Scale::MOST} marks, from the smaller to the larger"
        }) { |*given| Scale.even(*given).size.between?(1, Scale::MOST) }

        # @return [Scale]
        def scale
          Scale.even(from, to, step)
        end
      end

      LISTED = Documents::Composites::List.new(Documents::Measures::Size.new(most: Tool::LARGEST), 1..Scale::MOST)
      EVEN = Documents::Composites::Nested.new(Range)
      private_constant :LISTED, :EVEN

      # @return [Scale, nil]
      def read(node)
        return EVEN.read(node)&.scale if node.value.is_a?(Hash)

        numbers = LISTED.read(node) or return
        return Scale.new(numbers) if in_order?(numbers)

        node.fault("is out of order, repeats a number, or has two nearer than #{Length.new(Documents::Measures::FINEST)}: " \
                   "allowed are marks from the smaller to the larger")
      end

      # @return [Hash, Array<String>]
      def write(scale, measure)
        return LISTED.write(scale.to_a, measure) unless scale.range

        EVEN.write(Range.new(from: scale.range[0], to: scale.range[1], step: scale.range[2]), measure)
      end

      # @return [Hash]
      def schema
        { "if" => { "type" => "array" }, "then" => { **LISTED.schema, "x-rule" => { "of" => "Tools::ScaleType", "say" => "from the smaller to the larger" } }, "else" => EVEN.schema }
      end

      # @return [Hash]
      def form
        { "type" => "scale", "most" => Scale::MOST }
      end

      private

      def in_order?(numbers)
        numbers.each_cons(2).all? { |one, other| other - one >= Documents::Measures::FINEST }
      end
    end
  end
end
