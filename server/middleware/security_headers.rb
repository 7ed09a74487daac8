# frozen_string_literal: true

require "securerandom"

module Server
  module Middleware
    # Tells the browser what a page of ours may do: scripts, styles, fonts and pictures from here, and
    # nothing else. Style elements need the nonce of their response; inline script is never allowed.
    class SecurityHeaders
      FIXED = {
        "x-content-type-options" => "nosniff",
        "referrer-policy" => "no-referrer",
        "cross-origin-opener-policy" => "same-origin",
        "cross-origin-resource-policy" => "same-origin",
        "permissions-policy" => "camera=(), microphone=(), geolocation=()"
      }.freeze

      NONCE = "oaken_gauge.nonce"

      def initialize(app)
        @app = app
      end

      def call(env)
        env[NONCE] = SecureRandom.base64(16)
        status, headers, body = @app.call(env)
        [status, headers.merge({ **FIXED, **transport, "content-security-policy" => policy(env[NONCE]) }), body]
      end

      private

      # Whoever was here by https comes by nothing else for a year.
      def transport
        Access.public_address.start_with?("https:") ? { "strict-transport-security" => "max-age=31536000" } : {}
      end

      def policy(nonce)
        "default-src 'none'; script-src 'self'; style-src 'self' 'nonce-#{nonce}'; font-src 'self'; img-src 'self' data:; " \
          "connect-src 'self'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'"
      end
    end
  end
end
