# frozen_string_literal: true

# How long a weighing takes over HTTP at 20 requests a second, against an application that is running with the demo:
#   ruby bench/http.rb http://127.0.0.1:7420

require_relative "support"
require "net/http"

address = URI(ARGV.fetch(0, "http://127.0.0.1:7420"))
abort "only an application on this machine" unless ["127.0.0.1", "localhost"].include?(address.host)

requests = 120
apart = 1.0 / 20

# As the fence is dragged: each kind of unit in the demo, at one stop after another, as the page asks for it. Paced, so that what is
# measured is an answer and not a queue.
Net::HTTP.start(address.host, address.port) do |http|
  read = ->(path) { JSON.parse(http.get(path).body) }
  http.post("/api/start", '{"bench":"demo"}', "content-type" => "application/json")
  units = read["/api/projects/#{read['/api/start'].fetch('project_id')}"]["units"].uniq { |unit| unit["unit"]["kind"] }
  units.each do |unit|
    stops = (8..48).map { |eighths| OakenGauge::Length.new(Rational(eighths, 8)) }.cycle
    sizes = []
    times = Array.new(requests) do
      path = "/api/units/#{unit['id']}/weighing?#{URI.encode_www_form('view' => 'fence', 'at' => stops.next.to_s)}"
      taken = Bench.time(1) { sizes << http.get(path).tap(&:value).body.bytesize }.first
      sleep [apart - (taken / 1000), 0].max
      taken
    end.sort

    name = unit["unit"]["kind"].tr("_", " ")
    Bench.report("#{name} over HTTP, 20 a second, median", times[requests / 2], 50, "ms")
    Bench.report("#{name} over HTTP, 20 a second, 95th percentile", times[(requests * 0.95).floor], 60, "ms")
    puts "  #{sizes.sum / sizes.size / 1000} KB an answer"
  end
end
