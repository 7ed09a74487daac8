# frozen_string_literal: true

module Server
  module Middleware
    # Refuses a request that no reader further in could read: an address or a query that is no UTF-8 or has a NUL in
    # it, a query that contradicts itself, a body that is told to be something other than JSON. And whatever refuses a
    # request further in, the answer is a problem document.
    class WellFormed
      TITLES = { 400 => "This request cannot be read.", 403 => "This page may not ask here.", 404 => "There is nothing at this address.",
                 405 => "This cannot be done at this address.", 413 => "That is larger than any document here.",
                 415 => "A document is sent as application/json.", 429 => "Too many requests at once.",
                 501 => "This cannot be done at this address." }.freeze
      METHODS = %w[GET HEAD POST PUT PATCH DELETE OPTIONS].freeze
      # What is asked for by a name within a name: priorities[fabric]=2.
      SEVERAL = %w[priorities].freeze
      # Longer than any address here.
      LONGEST = 2000

      def initialize(app)
        @app = app
      end

      def call(env)
        fault = fault_of(env)
        return refusal(*fault) if fault

        # What says what a body is where there is none, says nothing.
        as_problem(@app.call(body?(env) ? env : env.except("CONTENT_TYPE")), env)
      end

      private

      # @return [Array(Integer, String), nil]
      def fault_of(env)
        return [501, TITLES[501]] unless METHODS.include?(env["REQUEST_METHOD"])
        return [400, "The address is not readable: allowed are addresses in UTF-8, on one line."] unless readable?(env["PATH_INFO"])
        return [400, "The query is not readable: allowed are name=value, each name once, in UTF-8."] unless query?(env["QUERY_STRING"])

        [415, TITLES[415]] unless json?(env)
      end

      def readable?(text)
        text = text.to_s.dup.force_encoding(Encoding::UTF_8)
        text.valid_encoding? && !text.match?(/[\u0000-\u001f\u007f]/) && text.length <= LONGEST
      end

      def query?(text)
        return false if text.to_s.length > LONGEST

        Rack::Utils.parse_nested_query(text.to_s).all? { |name, value| readable?(name) && texts(name, value).all? { |part| text?(part) } }
      rescue Rack::QueryParser::ParameterTypeError, Rack::QueryParser::InvalidParameterError, Rack::QueryParser::QueryLimitError,
             ArgumentError
        false
      end

      # What is said of several by name, and everything else by itself.
      def texts(name, value)
        SEVERAL.include?(name) && value.is_a?(Hash) ? value.to_a.flatten(1) : [value]
      end

      def text?(part)
        part.is_a?(String) && readable?(part)
      end

      # A body without a word of what it is, is taken for JSON.
      def json?(env)
        type = env["CONTENT_TYPE"].to_s
        type.empty? || !body?(env) || type.b.match?(%r{\Aapplication/json\s*(;|\z)}i)
      end

      def body?(env)
        env["CONTENT_LENGTH"].to_i.positive? || env.key?("HTTP_TRANSFER_ENCODING")
      end

      # What is told in JSON is told in our own words already.
      def as_problem(answer, env)
        status, headers, = answer
        if status < 400 || headers["content-type"].to_s.match?(%r{\Aapplication/(problem\+)?json}) || env["REQUEST_METHOD"] == "HEAD"
          return answer
        end

        refusal(status, TITLES.fetch(status, "This could not be done."), headers.slice("retry-after", "allow"))
      end

      def refusal(status, title, headers = {})
        Problem.new(status, title).answer(headers)
      end
    end
  end
end
