# frozen_string_literal: true

module Server
  module Middleware
    # Finds out who comes. Where one has to sign in, nobody else is answered but who asks for just that.
    class SignIn
      # What everybody may ask for.
      OPEN = %w[/api/session /api/accounts /api/accounts/reset].freeze
      # And by a link that they were given.
      SHOWN = "/api/shown/"
      # Where it does not matter who comes.
      NOBODYS = %w[/alive /health].freeze

      def initialize(app)
        @app = app
      end

      def call(env)
        Access.reached(env) { admit(env, Access.path(env)) }
      end

      private

      def admit(env, path)
        return @app.call(env) if !Access.required? || NOBODYS.include?(path)

        word = Rack::Utils.parse_cookies(env)[Cookies::SESSION]
        account = account(word, path)
        return Problem.new(401, "Sign in first.").answer unless account || open?(path)

        private_answer(Access.as(account, word) { @app.call(env) })
      end

      # A page is there while the database is away, and says so itself.
      def account(word, path)
        Models::Session.called(word)&.account
      rescue *Database::GONE
        raise if path.start_with?("/api/")
      end

      # What is somebody's own is kept nowhere on the way.
      def private_answer((status, headers, body))
        [status, headers.merge("cache-control" => "no-store"), body]
      end

      def open?(path)
        OPEN.include?(path) || path.start_with?(SHOWN) || !path.start_with?("/api/")
      end
    end
  end
end
