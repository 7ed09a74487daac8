# frozen_string_literal: true

module OakenGauge
  module Choosing
    # One method for the units of a group, with what it adds to a choice.
    class Option
      # @return [Weighing::Outcome]
      attr_reader :outcome

      # @param outcome [Weighing::Outcome] one that can be used
      # @param rulers [Array<String>] ids of the straight rulers in the drawer
      def initialize(outcome, rulers)
        @outcome = outcome
        @rulers = rulers
      end

      # @return [String] of its method
      def id
        outcome.way.class.id
      end

      # @return [Float] square inches used up
      def net
        outcome.waste[:net]
      end

      # @return [Float] square inches in extra units and patches
      def surplus
        outcome.waste[:surplus]
      end

      # @return [Float] minutes but for getting ready
      def minutes
        outcome.minutes - (outcome.timing.getting_ready / 60.0)
      end

      # @return [Integer] to the mat, the machine and the iron
      def visits
        outcome.timing.visits
      end

      # @return [Float] of all units
      def good
        outcome.accuracy.good_share
      end

      # @return [Integer]
      def difficulty
        outcome.difficulty
      end

      # @return [Integer] units needed
      def count
        outcome.way.unit.count
      end

      # @return [Array<String>] a mix counts those of its parts
      def techniques
        @techniques ||= (outcome.way.makes.shared_out&.map { |technique, _| technique.to_s } || [outcome.way.class.technique.to_s]).uniq
      end

      # @return [Array<Tools::Setting>] each that differs from the others in tool, side or mark once
      def settings
        @settings ||= outcome.settings.uniq { |setting| Option.key(setting) }
      end

      # @return [Array] what tells one setting of a ruler from another
      def self.key(setting)
        [setting.tool.id, setting.side, setting.mark]
      end

      # @return [Array<String>] ids of the tools that it names
      def tools
        @tools ||= settings.map { |setting| setting.tool.id }.uniq
      end

      # @return [Array<String>, nil] straight rulers of which it takes one more, whichever; nil where strips are cut by none, or by one
      #   that it names
      def straight_rulers
        @rulers if @rulers.any? && outcome.fabric.values.any? { |parts| parts.strips.any? } && !tools.intersect?(@rulers)
      end
    end
  end
end
