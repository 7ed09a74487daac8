# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes the units of a project as a table: how each looks, what was picked for it and what that takes, with the sums.
    #
    # @example
    #   HomeWriter.new(:inch).write([{ "unit" => unit, "answer" => nil }])["totals"]["count"]   # => "24"
    class HomeWriter
      # @param measure [Symbol] that the project is worked in
      def initialize(measure)
        @measure = measure
        @told = SpokenMeasures.of(measure)
      end

      # @param units [Array<Hash>] "unit", its document, and "answer", what its pick was weighed as, or nil
      # @return [Hash] "units" and "totals"
      def write(units)
        rows = units.map { |asked| row(asked) }
        { "units" => rows, "totals" => totals(units.filter_map { |asked| asked["answer"] }, rows) }
      end

      private

      def row(asked)
        unit = OakenGauge.read_unit(asked["unit"])
        { "count" => count(unit), "drawing" => UnitDrawingWriter.new(unit, @measure).write, "pick" => asked["answer"]&.then do |one|
          pick(one)
        end,
          "say" => nil }
      rescue Documents::Invalid => e
        { "count" => "", "pick" => nil, "say" => "This unit cannot be read any more: #{e.faults.first.message}." }
      end

      def count(unit)
        counted = unit.to_document["count"]
        counted.is_a?(Hash) ? counted.map { |hand, count| "#{count} #{hand}" }.join(", ") : counted.to_s
      end

      def pick(answer)
        { "title" => answer["title"], "mark" => answer["settings"].to_a.dig(0, "say"), "fabric" => area(answer.dig("waste", "net")),
          "minutes" => minutes(answer.dig("effort", "minutes")), "good" => good(answer.dig("accuracy", "good")),
          "extra" => answer.dig("makes", "surplus"), "assumed" => answer.dig("accuracy", "basis") == "assumed" }
      end

      def totals(answers, rows)
        { "picked" => "#{answers.size} of #{rows.size}", "fabric" => area(answers.sum { |one| one.dig("waste", "net") }),
          "minutes" => minutes(answers.sum { |one| one.dig("effort", "minutes") }), "good" => good(share(answers)),
          "extra" => answers.sum { |one| one.dig("makes", "surplus") } }
      end

      # Of all units that are made, how many come out good.
      def share(answers)
        made = answers.sum { |one| one.dig("makes", "made") }
        answers.sum { |one| one.dig("makes", "made") * one.dig("accuracy", "good") } / made.to_f if made.positive?
      end

      def area(square_inches)
        "#{(square_inches * @told.square).round} #{@told.area}"
      end

      # In hours where that is easier to think of.
      def minutes(minutes)
        return "#{minutes.round} min" if minutes.round < 120

        hours, rest = minutes.round.divmod(60)
        rest.zero? ? "#{hours} h" : "#{hours} h #{rest} min"
      end

      def good(share)
        "#{(share * 100).round} in 100" if share
      end
    end
  end
end
