# frozen_string_literal: true

# How many come out good, against a million units made at random, for every method and unit:
#   bundle exec ruby bench/good.rb [units]

$LOAD_PATH.unshift File.expand_path("../core", __dir__), File.expand_path("../test", __dir__)
require "oaken_gauge"
require "support/catalogue"

UNITS = Integer(ARGV.fetch(0, 1_000_000))
found = Catalogue.units.flat_map do |unit|
  task = OakenGauge.read_weighing({ "unit" => unit, "tools" => Catalogue::TOOLS })
  OakenGauge::Weighing::Weigher.new(task).outcomes.select(&:feasible?).map do |outcome|
    good = outcome.accuracy.good_share
    made = outcome.accuracy.sample(count: UNITS, seed: 11).all_good
    [(good - made).abs, unit["kind"], outcome.way.class.id, good, made]
  end
end
found.sort.reverse.first(8).each { |off, kind, id, good, made| puts format("%-18s %-34s %.4f  made %.4f  off %.4f", kind, id, good, made, off) }
puts format("%d methods: off by %.4f at most (aim 0.01), %.4f in the mean", found.size, found.map(&:first).max, found.sum(&:first) / found.size)
