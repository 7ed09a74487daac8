# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes steps as they are read from where one stands: one number, what it is in a few words, a line of hint.
    #
    # @example
    #   BenchStepsWriter.new(answer["steps"]).write.first["number"]   # => "4 7/8", of "Cut 4 strips 4 7/8 wide."
    class BenchStepsWriter
      LENGTH = %r{\d+(?: \d+/\d+|/\d+|\.\d+)?(?:cm|mm)?}
      SIZE = /#{LENGTH}(?: × #{LENGTH})?/
      # Where in the words of a step the size stands that it is cut, trimmed or measured to.
      PLACES = [/(#{SIZE}) wide/, /\bof (#{SIZE})/, /\bto (#{SIZE})/, /\bbe (#{SIZE})/, /: (#{SIZE}) square/, /: (#{SIZE}),/].freeze
      # What is done to a size; all else is done so many times.
      SIZED = /\A(?:cut_strip|subcut|cut_segment|trim_(?!ears|top)|check|measure)/

      # What is done, without to what.
      TITLES = { "cut_strip" => "Cut strips", "cut_edge" => "Square up the edge", "subcut" => "Cut pieces",
                 "check_one" => "Make one and measure it", "measure_round" => "Measure one", "cut_triangle" => "Cut triangles",
                 "trim_ears" => "Trim off the dog ears" }.freeze

      # @param steps [Array<Hash>] as a method answers them
      def initialize(steps)
        @steps = steps
      end

      # @return [Array<Hash>]
      def write
        @steps.map { |step| entry(step) }
      end

      private

      def entry(step)
        size = size_of(step)
        { "number" => size || step["count"].to_s, "shown" => size ? "cut" : "count", "title" => title(step["step"]), "say" => step["say"],
          "hint" => step.fetch("hints", []).first, "care" => care(step["care"]), "fabric" => step["fabric"],
          "round" => step["round"] }
      end

      def size_of(step)
        return unless SIZED.match?(step["step"])

        PLACES.lazy.filter_map { |place| step["say"][place, 1] }.first
      end

      def title(name)
        TITLES.fetch(name) { name.tr("_", " ").capitalize }
      end

      def care(name)
        name && Methods::Cautions.of([name.to_sym]).first
      end
    end
  end
end
