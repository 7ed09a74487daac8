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
        { "maker" => maker, "moved" => @moved.map { |one| moved(one) } }
      end

      private

      def maker
        known = @moved.to_h { |one| [one.value.to_s, { "value" => one.to.round(5), "count" => one.count }] }
        before = @document.hands.to_document
        before.merge("errors" => before.fetch("errors", {}).merge(known))
      end

      def moved(one)
        title = Makers::Parameters.all.fetch(one.value).title
        { "value" => one.value.to_s, "from" => one.from.round(5), "to" => one.to.round(5), "count" => one.count, "sd" => sureness(one),
          "say" => "#{title}: #{told(one.from)} before, #{told(one.to)} now, from #{one.count} measurement#{'s' unless one.count == 1}." }
      end

      def told(value)
        format("%.4f", value).sub(/0\z/, "")
      end

      def sureness(one)
        @after ||= OakenGauge.read_hands(maker)
        @after.profile.give_or_take(one.value)&.round(5)
      end
    end
  end
end
