# frozen_string_literal: true

module OakenGauge
  # What documents speak of: units, tools and fabrics, each told by its kind or form.
  module Kinds
    # A few drawers of tools. Reading one depends on nothing but its document, and as the fence is dragged the
    # same ones come in with every question.
    REMEMBERED = Memo.new(2000)
    # More than any drawer holds.
    MOST_TOOLS = 500

    UNIT = Documents::Composites::Variant.new("kind", "a unit with kind, finished and count") { Units.kinds }
    TOOL = Documents::Composites::Variant.new("kind", "a tool with id, name and kind", memo: REMEMBERED) { Tools.kinds }
    FABRIC = Documents::Composites::Variant.new("form", "a fabric with a form") { Fabrics.forms }
    VARIANTS = [UNIT, TOOL, FABRIC].freeze
    DRAWER = Documents::Composites::List.new(TOOL, 0..MOST_TOOLS)

    # A fabric, or the word that it is the same as another role's.
    class FabricOrSame < Documents::Type
      # Cut from another role's stock: nothing of it is used twice.
      class Same
        include Documents::Record

        text :same_as, as: :role, label: "The same fabric as"
      end

      # @return [Fabrics::Fabric, Same, nil]
      def read(node)
        node.key?("same_as") ? Same.read(node) : FABRIC.read(node)
      end

      # @return [Hash]
      def write(value, measure)
        value.to_document(measure)
      end

      # @return [Hash]
      def schema
        { "if" => { "type" => "object", "required" => ["same_as"] }, "then" => Same.schema, "else" => { "$ref" => "#/$defs/fabric" } }
      end

      # @return [Hash]
      def form
        FABRIC.form
      end
    end

    class << self
      # What every document with tools declares: no two of them with one id.
      #
      # @param declared [Class]
      # @return [void]
      def drawer(declared)
        declared.field :tools, DRAWER, default: nil
        declared.unique(:tools, "id", say: "%<read>s is the id of another tool in the list: allowed is one tool an id", &:id)
      end
    end
  end
end
