# frozen_string_literal: true

require "etc"
require "json"
require "tmpdir"

# As many processes as there are processors, each with as much to do as the others, by how long each suite took when it was measured last:
#   TIMES=1 bin/test core server browser      measures them anew
module SharedOut
  FILE = File.expand_path("seconds.json", __dir__)
  SECONDS = File.exist?(FILE) ? JSON.parse(File.read(FILE)) : {}
  # What a suite that was never measured is taken to last.
  NEW = 5

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

  # Notes how long each suite takes, in the process that runs it.
  module Timed
    FOLDER = (Dir.mktmpdir if ENV["TIMES"])

    def run(*)
      started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
      super
    ensure
      took = Process.clock_gettime(Process::CLOCK_MONOTONIC) - started
      File.write(File.join(FOLDER, name), took.round(1).to_s) if name && runnable_methods.any?
    end

    # What was measured takes the place of what was measured before.
    def self.keep
      measured = Dir[File.join(FOLDER, "*")].to_h { |file| [File.basename(file), File.read(file).to_f] }
      File.write(FILE, "#{JSON.pretty_generate(SECONDS.merge(measured).sort.to_h)}\n")
    end
  end

  private

  def seconds(suite)
    SECONDS.fetch(suite.name, NEW)
  end
end

ENV["NCPU"] ||= [Etc.nprocessors, 4].min.to_s
Minitest.singleton_class.prepend(SharedOut)
if ENV["TIMES"]
  Minitest::Runnable.singleton_class.prepend(SharedOut::Timed)
  Minitest.after_run { SharedOut::Timed.keep }
end
