# frozen_string_literal: true

module Server
  module Middleware
    # Refuses a request whose body is larger than any document of ours, before it is read into memory.
    class BodyLimit
      LARGEST = 512 * 1024
      # Who has not signed in sends no documents.
      STRANGERS = 64 * 1024
      # A whole bench as one file may be larger.
      FILES = 64 * 1024 * 1024
      FILE = %r{\A/api/(?:bench(?:/|\z)|jobs/read-in\z)}

      def initialize(app)
        @app = app
      end

      def call(env)
        # Further in everybody reads one.
        env["rack.input"] ||= StringIO.new
        most = most(env["PATH_INFO"].to_s)
        return @app.call(env) unless too_large?(env, most)

        problem(most).answer("connection" => "close")
      end

      private

      # Where nobody has to sign in, everybody on this machine counts as signed in.
      def most(path)
        return STRANGERS if Access.required? && Access.account.nil?

        path.match?(FILE) ? FILES : LARGEST
      end

      # A body without a stated length is read only as far as the limit.
      def too_large?(env, most)
        stated = env["CONTENT_LENGTH"].to_i
        return stated > most if stated.positive?

        input = env["rack.input"] or return false
        body = input.read(most + 1).to_s
        env["rack.input"] = StringIO.new(body)
        body.bytesize > most
      end

      def problem(most)
        Problem.new(413, "That is larger than any document here: at most #{most / 1024} KB.")
      end
    end
  end
end
