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

root = File.expand_path("../..", __dir__)
$LOAD_PATH.unshift(File.join(root, "core"))
require "minitest/autorun"
require "oaken_gauge"

ARGV.dup.each do |place|
  Dir[File.join(root, "test", place, "**/*_test.rb"), File.join(root, "test", "#{place}_test.rb")].each { |file| require file }
end
ARGV.clear
