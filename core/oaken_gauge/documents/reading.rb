# frozen_string_literal: true

module OakenGauge
  module Documents
    # Reads one object of a declared class: its keys, each value, then what must hold between them.
    class Reading
      # @param declared [Class] one that {Declared} extends
      # @param node [Node]
      def initialize(declared, node)
        @declared = declared
        @node = node
        @values = {}
      end

      # @return [Object, nil] nil when there are faults
      def call
        before = @node.faults.size
        @first_length = @node.measures.size
        return unless known_keys?

        @declared.fields.each { |field| read(field) }
        @declared.rules.each { |rule| check(rule) }
        @declared.new(**@values, written_in: measure) if @node.faults.size == before
      end

      # @param number [Integer]
      # @return [Boolean] whether a rule holds; it holds, too, where its values cannot be read
      def keeps?(number)
        return true unless @node.value.is_a?(Hash)

        @declared.fields.each { |field| read(field) }
        @node.faults.clear
        check(@declared.rules[number])
        @node.faults.empty?
      end

      private

      def known_keys?
        required, optional = @declared.fields.partition(&:required).map { |list| list.map(&:name) }
        @node.keys_fit?(required: [@declared.tag, *required].compact, optional: optional)
      end

      def read(field)
        return missing(field) unless @node.key?(field.name)

        value = field.type.read(@node.child(field.name))
        @values[field.as] = value unless value.nil?
      end

      # A required one was told of with the keys.
      def missing(field)
        @values[field.as] = field.default unless field.required
      end

      def check(rule)
        return unless rule.on.all? { |name| @values.key?(name) }

        given = @values.values_at(*rule.on)
        tell_all(rule, given) unless @declared.instance_exec(*given, &rule.holds)
      end

      def tell_all(rule, given)
        say = rule.say.respond_to?(:call) ? rule.say.call(*given) : rule.say
        paths = rule.at ? rule.at.call(*given) : [[key_of(rule.on.first)]]
        paths.each { |path| tell(path.reduce(@node) { |node, key| node.child(key) }, say) }
      end

      # What was read is put into the sentence.
      def tell(node, say)
        node.fault(say.sub("%<read>s") { node.read })
      end

      def key_of(name)
        @declared.fields.find { |field| field.as == name }.name
      end

      # The unit of measure in which it is written again: that of the first length in it.
      def measure
        @node.measures[@first_length] || :inch
      end
    end
  end
end
