# frozen_string_literal: true

module OakenGauge
  module Keeping
    # A quilt as a project keeps it: which of the blocks that are stored, by their ids, and how they are set.
    class KeptQuilt
      include Documents::Record

      # A stored block, and how often it is made: as often as the setting holds, where it is the only one and nothing is said.
      class Entry
        include Documents::Record

        integer :id, within: 1..2_147_483_647
        integer :count, within: 1..10_000, default: nil
      end

      # The same quilt in other fabrics: of each fabric that has another in its place, which.
      COLOURWAY = Documents::Composites::Mapping.new(Documents::Scalars::Text.new, most: 200)
      MOST_COLOURWAYS = 6

      list :blocks, Entry, within: 1..100
      nested :setting, -> { Blocks::Setting }
      nested :binding, -> { Quilts::Question::Binding }, default: nil
      rule(:blocks, at: ->(blocks) { uncounted(blocks).map { |place| ["blocks", place, "count"] } },
                    say: "is missing: allowed is how often each of several blocks is made") { |blocks| uncounted(blocks).empty? }
      nested :backing, -> { Quilts::Question::Backing }, default: nil
      nested :batting, -> { Quilts::Question::Batting }, default: nil
      list :colourways, COLOURWAY, within: 0..MOST_COLOURWAYS, default: [].freeze

      class << self
        private

        def uncounted(blocks)
          blocks.one? ? [] : blocks.each_index.select { |place| blocks[place].count.nil? }
        end
      end
    end
  end
end
