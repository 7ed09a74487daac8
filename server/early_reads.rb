# frozen_string_literal: true

module Server
  # What a page reads first, by its address: the browser asks for it while the page's scripts are still on their way. It is only a
  # hint; what is not told here is asked for by the page itself, and what needs a signed-in maker is refused here as there.
  module EarlyReads
    PROJECT = %r{\A(?<bench>/makers/\d+)/projects/(?<project>\d+)(?:/units/(?<unit>\d+))?(?:/|\z)}
    BENCH = %r{\A(?<bench>/makers/\d+)/(?<of>blocks|tools|fabric|hands)\b}
    # What is hers, by its page.
    HERS = { "blocks" => %w[blocks fabrics], "tools" => %w[tools kinds?measure=inch],
             "fabric" => %w[fabrics fabrics/promised kinds?measure=inch], "hands" => %w[maker] }.freeze

    # @param path [String]
    # @param query [String] a size or a count that is asked for changes what is weighed
    # @return [Array<String>] addresses
    def self.of(path, query)
      if (here = PROJECT.match(path))
        of_project(here, query.empty? && path.end_with?("/units/#{here[:unit]}"))
      elsif (here = BENCH.match(path))
        ["projects", *HERS.fetch(here[:of])].map { |read| "/api#{here[:bench]}/#{read}" }
      else
        []
      end
    end

    def self.of_project(here, weighed)
      reads = ["projects", "projects/#{here[:project]}", "projects/#{here[:project]}/stations"]
      reads += ["units/#{here[:unit]}/weighing?view=fence", "units/#{here[:unit]}/beam"] if weighed
      reads.map { |read| "/api#{here[:bench]}/#{read}" }
    end
    private_class_method :of_project
  end
end
