# frozen_string_literal: true

module OakenGauge
  module Answers
    # The files that are published from the declarations: JSON Schemas of the documents and of the answers, and the
    # shapes of the answers as the HTTP contract speaks (OpenAPI 3.0).
    module Published
      FORMATS = "docs/formats"
      CONTRACT = "server/contract/answers.json"

      class << self
        # @return [Hash{String => Hash}] documents by the file they stand in
        def files
          schemas.to_h { |name, schema| ["#{FORMATS}/#{name}.schema.json", schema] }.merge(CONTRACT => contract)
        end

        # @return [Hash{String => Hash}]
        def schemas
          questions.merge(answers)
        end

        # @return [Hash] what the contract refers to
        def contract
          { "components" => { "schemas" => WeighShapes::NAMED.transform_values { |shape| spoken(shape) } } }
        end

        private

        def questions
          { "weigh" => question("Which method to make a unit by?", Weighing::Question),
            "sizes" => question("At which sizes of a block do its units fall on marks?", Sizing::Question,
Sizing::Question.fields[1].type.entries),
            "plan" => question("How to cut pieces from stock?", Planning::Question),
            "deconstruct" => question("Which ways are there to cut a block into units?", Blocks::Question),
            "quilt" => question("How large is a quilt, and what is cut for it?", Quilts::Question),
            "turning" => question("Where does another method take the first place?", Turning::Question),
            "choose" => question("Which method for each unit of a project, all together?", Choosing::Question),
            "bench" => question("A whole bench as one file", Keeping::Bench) }
        end

        def answers
          { "weigh-answer" => answer("The methods, best first; those that cannot be used last", "WeighAnswer"),
            "sizes-answer" => answer("The ladder of block sizes, best first", "SizesAnswer"),
            "plan-answer" => answer("The cutting plan, fabric by fabric", "PlanAnswer"),
            "deconstruct-answer" => answer("The ways, best first", "DeconstructAnswer"),
            "choose-answer" => answer("One method for each unit, all together", "ChooseAnswer"),
            "turning-answer" => answer("The first method in each interval of what moves", "TurningAnswer"),
            "quilt-answer" => answer("The quilt, piece by piece", "QuiltAnswer") }
        end

        def question(title, declared, *variants)
          Documents::Schemas.whole(title, declared.schema, Kinds::VARIANTS + variants)
        end

        def answer(title, name)
          { "$schema" => Documents::Schemas::DRAFT, "title" => title, "$ref" => "#/$defs/#{name}", "$defs" => WeighShapes::NAMED }
        end

        # OpenAPI 3.0 says "nullable" for what may be null, and keeps its schemas elsewhere.
        def spoken(value)
          case value
          when Array then value.map { |one| spoken(one) }
          when Hash then nullable(value.to_h { |key, one| [key, key == "$ref" ? kept_there(one) : spoken(one)] })
          else value
          end
        end

        def kept_there(reference)
          reference.sub("#/$defs/", "#/components/schemas/")
        end

        def nullable(shape)
          return shape unless shape["type"].is_a?(Array)

          shape.merge("type" => shape["type"].first, "nullable" => true)
        end
      end
    end
  end
end
