# frozen_string_literal: true

require "timeout"

module Server
  module Middleware
    # No request holds a thread for longer than this, whatever it waits for: a database that is there and does not answer, above
    # all. The connection it held is thrown away then, since nobody knows what it is in the midst of; any other goes back to where
    # it is looked after: one that broke is made anew there.
    class Deadline
      # Seconds; a whole bench is read in within more.
      USUAL = 15
      BENCH = 90
      WHOLE = %r{\A/api/(?:makers/\d+/)?(?:bench(?:/look)?|jobs/read-in)\z}

      # It is over.
      class Passed < StandardError; end

      # @param usual [Numeric] seconds
      def initialize(app, usual: USUAL)
        @app = app
        @usual = usual
      end

      def call(env)
        Timeout.timeout(WHOLE.match?(env["PATH_INFO"]) ? BENCH : @usual, Passed) { @app.call(env) }
      rescue Passed
        ActiveRecord::Base.connection_pool.active_connection?&.throw_away!
        Problem.overdue.answer("retry-after" => "5")
      ensure
        Database.let_go
      end
    end
  end
end
