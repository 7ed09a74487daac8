# frozen_string_literal: true

# Runs the test files in the folders named, or the files; what begins with a dash is for Minitest:
#   ruby -Itest test/support/run.rb core server/units -n /counted/

if ENV["COVERAGE"]
  require "simplecov"
  SimpleCov.start do
    enable_coverage :branch
    add_filter "/test/"
    add_group "Core", "core/"
    add_group "Server", "server/"
  end
end

require "etc"

root = File.expand_path("../..", __dir__)
$LOAD_PATH.unshift(File.join(root, "core"))
require "minitest/autorun"
require "minitest/parallel_fork"
require "oaken_gauge"

places = ARGV.take_while { |place| !place.start_with?("-") }
places.each do |place|
  files = Dir[File.join(root, "test", place, "**/*_test.rb"), File.join(root, "test", "#{place}_test.rb")]
  abort "no tests in #{place}: allowed are core, server, browser, and files of them such as browser/weighing" if files.empty?
  files.each { |file| require file }
end
ARGV.shift(places.size)

# As many processes as there are processors, each with as much to do as the others. A test of the browser takes about
# three seconds, one of the server or the core about a third of one, but for these.
ENV["NCPU"] ||= [Etc.nprocessors, 4].min.to_s
SECONDS = { "CatalogueTest" => 34, "KindsOfUnitTest" => 38, "AccuracyTest" => 11, "MutationsTest" => 7, "ViewTest" => 7, "WeighingTest" => 10,
            "CommandLineTest" => 12, "ReasonsTest" => 6, "GoldenTest" => 7, "MakerScreenTest" => 16, "ToolsScreenTest" => 9,
            "FabricsScreenTest" => 8, "StartTest" => 13, "RehearsalTest" => 4 }.freeze
Minitest.singleton_class.prepend(Module.new do
  # Every process takes each so manieth of the list: the longest suites go to whoever has least to do, and empty ones
  # make the shares equally long.
  def parallel_fork_suites
    shares = Array.new(parallel_fork_number) { [0, []] }
    super.sort_by { |suite| -seconds(suite) }.each do |suite|
      least = shares.min_by(&:first)
      least[0] += seconds(suite)
      least[1] << suite
    end
    longest = shares.map { |_, suites| suites.size }.max
    shares.map { |_, suites| suites + Array.new(longest - suites.size) { Class.new(Minitest::Test) } }.transpose.flatten
  end

  private

  def seconds(suite)
    SECONDS.fetch(suite.name) { suite.runnable_methods.size * (defined?(BrowserCase) && suite < BrowserCase ? 3.0 : 0.3) }
  end
end)
