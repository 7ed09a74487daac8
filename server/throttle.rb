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
      Rack::Attack.throttle("requests", limit: REQUESTS, period: SECONDS) do |request|
        address(request.env) if Access.path(request.env).start_with?("/api/")
      end
      Rack::Attack.throttled_responder = lambda do |_request|
        problem = Problem.new(429, "Too many requests at once: at most #{REQUESTS} in #{SECONDS} seconds.")
        problem.answer("retry-after" => SECONDS.to_s)
      end
    end

    # Who asks: whoever is connected. What a request says of itself counts only where a proxy that is named in PROXIES passes it
    # on; then the last that it did not name itself.
    # @param env [Hash]
    # @return [String]
    def self.address(env)
      connected = env["REMOTE_ADDR"].to_s
      proxies = ENV.fetch("PROXIES", "").split(",").map(&:strip)
      return connected unless proxies.include?(connected)

      env["HTTP_X_FORWARDED_FOR"].to_s.split(",").map(&:strip).reverse.find { |one| !proxies.include?(one) } || connected
    end
  end
end
