# frozen_string_literal: true

module OakenGauge
  module Tools
    # What has a shape: a template, the steel in a die. Its document names a kind of patch with its finished
    # measure, or gives an outline.
    #
    # @example
    #   { "patch" => "half_square", "finished" => "2" }
    #   { "outline" => [["0","0"], ["4","0"], ["3","2"], ["1","2"]] }
    module Shaped
      # The name of a kind, or an outline in its place.
      class KindOrOutline < Documents::Type
        KIND = Documents::Scalars::Choice.new(Patches.kinds.keys)
        OUTLINE = Documents::OutlineType.new
        private_constant :KIND, :OUTLINE

        # @return [Symbol, Polygon, nil]
        def read(node)
          (node.value.is_a?(Array) ? OUTLINE : KIND).read(node)
        end

        # @return [String, Array]
        def write(value, measure)
          (value.is_a?(Polygon) ? OUTLINE : KIND).write(value, measure)
        end

        # @return [Hash]
        def schema
          { "if" => { "type" => "array" }, "then" => OUTLINE.schema, "else" => KIND.schema }
        end

        # @return [Hash]
        def form
          KIND.form
        end
      end

      class << self
        # Declares the keys of a shape.
        #
        # @param declared [Class]
        # @param key [Symbol] where the kind is told: :patch or :makes
        # @return [void]
        def declare(declared, key)
          declared.include(self)
          declared.field key, KindOrOutline.new, as: :told, default: nil, label: "Shape"
          declared.field :finished, Documents::Measures::OneOrTwo.new(most: Tool::LARGEST), default: nil, label: "Finished size"
          declared.field :outline, Documents::OutlineType.new, as: :drawn, default: nil, label: "Outline"
          declared.rule(:told, :drawn, say: "is missing: allowed is a kind of patch with its finished size, or an outline",
                                       schema: { "anyOf" => [{ "required" => [key.to_s] }, { "required" => ["outline"] }] }) do |*either|
            either.any?
          end
          declared.rule(:finished, :told, :drawn, say: method(:sizes_wanted), schema: sizes_schema(key.to_s)) do |*given|
            Shaped.sized?(*given)
          end
        end

        # @return [Boolean] whether there is a finished size where one is wanted, two for a rectangle
        def sized?(finished, told, drawn)
          drawn || !told.is_a?(Symbol) || (finished && finished.is_a?(Array) == (told == :rectangle))
        end

        private

        def sizes_wanted(finished, told, _)
          "#{finished ? 'is of another kind' : 'is missing'}: allowed is #{told == :rectangle ? '[height, width]' : 'one length'}"
        end

        def sizes_schema(key)
          { "if" => { "properties" => { key => { "type" => "string" } }, "required" => [key], "not" => { "required" => ["outline"] } },
            "then" => { "required" => ["finished"], "if" => { "properties" => { key => { "const" => "rectangle" } } },
                        "then" => { "properties" => { "finished" => { "type" => "array" } } },
                        "else" => { "properties" => { "finished" => { "type" => "string" } } } } }
        end
      end

      # @return [Patches::Shape] the patch it makes
      def shape
        @shape ||= outlined? ? Patches.recognise(finished_outline) : Patches.kinds.fetch(told.to_s).new(finished)
      end

      private

      def outlined?
        !drawn.nil? || told.is_a?(Polygon)
      end

      def finished_outline
        drawn || told
      end
    end
  end
end
