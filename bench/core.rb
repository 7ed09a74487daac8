# frozen_string_literal: true

# How long the core takes: ruby bench/core.rb

require_relative "support"
require_relative "../test/support/catalogue"

def median(calls, &block)
  block.call
  Bench.time(calls, &block)[calls / 2]
end

Bench.report("weigh one unit over the demo drawer", median(100) { OakenGauge.weigh(Bench.document) }, 25, "ms")
Bench.report("with words, drawings and the beam", median(50) { OakenGauge.weigh(Bench.document, view: true) }, 50, "ms")

# A drawer of sixty: the catalogue's, and copies of its tools until there are enough.
copies = Array.new(60 - Catalogue::TOOLS.size) { |i| Catalogue::TOOLS[i % Catalogue::TOOLS.size].merge("id" => "copy-#{i}") }
drawer = Catalogue::TOOLS + copies
Catalogue::UNITS.each do |kind, units|
  document = { "unit" => { "kind" => kind.to_s, "count" => 24 }.merge(units.first), "tools" => drawer }
  Bench.report("weigh #{kind.to_s.tr('_', ' ')} over 60 tools", median(30) { OakenGauge.weigh(document) }, 25, "ms")
end

# Units made out of polygons beside each budget, the slowest method of the slowest unit too.
%w[half_square flying_geese wedge_ring].each do |kind|
  task = OakenGauge.read_weighing({ "unit" => { "kind" => kind, "count" => 24 }.merge(Catalogue::UNITS[kind.to_sym].first),
"tools" => drawer })
  ways = OakenGauge::Methods.making(task.unit).map { |method| method.new(task) }.select { |way| OakenGauge::Weighing::Outcome.new(way).feasible? }
  slowest = ways.map do |way|
    accuracy = OakenGauge::ErrorModel::Accuracy.new(way)
    median(5) { OakenGauge::ErrorModel::Sampling.new(way, accuracy, count: 20_000).figures }
  end.max
  Bench.report("20,000 units out of polygons, #{kind.tr('_', ' ')}, slowest method", slowest, 600, "ms")
end

parts = [{ "kind" => "half_square", "share" => "1/6" }, { "kind" => "flying_geese", "share" => %w[1/6 1/3] },
         { "kind" => "square", "share" => "1/3" },
         { "kind" => "hourglass", "share" => "1/3" }, { "kind" => "square_in_square", "share" => "1/3" },
         { "kind" => "cut_corner", "share" => "1/3", "corner" => "1/6", "corners" => 2 }]
ladder = { "units" => parts, "block" => { "from" => "6", "to" => "18", "step" => "1/2" }, "tools" => drawer }
Bench.report("sizes of a block of six units over 25 sizes", median(10) { OakenGauge.sizes(ladder) }, 150, "ms")
