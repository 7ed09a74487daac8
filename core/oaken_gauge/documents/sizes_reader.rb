# frozen_string_literal: true

module OakenGauge
  module Documents
    # Reads a sizes document into a {Sizing::Ladder}.
    class SizesReader
      # More sizes than anybody reads down.
      MOST_BLOCKS = 400
      MOST_UNITS = 60
      # Kinds whose size is not told by one or two shares of the block.
      UNSHARED = %w[shape].freeze

      # @param document [Hash]
      # @return [Array(Sizing::Ladder, Symbol)] and the unit of measure to answer in
      # @raise [Invalid]
      def self.read(document)
        Documents.read(document) { |node| new(node).ladder }
      end

      # @param node [Node]
      def initialize(node)
        @node = node
      end

      # @return [Array(Sizing::Ladder, Symbol), nil]
      def ladder
        return unless @node.keys(required: %w[units block], optional: %w[oaken_gauge tools seam_allowance])

        blocks = read_blocks
        parts = @node.list("units", 1..MOST_UNITS).map { |unit| read_part(unit) }
        seam = @node.length("seam_allowance", default: WeighReader::SEAM, most: 2)
        drawer = @node["tools"].nil? ? Tools::Drawer.starter : DrawerReader.new(@node).drawer
        return unless @node.faults.empty?

        [Sizing::Ladder.new(parts: parts, blocks: blocks, drawer: drawer, seam: seam), @node.child("block").measure_of("from")]
      end

      private

      def read_blocks
        range = @node.child("block")
        return [] unless range&.keys(required: %w[from to step])

        from, to, step = %w[from to step].map { |key| range.length(key, most: 200) }
        count = ((to - from) / step).floor + 1
        return Array.new(count) { |i| from + (i * step) } if count.between?(1, MOST_BLOCKS)

        range.fault(nil, "gives #{[count, 0].max} sizes: allowed are 1 to #{MOST_BLOCKS}, from the smaller to the larger")
        []
      end

      def read_part(node)
        return unless node.keys(required: %w[kind share], optional: %w[corner corners])

        kind = node.choice("kind", Units.kinds.keys - UNSHARED)
        return unless kind == node["kind"]

        shares = [node["share"]].flatten.size == 1 ? share(node, "share") : node.lengths("share", 2..2)
        extra = kind == "cut_corner" ? { corner: share(node, "corner"), corners: node.integer("corners", 1..4) } : {}
        SharedUnit.new(kind, shares, extra).checked(node)
      end

      def share(node, key)
        node.length(key, most: 1r)
      end
    end
  end
end
