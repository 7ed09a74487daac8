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
        @skill = Construction::Skill.new(@method, chance)
        @sides = {}.compare_by_identity
        @seams = {}.compare_by_identity
        @bias_edges = 0
        sewn
        Made.new(@frame, @seam, @sides, @seams, @middles).measures(@method.trimming, skill, @bias_edges)
      end

      # @return [Float] how far a figure may lie off the budget's, in which pieces that are out of square turn less, inches
      def turns
        0.002
      end

      private

      attr_reader :skill

      # How deep a seam lies, as it shows when it is pressed.
      def deep
        @seam + skill.depth + (skill.pressed / 2)
      end
    end
  end
end
