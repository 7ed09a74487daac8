# frozen_string_literal: true

module OakenGauge
  module Tools
    # Reads the shape that a die or a template makes: a kind of patch with its finished measure, or an
    # outline.
    class ShapeReader
      KINDS = { "square" => Patches::Square, "half_square" => Patches::HalfSquare, "quarter_square" => Patches::QuarterSquare,
                "rectangle" => Patches::Rectangle, "wedge" => Patches::Wedge, "kite" => Patches::Kite }.freeze

      # @param node [Documents::Node]
      # @param key [String] where the kind is told: "patch" or "makes"
      def initialize(node, key)
        @node = node
        @key = key
      end

      # @return [Patches::Shape]
      def shape
        return outline if @node["outline"]
        return Patches.recognise(Documents::OutlineReader.new(@node, @key).polygon) if @node[@key].is_a?(Array)

        @node.fault("finished", "is missing") if @node["finished"].nil?
        kind = @node.choice(@key, KINDS.keys)
        kind == "rectangle" ? Patches::Rectangle.new(@node.lengths("finished", 2..2)) : KINDS.fetch(kind).new(@node.length("finished"))
      end

      private

      # An outline that includes the seam is drawn in by the allowance it was made for.
      def outline
        polygon = Documents::OutlineReader.new(@node, "outline").polygon
        return Patches.recognise(polygon) unless @node.flag("includes_seam")

        seam = @node.length("made_for_seam", default: Tool::USUAL_SEAM)
        inner = polygon.offset(-seam)
        return Patches.recognise(inner) if inner.area.positive? && inner.simple? && inner.area < polygon.area

        @node.fault("outline", "is smaller than its seam allowance of #{Length.new(seam)}: allowed is an outline with something inside")
        Patches.recognise(polygon)
      end
    end
  end
end
