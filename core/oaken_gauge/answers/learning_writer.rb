# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes which values of a profile moved, and the profile with them.
    class LearningWriter
      # @param document [Learning::Question]
      def initialize(document)
        @document = document
        @moved = document.moved
      end

      # @return [Hash]
      def write
        { "maker" => maker, "moved" => @moved.map { |one| moved(one) }, "drift" => nil }
      end

      private

      def maker
        errors, times = known.partition { |name, _| Makers::Parameters.all.fetch(name.to_sym).group == :error }.map(&:to_h)
        before = @document.hands.to_document
        before.merge("errors" => before.fetch("errors", {}).merge(errors), **times)
      end

      def known
        @moved.to_h do |one|
          own = Makers::Parameters.all.fetch(one.value).tells == :mean ? one.bias_interval : one.interval
          [one.value.to_s,
           { "value" => one.to.round(5), "count" => one.count, "bias" => one.bias&.round(5), "interval" => rounded(own) }.compact]
        end
      end

      def moved(one)
        { "value" => one.value.to_s, "from" => one.from.round(5), "to" => one.to.round(5), "count" => one.count, "sd" => one.sd.round(5),
          "interval" => rounded(one.interval), "bias_interval" => rounded(one.bias_interval), "say" => say(one) }
      end

      def say(one)
        title = Makers::Parameters.all.fetch(one.value).title
        always = ", all off by #{told(one.bias)}" if one.bias && one.bias.abs >= 0.0005
        "#{title}: #{told(one.from)} before, #{told(one.to)} now#{always}, from #{one.count} measurement#{'s' unless one.count == 1}."
      end

      def told(value)
        format("%.4f", value).sub(/0\z/, "")
      end

      def rounded(interval)
        interval&.map { |one| one.round(5) }
      end
    end
  end
end
