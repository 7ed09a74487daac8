# frozen_string_literal: true

module OakenGauge
  module Blocks
    # How blocks are set into a quilt: straight or on point, with or without sashing, and its borders.
    class Setting
      include Documents::Record

      LARGEST = 200r

      # One border, from the inside out.
      class Border
        include Documents::Record

        length :width, most: LARGEST
        choice :corners, %w[butted mitred], default: :butted
        text :fabric, default: nil
      end

      choice :layout, %w[straight on_point]
      integer :across, within: 1..100
      integer :down, within: 1..100
      field :sashing, Documents::Composites::Nothing.new(Documents::Measures::Size.new(most: LARGEST)), default: nil
      flag :cornerstones
      flag :outer, default: nil
      list :borders, Border, within: 0..20, default: [].freeze
      field :fabrics, Documents::Composites::Mapping.new(Documents::Scalars::Text.new, names: %w[sashing cornerstones triangles]),
default: {}.freeze
      list :place, Documents::Composites::List.new(Documents::Scalars::Whole.new(0..99), 1..100), within: 1..200, default: nil
      field :shades, Documents::Composites::Mapping.new(Documents::Scalars::Whole.new(1..5)), default: {}.freeze
    end
  end
end
