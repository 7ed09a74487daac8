# frozen_string_literal: true

# How long a weighing takes in the core: ruby bench/core.rb

require_relative "support"

30.times { OakenGauge.weigh(Bench.document) }
times = Bench.time(200) { OakenGauge.weigh(Bench.document) }
Bench.report("weigh one unit over the demo drawer, median", times[100], 10, "ms")

sizes = (4..64).map { |eighths| Bench.document.tap { |d| d["unit"]["finished"] = "#{eighths}/8" } }
swept = Bench.time(3) { sizes.each { |document| OakenGauge.weigh(document) } }
Bench.report("the same as the fence sweeps 61 stops, each", swept[1] / sizes.size, 10, "ms")

full = Bench.time(100) { OakenGauge.weigh(Bench.document, view: true) }
Bench.report("with words, drawings and the beam, median", full[50], 50, "ms")
