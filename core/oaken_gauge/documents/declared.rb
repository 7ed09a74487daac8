# frozen_string_literal: true

module OakenGauge
  module Documents
    # What a class declares of its documents. From it come the reader, the writer, equality, the JSON Schema
    # and the fields of a form.
    #
    # @example
    #   class FoundationGrid < Tool
    #     length :cell, least: 1/4r, label: "Finished side of a cell"
    #     integer :columns, within: 1..200
    #     length :ease, default: 0r, least: 0r
    #     rule(:columns, :rows, say: "is 1 × 1: allowed are two cells or more") { columns * rows > 1 }
    #   end
    module Declared
      # One key of a document. - name: as in documents; - as: in the core; - type: {Type}; - default: the value
      # where it is left out, in the core; - label, meaning: words for a form; - always: whether it is written
      # where it is as usual, too; - finished: whether it is a size as seen in the quilt
      Field = Struct.new(:name, :as, :type, :required, :default, :label, :meaning, :always, :finished, keyword_init: true)
      # What must hold between fields that could be read. - on: their names, the first is where its fault is told;
      # - at: Proc to the paths at which it is told instead; - say: a sentence, or a Proc to one;
      # - holds: Proc; - schema: the same as JSON Schema, where that can say it
      Rule = Struct.new(:on, :at, :say, :holds, :schema, keyword_init: true)

      REQUIRED = Object.new.freeze
      private_constant :REQUIRED

      # @return [Array<Field>] its own and those it inherits
      def fields
        @fields ||= from_parent(:fields) + (@own_fields ||= [])
      end

      # @return [Array<Rule>]
      def rules
        from_parent(:rules) + (@rules ||= [])
      end

      # Declares a key of any type.
      # @param name [Symbol] as in documents
      # @param type [Type]
      # @param as [Symbol] its name in the core
      # @param words [Hash] label:, meaning:, always: and finished: of {Field}
      # @return [void]
      def field(name, type, default: REQUIRED, as: name, **words)
        @fields = nil
        (@own_fields ||= []) << Field.new(label: name.to_s.tr("_", " ").capitalize, name: name.to_s, as: as, type: type,
                                      required: default == REQUIRED, default: (default unless default == REQUIRED), **words)
        attr_reader as
      end

      # @return [void]
      def length(name, most: Measures::LARGEST, least: nil, because: nil, **more)
        field(name, Measures::Size.new(most: most, least: least, because: because), **more)
      end

      # @return [void]
      def pair(name, names: %w[Height Width], most: Measures::LARGEST, least: nil, **more)
        field(name, Measures::Pair.new(names: names, most: most, least: least), **more)
      end

      # @return [void]
      def integer(name, within:, **more)
        field(name, Scalars::Whole.new(within), **more)
      end

      # @return [void]
      def number(name, within:, **more)
        field(name, Scalars::Number.new(within), **more)
      end

      # @return [void]
      def text(name, most: 80, lines: false, **more)
        field(name, Scalars::Text.new(most: most, lines: lines), **more)
      end

      # @return [void]
      def flag(name, default: false, **more)
        field(name, Scalars::Flag.new, default: default, **more)
      end

      # @param options [Array, Hash, Proc] what may be chosen, or that with what each is called
      # @return [void]
      def choice(name, options, **more)
        field(name, options.is_a?(Hash) ? Scalars::Choice.new(options.keys, words: options) : Scalars::Choice.new(options), **more)
      end

      # A list of objects of a declared class, or of values of a type.
      # @return [void]
      def list(name, entry, within:, **more)
        field(name, Composites::List.new(entry.is_a?(Type) ? entry : Composites::Nested.new(entry), within), **more)
      end

      # @return [void]
      def nested(name, declared, **more)
        field(name, Composites::Nested.new(declared), **more)
      end

      # Declares what must hold between fields that could be read. The block is asked of their values, by name.
      # @param say [String, Proc] what is told where it does not hold; %<read>s in it is what was read there
      # @param at [Proc] to the paths at which it is told, each a list of keys; the first of the fields unless said
      # @param schema [Hash, nil] the same as JSON Schema
      # @return [void]
      def rule(*names, say:, at: nil, schema: nil, &holds)
        (@rules ||= []) << Rule.new(on: names, at: at, say: say, holds: holds, schema: schema)
      end

      # Declares that no two entries of a list have one name under a key.
      # @param key [String] as in documents
      # @yield [entry] its name
      # @return [void]
      def unique(list, key, say:, &name)
        seconds = lambda do |entries|
          places = entries.each_index.group_by { |place| name.call(entries[place]) }
          places.values.flat_map { |same| same.drop(1) }.map { |place| [list.to_s, place, key] }
        end
        rule(list, say: say, at: seconds) { |entries| entries.nil? || entries.uniq(&name).size == entries.size }
      end

      # The key that tells which of several classes an object is of, "kind" or "form".
      # @return [String, nil]
      def tag(key = nil)
        @tag = key if key
        @tag || (superclass.tag if superclass.respond_to?(:tag))
      end

      # @param node [Node]
      # @return [Object, nil] nil when it has faults
      def read(node)
        Reading.new(self, node).call
      end

      # @return [Hash] JSON Schema
      def schema
        Schemas.object(self)
      end

      # @return [Array<Hash>] the fields of a form
      def form
        fields.map { |field| Forms.field(field) }
      end

      private

      def from_parent(what)
        superclass.respond_to?(what) ? superclass.public_send(what) : []
      end
    end
  end
end
