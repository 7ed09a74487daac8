# frozen_string_literal: true

require "support/core_case"

# The borders between the rooms of the house.
class BordersTest < CoreCase
  ROOT = File.expand_path("../..", __dir__)
  OUTSIDE = /\b(Sinatra|Rack|ActiveRecord|PG|Server|File|Dir|IO|Open3|Socket|Net|Kernel|ENV|Process|Random)\b(?!::Separator)|\bTime\.now|(?<!NArray\.)\b(rand|srand|system|sleep|puts|`)\(/

  def lines(glob)
    Dir[File.join(ROOT, glob)].flat_map do |file|
      File.readlines(file).map.with_index(1) do |line, i|
        ["#{file}:#{i}", line.sub(/(^|\s)#.*/, "")]
      end
    end
  end

  def test_core_reaches_nothing_outside_itself
    reaching = lines("core/**/*.rb").select { |_, line| line.match?(OUTSIDE) }

    assert_empty reaching
  end

  def test_core_requires_only_what_computes
    required = lines("core/**/*.rb").filter_map { |_, line| line[/^\s*require "([^"]+)"/, 1] }.uniq.sort

    assert_equal %w[cgi csv forwardable highs json numo/narray oaken_gauge optparse rexml/document zeitwerk], required
  end

  # All of it is loaded, and what it brought along is looked through: the test fails with the server loaded.
  def test_core_loads_without_the_server
    said = ->(more) { IO.popen([RbConfig.ruby, "-I#{ROOT}/core", "-e", "require 'oaken_gauge'; #{more}; #{LOADED}"], err: File::NULL, &:read) }

    assert_equal "none", said.call("")
    assert_equal "Sinatra", said.call("module Sinatra; end")
  end

  LOADED = "OakenGauge::LOADER.eager_load; found = %i[Server Sinatra ActiveRecord PG Rack].select { |name| Object.const_defined?(name) }; " \
           "print(found.empty? ? 'none' : found.join(','))"

  # Allowances, and the arithmetic that sizes are made of; drawing needs none of it.
  def test_the_page_computes_no_sizes
    craft = %r{SQRT|sqrt|hypot|0\.8536|1\.2071|7 ?/ ?8(?!")|\+ ?0\.5\b|seam_allowance\b.*[*+]|[*+].*seam_allowance}
    computing = lines("web/src/**/*.{ts,tsx}").reject { |at, _| at.match?(/contract\.d\.ts|\.test\.ts/) }.select { |_, line| line.match?(craft) }

    assert_empty computing
  end
end
