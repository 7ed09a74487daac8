# frozen_string_literal: true

require_relative "../bin/support/bundle"
require "json"
require "oaken_gauge"

# What the benches share: timing, and each figure set against what is aimed at.
module Bench
  DEMO = JSON.parse(File.read(File.expand_path("../db/demo/bench.json", __dir__)))

  # @return [Hash] a weigh document with the demo drawer
  def self.document(tools: DEMO["tools"])
    { "unit" => { "kind" => "half_square", "finished" => "2", "count" => 24 }, "tools" => tools }
  end

  # @return [Array<Float>] milliseconds of each call, sorted
  def self.time(calls)
    Array.new(calls) do
      started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
      yield
      (Process.clock_gettime(Process::CLOCK_MONOTONIC) - started) * 1000
    end.sort
  end

  # Prints a figure, what is aimed at, and the ratio: under 1 is good.
  def self.report(what, figure, aim, unit)
    puts format("%-52<what>s %9.2<figure>f %-3<unit>s aim %7.1<aim>f   ratio %.2<ratio>f",
                what: what, figure: figure, unit: unit, aim: aim, ratio: figure.fdiv(aim))
  end
end
