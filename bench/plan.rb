# frozen_string_literal: true

# Cutting plans of random projects, seeded: how far above the proved bound, beside first fit, and how long it takes.
#   bundle exec ruby bench/plan.rb [PROJECTS]      (30)

$LOAD_PATH.unshift File.expand_path("../core", __dir__)
require "oaken_gauge"

ROOM = 40r

def project(seed)
  random = Random.new(seed)
  Array.new(5 + (seed * 7 % 36)) do
    size = [random.rand(8..60)/8r, random.rand(8..96)/8r]
    OakenGauge::Planning::Kind.new(size: size, count: random.rand(8..60), turn: true, shape: :rectangle)
  end
end

def measured(seed)
  kinds = project(seed)
  started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
  cutting = OakenGauge::Planning::Cutting.new(kinds, ROOM)
  used, bound, by_hand = [cutting.length, cutting.bound, cutting.first_fit.length].map(&:to_f)
  seconds = Process.clock_gettime(Process::CLOCK_MONOTONIC) - started
  [kinds.size, used, bound, (used / bound) - 1, (by_hand / bound) - 1, seconds]
end

rows = (1..(ARGV.first || 30).to_i).map { |seed| measured(seed) }
rows.sort.each do |kinds, used, bound, gap, by_hand, seconds|
  told = { kinds: kinds, used: used, bound: bound, "gap %": (gap * 100).round(2), "first fit %": (by_hand * 100).round(1),
s: seconds.round(2) }
  puts told.map { |name, figure| "#{name} #{figure.to_s.rjust(8)}" }.join("  ")
end
gaps = rows.map { |row| row[3] * 100 }
times = rows.map(&:last).sort
puts "\nmean gap #{(gaps.sum / gaps.size).round(2)} % (aim 1), largest #{gaps.max.round(2)} % (aim 3), " \
     "95 in 100 under #{times[(times.size * 0.95).floor.clamp(0, times.size - 1)].round(2)} s (aim 4)"
