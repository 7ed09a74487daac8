# frozen_string_literal: true

# How long a weighing takes over HTTP at 20 requests a second, against an application that is running:
#   ruby bench/http.rb http://127.0.0.1:7420

require_relative "support"
require "net/http"

address = URI("#{ARGV.fetch(0, 'http://127.0.0.1:7420')}/api/weigh?view=full")
abort "only an application on this machine" unless ["127.0.0.1", "localhost"].include?(address.host)

requests = 120
apart = 1.0 / 20

# As the fence is dragged: each kind of unit in the demo, at one stop after another. Paced, so that what is
# measured is an answer and not a queue.
units = Bench::DEMO["projects"].flat_map { |project| project["units"].map { |unit| unit["unit"] } }.uniq { |unit| unit["kind"] }
units.each do |unit|
  stops = (8..48).map { |eighths| Rational(eighths, 8) }.cycle
  times = Net::HTTP.start(address.host, address.port) do |http|
    Array.new(requests) do
      stop = stops.next
      body = JSON.generate(Bench.document.merge("unit" => unit, "at" => OakenGauge::Length.new(stop).to_s))
      taken = Bench.time(1) { http.post(address.request_uri, body, "content-type" => "application/json").value }.first
      sleep [apart - (taken / 1000), 0].max
      taken
    end.sort
  end

  name = unit["kind"].tr("_", " ")
  Bench.report("#{name} over HTTP, 20 a second, median", times[requests / 2], 50, "ms")
  Bench.report("#{name} over HTTP, 20 a second, 95th percentile", times[(requests * 0.95).floor], 50, "ms")
end
