# frozen_string_literal: true

# Runs the test files in the folders named, or the files: ruby -Itest test/support/run.rb core server/units

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

ARGV.dup.each do |place|
  Dir[File.join(root, "test", place, "**/*_test.rb"), File.join(root, "test", "#{place}_test.rb")].each { |file| require file }
end
ARGV.clear

# As many processes as there are processors; the largest groups of tests first, so that they come out even.
ENV["NCPU"] ||= [Etc.nprocessors, 4].min.to_s
Minitest.singleton_class.prepend(Module.new do
  def parallel_fork_suites
    largest_first = super.sort_by { |suite| -suite.runnable_methods.size }
    largest_first.each_slice(2 * parallel_fork_number).flat_map { |part| part.first(parallel_fork_number) + part.drop(parallel_fork_number).reverse }
  end
end)
