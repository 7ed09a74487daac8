# frozen_string_literal: true

module OakenGauge
  module Quilts
    # What is wrong with a quilt's blocks, and with how they are to be set.
    class Faults
      # @param document [Question]
      # @param entries [Array<Array(Blocks::UnitsOf, Integer)>]
      def initialize(document, entries)
        @setting = document.setting
        @counts = entries.map(&:last)
        @blocks = entries.map(&:first)
      end

      # @return [Array<Fault>]
      def all
        @blocks.flat_map(&:faults) + sizes + (sizes.empty? ? in_setting : [])
      end

      private

      def sizes
        first = @blocks.first.size
        odd = @blocks.each_index.reject { |place| @blocks[place].size == first }
        odd.map do |place|
          fault("/blocks/#{place}/block", "is #{said(@blocks[place].size)}: allowed are blocks of one size, #{said(first)}")
        end +
          (if @setting.layout == :on_point && first.uniq.size > 1
             [fault("/setting/layout",
           "is on point: allowed there are square blocks")]
           else
             []
           end)
      end

      def in_setting
        return [too_narrow] if [@setting.across, @setting.down].min < Quilts::Layout.least(@setting)

        layout = Quilts::Layout.of(@setting, @blocks.first.size)
        [(miscounted(layout) unless @counts.sum == layout.blocks), *(places(layout) if @setting.place)].compact
      end

      def too_narrow
        fault("/setting/outer", "is false: allowed are 2 blocks or more across and down, or sashing on the outside too")
      end

      def miscounted(layout)
        fault("/blocks", "are #{@counts.sum} in all: allowed are #{layout.blocks}, as many as the setting holds")
      end

      def places(layout)
        rows = @setting.place
        unless rows.map(&:size) == layout.rows
          return [fault("/setting/place",
"is laid out otherwise: allowed are rows of #{layout.rows.join(', ')} blocks")]
        end
        return [] if rows.flatten.tally == @counts.each_with_index.to_h { |count, place| [place, count] }

        [fault("/setting/place", "does not have each block as often as it is made: allowed is #{counted}")]
      end

      def counted
        @counts.each_with_index.map { |count, place| "#{place} #{count} times" }.join(", ")
      end

      def said(size)
        size.map { |side| Length.new(side).to_s }.join(" × ")
      end

      def fault(pointer, message)
        Documents::Fault.new(pointer: pointer, message: message)
      end
    end
  end
end
