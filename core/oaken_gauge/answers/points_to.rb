# frozen_string_literal: true

module OakenGauge
  module Answers
    # Says which step units that were measured point to, and where several cannot be told apart, which test would.
    class PointsTo
      # Sources by what tells them apart.
      TESTS = { "seam" => "sew three strips of 1 1/2 side by side and measure the middle one",
                "ruler" => "cut ten strips of one width and measure them", "pressing" => "measure a few before and after pressing",
                "triangle" => "measure a few patches before they are sewn", "template" => "measure a few patches before they are sewn",
                "die" => "measure a few patches before they are sewn" }.freeze

      # @param sources [Array<Learning::FromUnits::Source>] that moved most first
      def initialize(sources)
        @sources = sources
      end

      # @return [String]
      def say
        return "They point to: #{title(@sources.first)}." if @sources.one?

        "They point to #{Saying.list(@sources.map { |source| title(source) }, 'or')}, which finished units cannot tell apart. " \
          "To tell: #{Saying.list(tests, 'or')}."
      end

      private

      def title(source)
        title = Makers::Parameters.all.fetch(source.kind).title
        title[0].downcase + title[1..]
      end

      def tests
        TESTS.select { |name, _| @sources.any? { |source| source.kind.to_s.start_with?(name) } }.values.uniq
      end
    end
  end
end
