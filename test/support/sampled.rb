# frozen_string_literal: true

require "minitest"

# Random samples of which a run tries a quarter, another one with every seed that Minitest begins with; all of them where FULL is set, as
# `bin/test full` does. Given the seed of a run, the same are tried again.
module Sampled
  PARTS = 4

  # @param seed [Integer] of the samples
  # @param times [Integer] how many there are in all
  # @yield [Random, Integer] what a sample is made by, and which one of those tried it is
  # @return [Array] what the block gives of each
  def sampled(seed, times, &)
    tried = parts.flat_map { |part| [Random.new((seed * PARTS) + part)] * (times / PARTS.to_f).ceil }
    tried.each_with_index.map(&)
  end

  # @param seeds [Enumerable<Integer>]
  # @return [Array<Integer>] those of this run
  def seeds_of(seeds)
    seeds.to_a.select { |seed| parts.include?(seed % PARTS) }
  end

  private

  def parts
    ENV["FULL"] ? (0...PARTS).to_a : [Minitest.seed.to_i % PARTS]
  end
end
