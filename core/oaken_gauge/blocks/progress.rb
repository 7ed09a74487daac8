# frozen_string_literal: true

module OakenGauge
  module Blocks
    # How far the taking apart of a block has come, told as it goes on. Whoever is told may raise to stop it there.
    #
    # @example
    #   progress = Progress.new { |share, doing| puts "#{(100 * share).round} in 100: #{doing}" }
    #   progress.at(:counting, 72, 144)
    class Progress
      # What is done one after another, and what share of the time each takes in a large block.
      PARTS = { "finding units" => 0.15, "counting the ways" => 0.15, "looking for the best ways" => 0.4,
                "joining them by straight seams" => 0.2, "finding parts that repeat" => 0.1 }.freeze
      NAMES = %i[finding counting choosing joining repeating].zip(PARTS.keys).to_h.freeze

      # @yield [share, doing] from 0 to 1, and words for what is being done
      def initialize(&told)
        @told = told
      end

      # @param part [Symbol] one of {NAMES}
      # @param done [Integer]
      # @param all [Integer]
      # @return [void]
      def at(part, done, all)
        return unless @told

        doing = NAMES.fetch(part)
        before = PARTS.values.first(PARTS.keys.index(doing)).sum
        @told.call(before + (PARTS.fetch(doing) * done / [all, 1].max), doing)
      end
    end
  end
end
