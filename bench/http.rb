# frozen_string_literal: true

# How long a weighing takes over HTTP at 20 requests a second, against an application that is running:
#   ruby bench/http.rb http://127.0.0.1:7420

require_relative "support"
require "net/http"

address = URI("#{ARGV.fetch(0, 'http://127.0.0.1:7420')}/api/weigh?view=full")
abort "only an application on this machine" unless ["127.0.0.1", "localhost"].include?(address.host)

requests = 200
apart = 1.0 / 20
body = JSON.generate(Bench.document)

# Paced, so that what is measured is an answer and not a queue.
times = Net::HTTP.start(address.host, address.port) do |http|
  Array.new(requests) do
    taken = Bench.time(1) { http.post(address.request_uri, body, "content-type" => "application/json").value }.first
    sleep [apart - (taken / 1000), 0].max
    taken
  end.sort
end

Bench.report("weigh over HTTP, 20 a second, median", times[requests / 2], 50, "ms")
Bench.report("weigh over HTTP, 20 a second, 95th percentile", times[(requests * 0.95).floor], 50, "ms")
