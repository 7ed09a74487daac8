# frozen_string_literal: true

require "rack/utils"

module Server
  # What a browser keeps: that somebody is signed in, and that she was once.
  module Cookies
    SESSION = "oaken_gauge"
    BROWSER = "oaken_gauge_browser"
    # Only where one signs in is it asked for.
    BROWSER_PATH = "/api/session"

    class << self
      # @param headers [Hash] of the answer
      # @param word [String] of a {Models::Session}
      # @return [void]
      def sign_in(headers, word)
        put(headers, SESSION, value: word, path: "/", max_age: Models::Session::LASTS)
      end

      # @param headers [Hash] of the answer
      # @return [void]
      def sign_out(headers)
        put(headers, SESSION, value: "", path: "/", max_age: 0)
      end

      # @param headers [Hash] of the answer
      # @param word [String] of a {Models::KnownBrowser}
      # @return [void]
      def know(headers, word)
        put(headers, BROWSER, value: word, path: BROWSER_PATH, max_age: Models::KnownBrowser::LASTS)
      end

      private

      def put(headers, name, **told)
        secure = Access.public_address.start_with?("https:")
        Rack::Utils.set_cookie_header!(headers, name, { httponly: true, same_site: :lax, secure: secure, **told })
      end
    end
  end
end
