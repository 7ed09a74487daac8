# frozen_string_literal: true

module OakenGauge
  module Blocks
    # A block: units on a grid of columns and rows. What it does with them comes from its cells; here is what its
    # document says.
    #
    # @example
    #   { "name" => "Tide table", "columns" => ["3", "3"], "rows" => ["3"],
    #     "pieces" => [{ "kind" => "flying_geese", "at" => [0, 0], "span" => [2, 1], "fabrics" => { "goose" => "sea", "sky" => "sand" } }] }
    class Block
      include Documents::Record

      # A whole number twice: a column and a row.
      class Place < Documents::Type
        # @param range [Range<Integer>]
        def initialize(range)
          super()
          @list = Documents::Composites::List.new(Documents::Scalars::Whole.new(range), 2..2)
        end

        # @return [Array(Integer, Integer), nil]
        def read(node)
          @list.read(node)
        end

        # @return [Hash]
        def schema
          @list.schema
        end

        # @return [Hash]
        def form
          @list.form
        end
      end

      # A unit in its place, turned by quarter turns, perhaps mirrored.
      class Piece
        include Documents::Record

        MOST = 100

        choice :kind, -> { Units.kinds.keys }
        field :at, Place.new(0..(MOST - 1))
        field :span, Place.new(1..MOST), default: [1, 1].freeze, always: true
        integer :turn, within: 0..3, default: 0
        flag :mirror
        field :fabrics, Documents::Composites::Mapping.new(Documents::Scalars::Text.new), default: {}.freeze, always: true
        length :corner, most: Units::Unit::LARGEST, default: nil
        integer :corners, within: 1..4, default: nil
        flag :opposite
        field :outline, Documents::OutlineType.new, default: nil
      end

      text :name
      list :columns, Documents::Measures::Size.new(most: 200), within: 1..100
      list :rows, Documents::Measures::Size.new(most: 200), within: 1..100
      list :pieces, Piece, within: 0..10_000, default: [].freeze, always: true
    end
  end
end
