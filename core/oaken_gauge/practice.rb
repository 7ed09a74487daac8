# frozen_string_literal: true

module OakenGauge
  # Short drills for the mistakes that cost fabric. One class a drill; a new file is found by itself.
  module Practice
    # How many questions make a drill.
    QUESTIONS = 10

    class << self
      # @return [Array<Class>] every drill, the most common first
      def drills
        @drills ||= Registry.of(Drill).sort_by(&:common)
      end

      # @param kind [String]
      # @return [Class, nil]
      def called(kind)
        drills.find { |drill| drill.kind.to_s == kind }
      end
    end
  end
end
