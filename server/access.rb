# frozen_string_literal: true

require "active_support/current_attributes"
require "uri"

module Server
  # Whether who comes has to sign in, and who is there. On this machine alone nobody has to; where others can reach it, or where
  # ACCOUNTS is 1, everybody.
  module Access
    # What a proxy puts into a request that it passes on.
    FORWARDED = %w[HTTP_FORWARDED HTTP_X_FORWARDED_FOR HTTP_X_FORWARDED_HOST HTTP_X_FORWARDED_PROTO HTTP_X_REAL_IP].freeze
    # Settings that say it is meant to be reached by others.
    REACHED = %w[PUBLIC_URL ALLOWED_HOSTS PROXIES].freeze

    # Who is there, for as long as a request lasts.
    class Current < ActiveSupport::CurrentAttributes
      attribute :account, :word, :forwarded, :maker_id, :maker, :arrived
    end

    class << self
      # Wherever others might come, by what was set or by what a request says of a proxy before it.
      # @return [Boolean]
      def required?
        !why.nil? || Current.forwarded == true
      end

      # @return [String, nil] the setting by which everybody signs in; nil where nobody does
      def why
        return "ACCOUNTS" if ENV["ACCOUNTS"] == "1"
        return "HOST" unless ENV["HOST"].to_s.split(",").all? { |host| loopback?(host.strip) }

        REACHED.find { |name| !ENV[name].to_s.strip.empty? }
      end

      # @param env [Hash]
      # @yield with it known when the request came, and whether through a proxy
      def reached(env, &)
        Current.set(arrived: Time.now, forwarded: FORWARDED.any? { |name| env.key?(name) }, &)
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

      private

      def loopback?(host)
        host.empty? || host == "localhost" || IPAddr.new(host).loopback?
      rescue IPAddr::InvalidAddressError
        false
      end
    end
  end
end
