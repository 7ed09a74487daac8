# frozen_string_literal: true

module OakenGauge
  module Documents
    # The JSON Schemas that the declarations give. What JSON Schema has no words for is said by three keywords of
    # our own, which other validators pass over: `x-at-least` and `x-at-most`, limits of a length; and `x-rule`, a
    # rule between values, told in words. {Schemas.keywords} checks them.
    module Schemas
      DRAFT = "https://json-schema.org/draft/2020-12/schema"

      class << self
        # @param declared [Class] one that {Declared} extends
        # @return [Hash]
        def object(declared)
          tag = declared.tag
          properties = declared.fields.to_h { |field| [field.name, described(field)] }
          { "type" => "object", "properties" => { **(tag ? { tag => { "const" => declared.kind.to_s } } : {}), **properties },
            "required" => [tag, *declared.fields.select(&:required).map(&:name)].compact, "additionalProperties" => false,
            "allOf" => rules(declared) }.reject { |_, value| value == [] }
        end

        # @param title [String]
        # @param schema [Hash]
        # @param variants [Array<Composites::Variant>] what it refers to
        # @return [Hash] a schema that stands by itself
        def whole(title, schema, variants)
          { "$schema" => DRAFT, "title" => title, **schema,
            "$defs" => variants.map(&:definitions).reduce(Measures::Pattern.definitions, :merge) }
        end

        # Checks of our own keywords, for a validator that takes some.
        # @return [Hash{String => Proc}] from the value, the schema and where it stands to whether it holds
        def keywords
          { "x-at-least" => ->(value, schema, _) { length(value) { |size| size >= Length.parse(schema["x-at-least"]).inches } },
            "x-at-most" => ->(value, schema, _) { length(value) { |size| size <= Length.parse(schema["x-at-most"]).inches } },
            "x-rule" => ->(value, schema, _) { ruled?(value, schema["x-rule"]) } }
        end

        private

        def described(field)
          field.type.schema.merge({ "description" => field.meaning, "default" => Forms.field(field)["default"] }.compact)
        end

        def rules(declared)
          declared.rules.each_with_index.map do |rule, i|
            rule.schema || { "x-rule" => { "of" => declared.name.delete_prefix("OakenGauge::"), "number" => i,
                                           "say" => rule.say.is_a?(String) ? rule.say : "see #{rule.on.join(' and ')}" } }
          end
        end

        # What is no length at all is for the pattern to say.
        def length(value)
          yield Length.parse(value).inches
        rescue UnreadableLength
          true
        end

        def ruled?(value, rule)
          whose = OakenGauge.const_get(rule["of"])
          return Reading.new(whose, Node.new(value)).keeps?(rule["number"]) if rule["number"]

          node = Node.new(value)
          whose.new.read(node)
          node.faults.empty?
        end
      end
    end
  end
end
