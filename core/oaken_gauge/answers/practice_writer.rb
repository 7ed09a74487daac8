# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes the questions of a drill, with what is to be seen.
    class PracticeWriter
      # @param questions [Array<Practice::Question>]
      def initialize(questions)
        @questions = questions
      end

      # @return [Array<Hash>]
      def write
        @questions.map do |question|
          { "ask" => question.ask, "choices" => question.choices, "right" => question.right, "because" => question.because,
            "ruler" => ruler(question.picture), "patches" => patches(question.picture) }
        end
      end

      private

      def ruler(picture)
        picture&.key?(:lit) ? picture.to_h { |key, inches| [key.to_s, inches.to_f] } : nil
      end

      def patches(picture)
        return unless picture&.key?(:patches)

        picture[:patches].map { |role, corners| { "role" => role.to_s, "outline" => corners.map { |corner| point(corner) } } }
      end

      def point(corner)
        corner.map { |one| one.to_f.round(4) }
      end
    end
  end
end
