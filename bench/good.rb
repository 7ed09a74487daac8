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
    made = outcome.way.sample(count: UNITS, seed: 11).all_good
    [(good - made).abs, unit["kind"], outcome.way.class.id, good, made]
  end
end
found.max_by(8, &:first).each do |off, kind, id, good, made|
  puts [kind.ljust(18), id.ljust(34), good.round(4), "made", made.round(4), "off", off.round(4)].join(" ")
end
puts "#{found.size} methods: off by #{found.map(&:first).max.round(4)} at most (aim 0.01), " \
     "#{(found.sum(&:first) / found.size).round(4)} in the mean"
