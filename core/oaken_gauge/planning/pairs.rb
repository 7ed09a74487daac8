# frozen_string_literal: true

module OakenGauge
  module Planning
    # Pieces that are cut right sides together with their partners of another fabric: the same strips of both, one on
    # the other, cut as one, so that no pair has to be found again.
    #
    # @example twelve squares of ink, paired with twelve of sky, from bolts 40 and 42 wide
    #   Pairs.new(demands, ink: 40r, sky: 42r).of(:ink).first.with            # => :sky
    #   Pairs.new(demands, ink: 40r, sky: 42r).of(:ink).first.cutting.strips  # those of the sky, too
    class Pairs
      # - with: the other fabric; - kinds: [Kind]; - cutting: Cutting of one of the two layers; - filled: the strips of this
      # fabric, where something is laid on their rests
      Layer = Struct.new(:with, :kinds, :cutting, :filled, keyword_init: true) do
        # @return [Array<Strip>]
        def strips
          filled || cutting.strips
        end
      end

      # @param demands [Hash{Symbol => Array<Kind>}] by fabric
      # @param rooms [Hash{Symbol => Rational, nil}] inches along a strip of each fabric's bolt, nil where there is none
      # @param effort [Integer]
      def initialize(demands, rooms, effort: 3)
        @demands = demands
        @rooms = rooms
        @effort = effort
      end

      # @return [Array<Layer>] what of a fabric is cut together with others
      def of(fabric)
        layers.select { |pair, _| pair.include?(fabric) }.map do |pair, cutting|
          Layer.new(with: (pair - [fabric]).first, kinds: matches(pair).map { |match| match.fetch(pair.index(fabric)) }, cutting: cutting)
        end
      end

      # @return [Array<Kind>] what of a fabric is cut by itself
      def alone(fabric)
        @demands.fetch(fabric) - of(fabric).flat_map(&:kinds)
      end

      # @return [Hash{Symbol => Array<Kind>}] by fabric, those that want a partner and have none, or more than one
      def widowed
        @demands.to_h do |fabric, kinds|
          others = @demands.except(fabric).values.flatten
          [fabric, kinds.select { |kind| kind.pair && others.count { |other| kind.on(other) } != 1 }]
        end
      end

      private

      # Each two fabrics with pieces in common, and how the strips of both are cut.
      def layers
        @layers ||= @demands.keys.combination(2).reject { |pair| matches(pair).empty? }.to_h do |pair|
          [pair, Cutting.new(matches(pair).map { |one, other| one.on(other) }, room(pair), effort: @effort)]
        end
      end

      # Those longer than a strip are joined, and are no pairs.
      def matches(pair)
        return [] unless room(pair)

        (@matches ||= {})[pair] ||= @demands.fetch(pair.first).product(@demands.fetch(pair.last)).select do |one, other|
          one.on(other)&.fits?(room(pair))
        end
      end

      # No longer than the narrower of the two.
      def room(pair)
        rooms = @rooms.values_at(*pair)
        rooms.min if rooms.all?
      end
    end
  end
end
