# frozen_string_literal: true

# How far one has to follow a weighing through the core: the files it comes through, and how often it goes from one to
# another: ruby bench/jumps.rb

require_relative "support"

# The calls of one weighing, by the files they are in.
class Jumps
  CORE = File.expand_path("../core/oaken_gauge/", __dir__)

  # @return [Array<String>] the file of each call, in order
  attr_reader :files

  def initialize(&block)
    @files = []
    block.call
    TracePoint.new(:call) { |call| @files << call.path if call.path.start_with?(CORE) }.enable(&block)
  end

  # @return [Integer] calls that go to another file than the one before
  def count
    files.each_cons(2).count { |one, other| one != other }
  end
end

document = { "unit" => { "kind" => "half_square", "finished" => "2", "count" => 24 } }
jumps = Jumps.new { OakenGauge.weigh(document) }
puts "#{jumps.files.size} calls in #{jumps.files.uniq.size} files"
Bench.report("from one file to another, all methods", jumps.count, 2500, "")
