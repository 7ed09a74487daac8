# frozen_string_literal: true

require "active_support/cache"

module Server
  # How much one client may ask for. A fence that is dragged asks often, so the limit is far above
  # what a hand can do.
  module Throttle
    REQUESTS = 600
    SECONDS = 10

    # @return [void]
    def self.configure
      Rack::Attack.cache.store = ActiveSupport::Cache::MemoryStore.new
      Rack::Attack.throttle("requests", limit: REQUESTS, period: SECONDS) { |request| request.ip if request.path.start_with?("/api/") }
      Rack::Attack.throttled_responder = lambda do |_request|
        problem = Problem.new(429, "Too many requests at once: at most #{REQUESTS} in #{SECONDS} seconds.")
        problem.answer("retry-after" => SECONDS.to_s)
      end
    end
  end
end
