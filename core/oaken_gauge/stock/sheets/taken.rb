# frozen_string_literal: true

module OakenGauge
  module Stock
    module Sheets
      # Sheets of one size that are cut alike. - long, wide; - repeats; - rows: [Filling::Row]; - free: [Space];
      # - opener: the cut they were taken for
      Taken = Struct.new(:long, :wide, :repeats, :rows, :free, :opener, keyword_init: true) do
        # @return [Numeric] square inches of all of them
        def area
          long * wide * repeats
        end

        # @return [Array<Space>] what goes back to the shelf, largest first
        def kept
          free.select(&:worth_keeping?).sort_by { |space| -space.area }
        end

        # @return [Numeric] square inches of all of them
        def kept_area
          kept.sum(&:area) * repeats
        end
      end
    end
  end
end
