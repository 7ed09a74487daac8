# frozen_string_literal: true

module Server
  module Middleware
    # Refuses a request whose body is larger than any document of ours, before it is read into memory.
    class BodyLimit
      LARGEST = 512 * 1024

      def initialize(app)
        @app = app
      end

      def call(env)
        return @app.call(env) unless too_large?(env)

        problem.answer("connection" => "close")
      end

      private

      # A body without a stated length is read only as far as the limit.
      def too_large?(env)
        stated = env["CONTENT_LENGTH"].to_i
        return stated > LARGEST if stated.positive?

        input = env["rack.input"] or return false
        body = input.read(LARGEST + 1).to_s
        env["rack.input"] = StringIO.new(body)
        body.bytesize > LARGEST
      end

      def problem
        Problem.new(413, "That is larger than any document here: at most #{LARGEST / 1024} KB.")
      end
    end
  end
end
