# frozen_string_literal: true

# Cutting plans of random pieces, seeded: how far above the proved bound, beside first fit, how long they take, and whether a
# bound worked out another way holds.
#   bundle exec ruby bench/plan.rb [PLANS]      (30 of many kinds, ten times as many of one to six)

$LOAD_PATH.unshift File.expand_path("../core", __dir__), File.expand_path("../test", __dir__)
require "oaken_gauge"
require "support/strip_bound"

ROOM = 40
STEPS = 4

# Sides in quarter inches.
def pieces(random, kinds, counts)
  Array.new(kinds) { [random.rand(4..30), random.rand(4..48), random.rand(counts), true] }.uniq { |across, along, *| [across, along].sort }
end

def cutting(pieces)
  kinds = pieces.map do |across, along, count, turn|
    OakenGauge::Planning::Kind.new(size: [across/4r, along/4r], count: count, turn: turn, shape: :rectangle)
  end
  OakenGauge::Planning::Cutting.new(kinds, ROOM.to_r)
end

def measured(pieces)
  started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
  plan = cutting(pieces)
  used, bound, by_hand = [plan.length, plan.bound, plan.first_fit.length].map(&:to_f)
  seconds = Process.clock_gettime(Process::CLOCK_MONOTONIC) - started
  { kinds: pieces.size, used: used, bound: bound, gap: ((used / bound) - 1) * 100, by_hand: ((by_hand / bound) - 1) * 100, s: seconds }
end

def mean(figures)
  (figures.sum / figures.size).round(2)
end

def told(name, rows, gap:, seconds:)
  gaps, by_hand, times = %i[gap by_hand s].map { |figure| rows.map { |row| row[figure] } }
  puts "#{name}: #{rows.size} plans, mean gap #{mean(gaps)} % (aim #{gap}), largest #{gaps.max.round(2)} %, first fit #{mean(by_hand)} " \
       "%, 95 in 100 under #{times.sort[(times.size * 0.95).floor].round(2)} s (aim #{seconds})"
end

plans = (ARGV.first || 30).to_i
few = (1..(plans * 10)).map do |seed|
  random = Random.new(seed)
  list = pieces(random, random.rand(1..6), 20..200)
  row = measured(list)
  row.merge(below: row[:used] < (StripBound.new(list, ROOM * STEPS, 24 * STEPS).least / STEPS) - 1e-6)
end
told("one to six kinds", few, gap: 1.5, seconds: 4)
puts "below a bound worked out another way: #{few.count { |row| row[:below] }}"
told("many kinds", (1..plans).map { |seed| measured(pieces(Random.new(seed), 5 + (seed * 7 % 36), 8..60)) }, gap: 1, seconds: 4)
