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

require_relative "shared_out"
