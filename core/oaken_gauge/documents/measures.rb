# frozen_string_literal: true

module OakenGauge
  module Documents
    # Values that are lengths: one, a few, an outline. Inside the core they are Rational inches.
    #
    # @example
    #   Measures::Size.new(most: 48).read(node)   # "2 7/8" => (23/8)
    module Measures
      # The largest thing on a cutting table, a bolt laid out, in inches; more is a slip of the pen.
      LARGEST = 10_000r
      # The finest lines that are printed on anything.
      FINEST = 1/64r
      # What a part of a block's side may be.
      SHARE = { most: 1, because: "it is a part of the block's side" }.freeze

      # The grammar of {LengthParsing} as a regular expression that every JSON Schema validator reads.
      module Pattern
        SPACE = "[ \\t\\r\\n\\f\\v]*"
        VULGAR = "[\\u00bc-\\u00be\\u2150-\\u215e]"
        UNDER = "0*[1-9]\\d*"
        SLASH = "#{SPACE}[/\\u2044]#{SPACE}".freeze
        SUFFIX = "(?:\"|\\u2033|''|inches|inch|in|yards|yard|yds|yd|metres|metre|meters|meter|cm|mm|m)?"
        # With any number, and with a number that is more than nothing.
        ANY = ["(?:\\d+[ -]+)?\\d+#{SLASH}#{UNDER}", "(?:\\d+[ -]*)?#{VULGAR}", "\\d+(?:[.,]\\d+)?", "[.,]\\d+"].freeze
        POSITIVE = ["(?:0*[1-9]\\d*[ -]+)\\d+#{SLASH}#{UNDER}", "(?:\\d+[ -]+)?0*[1-9]\\d*#{SLASH}#{UNDER}", "(?:\\d+[ -]*)?#{VULGAR}",
                    "0*[1-9]\\d*(?:[.,]\\d+)?", "0*[.,]0*[1-9]\\d*"].freeze

        # @return [Hash{String => Hash}] what the schemas of all lengths refer to
        def self.definitions
          { "length" => schema(POSITIVE, ""), "any_length" => schema(ANY, "-?") }
        end

        def self.schema(numbers, sign)
          { "type" => "string", "maxLength" => LengthParsing::LONGEST, "examples" => ["2 7/8", "7/8", "2", "2.875", "7.3cm", "73mm"],
            "pattern" => "^#{SPACE}#{sign}(?:#{numbers.join('|')})#{SPACE}#{SUFFIX}#{SPACE}$" }
        end
        private_class_method :schema
      end

      # One length.
      class Size < Type
        # @param most [Rational] largest allowed, inches
        # @param least [Rational, nil] smallest allowed; nil for anything more than nothing
        # @param because [String, nil] why nothing else is allowed
        def initialize(most: LARGEST, least: nil, because: nil)
          super()
          @most = most.to_r
          @least = least&.to_r
          @because = because
        end

        # @return [Rational, nil] inches
        def read(node)
          length = Length.parse(node.value)
          node.measures << length.measure
          allowed?(length.inches) ? length.inches : node.refuse([allowed, @because].compact.join(": "))
        rescue UnreadableLength
          node.refuse(LengthParsing::ALLOWED)
        end

        # @return [String]
        def write(value, measure)
          Length.new(value, measure).to_s
        end

        # @return [Numeric]
        def scale(value, factor)
          value * factor
        end

        # @return [Size]
        def shared
          Size.new(**SHARE)
        end

        # @return [Hash]
        def schema
          { "$ref" => @least.nil? || @least.positive? ? "#/$defs/length" : "#/$defs/any_length",
            "x-at-least" => @least && Length.new(@least).to_s, "x-at-most" => Length.new(@most).to_s }.compact
        end

        # @return [Hash]
        def form
          { "type" => "length", "least" => @least && Length.new(@least).to_s, "most" => Length.new(@most).to_s }.compact
        end

        private

        def allowed?(size)
          size <= @most && (@least ? size >= @least : size.positive?)
        end

        def allowed
          "#{@least ? "at least #{Length.new(@least)}" : 'more than 0'} and at most #{Length.new(@most)}"
        end
      end

      # One length together with the unit of measure it was written in.
      class Said < Size
        # @return [Length, nil]
        def read(node)
          size = super
          Length.new(size, node.measures.last) if size
        end

        # @return [String]
        def write(value, measure)
          super(value.inches, measure)
        end
      end

      # Two lengths, such as a height and a width.
      class Pair < Type
        # @param names [Array<String>] what the two are called
        def initialize(names: %w[Height Width], **limits)
          super()
          @size = Size.new(**limits)
          @names = names
        end

        # @return [Array(Rational, Rational), nil] inches
        def read(node)
          return node.refuse("a list of 2 lengths") unless node.value.is_a?(Array) && node.value.size == 2

          sizes = Array.new(2) { |i| @size.read(node.child(i)) }
          sizes.freeze unless sizes.include?(nil)
        end

        # @return [Array(String, String)]
        def write(value, measure)
          value.map { |size| @size.write(size, measure) }
        end

        # @return [Array(Numeric, Numeric)]
        def scale(value, factor)
          value.map { |size| size * factor }
        end

        # @return [Pair]
        def shared
          Pair.new(names: @names, **SHARE)
        end

        # @return [Hash]
        def schema
          { "type" => "array", "items" => @size.schema, "minItems" => 2, "maxItems" => 2 }
        end

        # @return [Hash]
        def form
          @size.form.merge("type" => "lengths", "names" => @names)
        end
      end

      # One length or two, for what may be square or twice as wide as it is high.
      class OneOrTwo < Type
        def initialize(**limits)
          super()
          @one = Size.new(**limits)
          @two = Pair.new(**limits)
        end

        # @return [Rational, Array(Rational, Rational), nil] inches
        def read(node)
          (node.value.is_a?(Array) ? @two : @one).read(node)
        end

        # @return [String, Array<String>]
        def write(value, measure)
          (value.is_a?(Array) ? @two : @one).write(value, measure)
        end

        # @return [Hash]
        def schema
          { "if" => { "type" => "array" }, "then" => @two.schema, "else" => @one.schema }
        end

        # @return [Hash]
        def form
          @one.form.merge("type" => "length_or_two", "names" => %w[Height Width])
        end
      end
    end
  end
end
