# frozen_string_literal: true

module Server
  module Models
    # A passphrase that was wrong: for whom, and from where. So many, and it has to be waited.
    class Attempt < ActiveRecord::Base
      MINUTES = 15
      # For an account, and from an address that many may share.
      MOST = { "account" => 10, "address" => 40 }.freeze

      # @param name [String]
      # @param address [String]
      # @raise [Problem]
      def self.refuse_too_many(name, address)
        return if keys(name, address).none? { |kind, key| where(key: key).where("created_at > ?", since).count >= MOST.fetch(kind) }

        raise Problem.new(429, "Too many wrong passphrases. Try again in #{MINUTES} minutes.")
      end

      # @return [void]
      def self.note(name, address)
        keys(name, address).each_value { |key| create!(key: key) }
        where("created_at < ?", since).delete_all
      end

      # Of an account that was signed in to, the wrong ones are forgotten.
      def self.forget(name)
        where(key: keys(name, "")["account"]).delete_all
      end

      def self.keys(name, address)
        { "account" => "account #{Secret.digest(name.downcase)}", "address" => "address #{address}" }
      end

      def self.since
        Time.now - (MINUTES * 60)
      end
      private_class_method :keys, :since
    end
  end
end
