# frozen_string_literal: true

# Starts a private database unless one is named, brings it up to date, loads the demo once, serves,
# and stops on Ctrl-C whatever it started.

# Until it serves, whoever stops it is told so and no more.
%w[INT TERM].each { |signal| trap(signal) { raise Interrupt } }
begin
  require "bundler/setup"
  require "json"
  require "net/http"
  require_relative "bench"

  Running::Bench.new.start
rescue Interrupt
  abort "Stopped."
end
