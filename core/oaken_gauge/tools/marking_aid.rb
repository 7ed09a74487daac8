# frozen_string_literal: true

module OakenGauge
  module Tools
    # What helps to sew straight, and to do without drawn lines.
    class MarkingAid < Tool
      AIDS = %w[drawn_line tape gauge light quarter_foot seam_guide].freeze

      # One aid by its name, or several in a list.
      class AidsType < Documents::Type
        ONE = Documents::Scalars::Choice.new(AIDS)
        SEVERAL = Documents::Composites::List.new(ONE, 1..AIDS.size)
        private_constant :ONE, :SEVERAL

        # @return [Array<Symbol>, nil] each once, in the usual order
        def read(node)
          given = node.value.is_a?(Array) ? SEVERAL.read(node) : ONE.read(node)&.then { |aid| [aid] }
          given && (AIDS.map(&:to_sym) & given)
        end

        # @return [String, Array<String>]
        def write(aids, _measure)
          aids.size == 1 ? aids.first.to_s : aids.map(&:to_s)
        end

        # @return [Hash]
        def schema
          { "if" => { "type" => "array" }, "then" => SEVERAL.schema, "else" => ONE.schema }
        end

        # @return [Hash]
        def form
          { "type" => "choices", "options" => ONE.form["options"] }
        end
      end

      title "Marking aid"
      group "Lines and seams"
      common 12
      field :aids, AidsType.new, label: "Aids"
    end
  end
end
