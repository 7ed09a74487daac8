# frozen_string_literal: true

module OakenGauge
  module Choosing
    # What a choice comes to, all units together. Done side by side, each visit to the mat, the machine and the iron serves all, and each
    # ruler is set once for what has the same line.
    class Totals
      # Minutes that it takes to set a ruler. Our own guess.
      SETTING = 0.5

      # @return [Array<Option>]
      attr_reader :options

      # @param options [Array<Option>] one of each group
      # @param visit [Float] minutes of getting ready for one visit
      def initialize(options, visit)
        @options = options
        @visit = visit
      end

      # @return [Float] square inches used up
      def net
        options.sum(0.0, &:net)
      end

      # @return [Float] square inches in extra units
      def surplus
        options.sum(0.0, &:surplus)
      end

      # @return [Float]
      def minutes
        options.sum(0.0, &:minutes) + (@visit * visits) + (SETTING * settings.size)
      end

      # @return [Integer] the most that one of them asks for by itself
      def visits
        options.map(&:visits).max || 0
      end

      # @return [Float] of all units
      def good
        mean(&:good)
      end

      # @return [Float]
      def difficulty
        mean(&:difficulty)
      end

      # @return [Array<Tools::Setting>] each once
      def settings
        @settings ||= options.flat_map(&:settings).uniq { |setting| Option.key(setting) }
      end

      # @return [Array<String>]
      def techniques
        @techniques ||= options.flat_map(&:techniques).uniq
      end

      # @return [Array<String>] ids: those that are set, and a straight ruler where strips are cut and none is set
      def tools
        @tools ||= begin
          set = options.flat_map(&:tools).uniq
          wanting = options.filter_map(&:straight_rulers)
          wanting.empty? || set.intersect?(wanting.first) ? set : [*set, wanting.first.first]
        end
      end

      private

      def mean
        options.sum(0.0) { |option| option.count * yield(option) } / options.sum(&:count)
      end
    end
  end
end
