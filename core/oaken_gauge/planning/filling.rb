# frozen_string_literal: true

module OakenGauge
  module Planning
    # Fills what a strip has left with pieces that are still wanted: those that leave least beside them first.
    class Filling
      # @param kinds [Array<Kind>]
      # @param room [Rational] inches along a strip
      def initialize(kinds, room)
        @room = room
        @ways = kinds.each_index.flat_map { |kind| kinds[kind].ways.map { |across, along| [kind, across, along] } }
                     .sort_by { |_, across, along| [-across, -along] }
      end

      # @param strip [Strip]
      # @param left [Array<Integer>] by kind; what is laid is taken off
      # @return [Strip]
      def call(strip, left)
        rest = @room - strip.length
        segments = strip.segments.dup
        @ways.each do |kind, across, along|
          next if across > strip.width

          [(rest / along).floor, left[kind]].min.times do
            segments << Segment.new(length: along, pieces: [[kind, across]])
            rest -= along
            left[kind] -= 1
          end
        end
        Strip.new(width: strip.width, segments: segments)
      end
    end
  end
end
