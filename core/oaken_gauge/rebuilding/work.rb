# frozen_string_literal: true

module OakenGauge
  module Rebuilding
    # A unit that is made out of polygons, many at once, and measured.
    #
    # @abstract A way gives {#sewn}, which puts the raw sides and the seams where they come to lie.
    class Work
      # @param method [Methods::Method]
      def initialize(method)
        @method = method
        @frame = method.unit.frame
        @seam = method.seam.to_f
        @middles = {}
      end

      # @param chance [Chance]
      # @return [Construction::Measures]
      def call(chance)
        begin_with(chance)
        sewn
        made.measures(@method.trimming, skill, @bias_edges)
      end

      # @param round [Integer, nil] before the last, one that leaves a rectangle; nil for the finished unit
      # @param chance [Chance]
      # @return [Array<Numeric>] what its height and its width are too large, inches
      def sides_after(round, chance)
        return made.sides(call(chance).sizes) unless round

        begin_with(chance)
        on_the_way(round, @method.size_after(round).map(&:to_f))
      end

      # @return [Float] how far a figure may lie off the budget's, in which pieces that are out of square turn less, inches
      def turns
        0.002
      end

      private

      attr_reader :skill

      def begin_with(chance)
        @skill = Construction::Skill.new(@method, chance)
        @sides = {}.compare_by_identity
        @seams = {}.compare_by_identity
        @bias_edges = 0
      end

      def made
        Made.new(@frame, @seam, @sides, @seams, @middles)
      end

      # How deep a seam lies, as it shows when it is pressed.
      def deep
        @seam + skill.depth + (skill.pressed / 2)
      end
    end
  end
end
