# frozen_string_literal: true

module OakenGauge
  module Documents
    # Values that are no lengths and hold no others: texts, numbers, choices.
    #
    # @example
    #   Scalars::Choice.new(%w[inner outer]).read(node)   # => :inner
    module Scalars
      # Something that can be read: not blank, and without control characters.
      class Text < Type
        # A blank text, and one with a line break or a NUL, names nothing.
        PATTERN = "^[^\\u0000-\\u001f\\u007f]*[^\\u0000-\\u0020\\u007f\\u0085\\u00a0\\u2028\\u2029][^\\u0000-\\u001f\\u007f]*$"
        READABLE = /\A[^\u0000-\u001f\u007f]*[^\u0000-\u0020\u007f\u0085\u00a0\u2028\u2029][^\u0000-\u001f\u007f]*\z/

        # @param most [Integer] characters
        # @param lines [Boolean] whether it may have several lines
        # @param blank [Boolean] whether one of several lines may be empty
        def initialize(most: 80, lines: false, blank: false)
          super()
          @most = most
          @least = blank ? 0 : 1
          @lines = lines
        end

        # @return [String, nil]
        def read(node)
          given = node.value
          return given if given.is_a?(String) && given.length <= @most && good?(given)

          return node.fault("is empty: allowed are 1 to #{@most} characters") if given == ""

          node.refuse("a text of #{@least} to #{@most} characters#{', on one line' unless @lines}")
        end

        # @return [Hash]
        def schema
          { "type" => "string", "minLength" => @least, "maxLength" => @most, "pattern" => @lines ? "^[^\\u0000]*$" : PATTERN }
        end

        # @return [Hash]
        def form
          { "type" => "text", "most" => @most }
        end

        private

        def good?(given)
          @lines ? given.length >= @least && !given.include?("\0") : given.match?(READABLE)
        end
      end

      # Yes or no.
      class Flag < Type
        # @return [Boolean, nil]
        def read(node)
          [true, false].include?(node.value) ? node.value : node.refuse("true or false")
        end

        # @return [Hash]
        def schema
          { "type" => "boolean" }
        end

        # @return [Hash]
        def form
          { "type" => "flag" }
        end
      end

      # One of a few names, a Symbol in the core, or one of a few numbers.
      class Choice < Type
        # @param options [Array<String, Integer>, Proc]
        # @param words [Hash{String => String}] what the options are called
        def initialize(options, words: {})
          super()
          @options = options
          @words = words
        end

        # @return [Array<String, Integer>]
        def options
          @options = @options.call if @options.respond_to?(:call)
          @options
        end

        # @return [Symbol, Integer, nil]
        def read(node)
          found = options.find { |option| option == node.value }
          return found.is_a?(String) ? found.to_sym : found if found

          node.refuse(options.size == 1 ? options.first.to_s : "one of #{options.join(', ')}")
        end

        # @return [String, Integer]
        def write(value, _measure)
          value.is_a?(Symbol) ? value.to_s : value
        end

        # @return [Hash]
        def schema
          { "enum" => options }
        end

        # @return [Hash]
        def form
          { "type" => "choice", "options" => options.map { |one| { "value" => one, "label" => label(one) } } }
        end

        private

        def label(option)
          @words.fetch(option) { option.to_s.tr("_", " ") }
        end
      end

      # Any number.
      class Number < Type
        # @param range [Range<Numeric>]
        def initialize(range)
          super()
          @range = range
        end

        # @return [Numeric, nil]
        def read(node)
          given = plain(node.value)
          return given if given.is_a?(kind) && @range.cover?(given)

          node.refuse("#{called} from #{@range.begin} to #{@range.end}")
        end

        # @return [Hash]
        def schema
          { "type" => type, "minimum" => @range.begin, "maximum" => @range.end }
        end

        # @return [Hash]
        def form
          { "type" => type, "least" => @range.begin, "most" => @range.end }
        end

        private

        def plain(given) = given
        def kind = Numeric
        def called = "a number"
        def type = "number"
      end

      # A whole number. JSON has but one kind of number: 24.0 is 24.
      class Whole < Number
        private

        def plain(given)
          given.is_a?(Float) && given.finite? && given == given.to_i ? given.to_i : given
        end

        def kind = Integer
        def called = "a whole number"
        def type = "integer"
      end
    end
  end
end
