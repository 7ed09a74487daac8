# frozen_string_literal: true

module OakenGauge
  module Documents
    # Values that hold others: lists, objects whose class is declared, objects told apart by one key.
    #
    # @example
    #   Composites::List.new(Composites::Nested.new(Tools::Die::Shapes), 1..40)
    module Composites
      # A list of values of one type.
      class List < Type
        # @return [Type]
        attr_reader :entries

        # @param type [Type]
        # @param sizes [Range<Integer>] how many entries
        def initialize(type, sizes)
          super()
          @entries = type
          @sizes = sizes
        end

        # @return [Array, nil]
        def read(node)
          return node.refuse("a list of #{span}") unless node.value.is_a?(Array) && @sizes.cover?(node.value.size)

          values = node.value.each_index.map { |i| entries.read(node.child(i)) }
          values.freeze unless values.include?(nil)
        end

        # @return [Array]
        def write(value, measure)
          value.map { |entry| entries.write(entry, measure) }
        end

        # @return [Hash]
        def schema
          { "type" => "array", "items" => entries.schema, "minItems" => @sizes.min, "maxItems" => @sizes.max }
        end

        # @return [Hash]
        def form
          { "type" => "list", "least" => @sizes.min, "most" => @sizes.max, "of" => entries.form }
        end

        private

        def span
          @sizes.min == @sizes.max ? @sizes.min.to_s : "#{@sizes.min} to #{@sizes.max}"
        end
      end

      # An object of a declared class.
      class Nested < Type
        # @param declared [Class, Proc] one that {Declared} extends
        def initialize(declared)
          super()
          @declared = declared
        end

        # @return [Object, nil]
        def read(node)
          declared.read(node)
        end

        # @return [Hash]
        def write(value, measure)
          value.to_document(measure)
        end

        # @return [Hash]
        def schema
          declared.schema
        end

        # @return [Hash]
        def form
          { "type" => "object", "fields" => declared.form }
        end

        private

        def declared
          @declared = @declared.call if @declared.is_a?(Proc)
          @declared
        end
      end

      # An object of one of several declared classes, told by one of its keys: a tool by its kind.
      class Variant < Type
        # @param key [String] "kind"
        # @param what [String] for the words of a refusal: "a tool with id, name and kind"
        # @param memo [Memo, nil] of what was read before
        # @param classes [Proc] to {name => class}
        def initialize(key, what, memo: nil, &classes)
          super()
          @key = key
          @what = what
          @memo = memo
          @classes = classes
        end

        # @return [Hash{String => Class}]
        def classes
          @classes.call
        end

        # @return [Object, nil]
        def read(node)
          return unless node.object?(@what)
          return node.child(@key).fault("is missing") unless node.key?(@key)

          name = node.value[@key]
          found = name.is_a?(String) && classes[name]
          return node.child(@key).refuse("one of #{classes.keys.join(', ')}") unless found

          @memo ? @memo.fetch(node.value) { found.read(node) } : found.read(node)
        end

        # @return [Hash]
        def write(value, measure)
          value.to_document(measure)
        end

        # Which of the classes it is decides what else it may hold.
        # @return [Hash]
        def schema
          { "$ref" => "#/$defs/#{short}" }
        end

        # @return [Hash{String => Hash}] the schema of each class, by the name it is referred to
        def definitions
          classes.to_h { |name, declared| [definition(name), declared.schema] }.merge(short => itself)
        end

        # @return [Hash]
        def form
          { "type" => "variant", "key" => @key, "options" => classes.keys.map { |name| { "value" => name, "label" => name.tr("_", " ") } } }
        end

        private

        def short
          @what[/\Aan? (\w+)/, 1]
        end

        def itself
          { "type" => "object", "required" => [@key], "properties" => { @key => { "enum" => classes.keys } },
            "allOf" => classes.keys.map { |name| { "if" => told(name), "then" => reference(name) } } }
        end

        def told(name)
          { "properties" => { @key => { "const" => name } }, "required" => [@key] }
        end

        def reference(name)
          { "$ref" => "#/$defs/#{definition(name)}" }
        end

        def definition(name)
          "#{short}.#{name}"
        end
      end

      # A value, or null where there is none.
      class Nothing < Type
        # @param type [Type]
        def initialize(type)
          super()
          @type = type
        end

        # @return [Object, nil]
        def read(node)
          @type.read(node) unless node.value.nil?
        end

        # @return [Object]
        def write(value, measure)
          @type.write(value, measure)
        end

        # @return [Hash]
        def schema
          { "if" => { "type" => "null" }, "then" => true, "else" => @type.schema }
        end

        # @return [Hash]
        def form
          @type.form
        end
      end

      # Values by names of the writer's own choosing: squares by role, fabric by unit.
      class Mapping < Type
        # @param type [Type] of the values
        # @param names [Array<String>, nil] those that are allowed; nil for any text
        # @param words [Hash{String => String}] what the names are called
        # @param all [Boolean] whether every one of the names has to be there
        # @param most [Integer] names
        def initialize(type, names: nil, words: {}, all: false, most: 40)
          super()
          @words = words
          @all = all
          @type = type
          @names = names
          @most = most
        end

        # @return [Hash{Symbol => Object}, nil]
        def read(node)
          return unless named?(node)
          return node.refuse("at most #{@most} entries") if node.value.size > @most

          values = node.value.keys.to_h { |name| [name.to_sym, @type.read(node.child(name))] }
          values.freeze unless values.value?(nil)
        end

        # @return [Hash]
        def write(value, measure)
          value.to_h { |name, one| [name.to_s, @type.write(one, measure)] }
        end

        # @return [Hash]
        def schema
          limits = { "type" => "object", "maxProperties" => @most }
          return limits.merge(named_schema) if @names

          limits.merge("propertyNames" => Scalars::Text.new.schema, "additionalProperties" => @type.schema)
        end

        # @return [Hash]
        def form
          options = @names&.map { |name| { "value" => name, "label" => @words.fetch(name, name) } }
          { "type" => "mapping", "options" => options, "of" => @type.form }.compact
        end

        private

        def named_schema
          { "properties" => @names.to_h { |name| [name, @type.schema] }, "additionalProperties" => false,
            "required" => (@names if @all) }.compact
        end

        def named?(node)
          return node.keys_fit?(@all ? :required : :optional => @names) if @names

          node.object? && node.value.keys.map { |name| Scalars::Text.new.read(Node.new(name, name, node)) }.all?
        end
      end
    end
  end
end
