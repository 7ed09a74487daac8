# frozen_string_literal: true

# Starts a private database unless one is named, brings it up to date, loads the demo once, serves,
# and stops on Ctrl-C whatever it started.

require "json"
require "net/http"
require_relative "bench"

Running::Bench.new.start
