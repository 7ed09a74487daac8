# frozen_string_literal: true

require "active_support/current_attributes"
require "uri"

module Server
  # Whether who comes has to sign in, and who is there. On this machine alone nobody has to; where others can reach it, or where
  # ACCOUNTS is 1, everybody.
  module Access
    COOKIE = "oaken_gauge"

    # Who is there, for as long as a request lasts.
    class Current < ActiveSupport::CurrentAttributes
      attribute :account, :word
    end

    class << self
      # @return [Boolean]
      def required?
        ENV["ACCOUNTS"] == "1" || !ENV["HOST"].to_s.split(",").all? { |host| loopback?(host.strip) }
      end

      # Whatever way the address is written: it is matched as it reads when it is decoded.
      # @param env [Hash]
      # @return [String]
      def path(env)
        Rack::Utils.unescape_path(env["PATH_INFO"].to_s).squeeze("/")
      rescue ArgumentError
        env["PATH_INFO"].to_s
      end

      # @return [Models::Account, nil]
      def account
        Current.account
      end

      # @param account [Models::Account, nil]
      # @param word [String, nil] of the session
      # @yield with that account there
      def as(account, word = nil, &)
        Current.set(account: account, word: word, &)
      end

      # @return [String] where others find it, without a slash at the end; empty where nobody says
      def public_address
        ENV.fetch("PUBLIC_URL", "").chomp("/")
      end

      # @return [Array<String>] names under which it may be reached, beside this machine's own
      def hosts
        [*ENV.fetch("ALLOWED_HOSTS", "").split(","), *ENV.fetch("HOST", "").split(","), URI(public_address).host].compact.map(&:strip)
      end

      # @param word [String, nil] nothing takes it away
      # @return [String] what the browser keeps
      def cookie(word)
        parts = ["#{COOKIE}=#{word}", "Path=/", "HttpOnly", "SameSite=Lax", "Max-Age=#{word ? Models::Session::LASTS : 0}"]
        parts << "Secure" if public_address.start_with?("https:")
        parts.join("; ")
      end

      private

      def loopback?(host)
        host.empty? || host == "localhost" || IPAddr.new(host).loopback?
      rescue IPAddr::InvalidAddressError
        false
      end
    end
  end
end
