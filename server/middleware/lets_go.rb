# frozen_string_literal: true

module Server
  module Middleware
    # Whatever connection a request held goes back to where it is looked after: one that broke is made anew there.
    class LetsGo
      def initialize(app)
        @app = app
      end

      def call(env)
        @app.call(env)
      ensure
        Database.let_go
      end
    end
  end
end
