# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes how many there are of each unit among pieces of a block, those of which there are most first.
    class UnitCounts
      # @param pieces [Array<Blocks::Placement>]
      # @yield [unit] of a piece
      # @yieldreturn [Hash] its document
      def initialize(pieces, &document)
        @pieces = pieces
        @document = document
      end

      # @return [Array<Hash>]
      def write
        same = @pieces.group_by(&:same).values.sort_by.with_index { |pieces, i| [-pieces.size, i] }
        same.map do |pieces|
          { **@document.call(pieces.first.unit).except("count"), "fabrics" => pieces.first.named, "count" => count(pieces) }
        end
      end

      private

      def count(pieces)
        return pieces.size unless pieces.first.unit.hands

        right, left = pieces.partition(&:mirror)
        { "left" => left.size, "right" => right.size }
      end
    end
  end
end
