# frozen_string_literal: true

module OakenGauge
  module Planning
    # What is cut of one bolt: first the strips that are cut together with another fabric, then those of its own pieces.
    # What the former have left is cut from first, where that takes less of the bolt.
    class OnBolt
      # @param kinds [Array<Kind>] its own pieces
      # @param pairs [Array<Pairs::Layer>] what is cut together with other fabrics
      # @param room [Rational] inches along a strip
      # @param effort [Integer]
      def initialize(kinds, pairs, room, effort:)
        @kinds = kinds
        @pairs = pairs
        @room = room
        @effort = effort
        @plain = cutting(kinds)
      end

      # @return [Array<Pairs::Layer>] one after another along the bolt
      def layers
        @layers ||= [*(shared? ? filled : @pairs), *own_layer]
      end

      # @return [Rational] inches of the bolt
      def length
        layers.sum(0r) { |layer| layer.cutting.length }
      end

      # @return [Rational] inches; no plan with the same pairs takes less
      def bound
        [@pairs.sum(0r) { |layer| layer.cutting.bound } + own_bound, length].min
      end

      # @return [Rational] inches that first fit takes, each on strips of its own
      def first_fit
        [*@pairs.map(&:cutting), *@plain].sum(0r) { |cutting| cutting.first_fit.length }
      end

      private

      def cutting(kinds)
        Cutting.new(kinds, @room, effort: @effort) if kinds.any?
      end

      def rests
        @rests ||= Rests.new(@pairs.flat_map(&:strips), @kinds, @room)
      end

      def shared?
        return @shared if defined?(@shared)

        @shared = !@plain.nil? && rests.any? && (after.nil? || after.length < @plain.length)
      end

      # What is still wanted beside what lies on the rests.
      def after
        return @after if defined?(@after)

        @after = cutting(rests.left)
      end

      def own_layer
        own = shared? ? after : @plain
        own && [Pairs::Layer.new(kinds: shared? ? rests.left : @kinds, cutting: own)]
      end

      # Each with its strips, and its own pieces after those that are paired.
      def filled
        strips = rests.strips
        @pairs.map do |layer|
          held = strips.shift(layer.strips.size).flatten(1).map { |strip| strip.numbered(layer.kinds.size) }
          Pairs::Layer.new(**layer.to_h, kinds: layer.kinds + @kinds, filled: held)
        end
      end

      # Whatever lies on the rests, the others take their area.
      def own_bound
        return @plain ? @plain.bound : 0r unless rests.any?

        left = @kinds.sum { |kind| kind.area * kind.count } - rests.area
        [(left / @room * 64).floor/64r, 0r].max
      end
    end
  end
end
