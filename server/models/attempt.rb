# frozen_string_literal: true

require "zlib"

module Server
  module Models
    # A passphrase that was said: for whom, and from where. It is counted before it is looked at, and one that was right is forgotten.
    # Too many that were wrong, and it has to be waited: for an account, from anywhere but a browser that it was signed in from before,
    # which has a count of its own. An address that many may share locks nobody out who knows the passphrase.
    class Attempt < ActiveRecord::Base
      MINUTES = 15
      MOST = 10
      MOST_FROM_ADDRESS = 40

      class << self
        # @param account [Account, nil] nil where there is none by the name
        # @param name [String] as it was said
        # @param browser [KnownBrowser, nil]
        # @return [String] by what it was counted
        # @raise [Problem] where there were too many
        def count(account, name, browser = nil)
          key = key(account, name, browser)
          transaction { one_more(key) }
          key
        end

        # Whoever ends an account is signed in to it: strangers that guess at the sign-in count for themselves.
        # @param account [Account]
        # @return [String] by what it was counted
        # @raise [Problem] where there were too many
        def count_ending(account)
          "end #{account.id}".tap { |key| transaction { one_more(key) } }
        end

        # @param key [String]
        # @return [void]
        def forget(key)
          where(key: key).delete_all
        end

        # Wrong ones from one address, whoever they were for.
        # @param address [String]
        # @raise [Problem] where there were too many
        def note_address(address)
          key = "address #{address}"
          create!(key: key)
          where("created_at < ?", since).delete_all
          refuse if recent(key) > MOST_FROM_ADDRESS
        end

        private

        # Whoever guesses from several places at once is counted one after another, in every process and copy.
        def one_more(key)
          connection.execute("SELECT pg_advisory_xact_lock(#{Zlib.crc32(key)})")
          refuse if recent(key) >= MOST
          create!(key: key)
        end

        def key(account, name, browser)
          return "browser #{browser.id}" if account && browser&.account_id == account.id

          account ? "account #{account.id}" : "name #{Secret.digest(name.strip.downcase)}"
        end

        def recent(key)
          where(key: key).where("created_at > ?", since).count
        end

        def refuse
          raise Problem.new(429, "Too many wrong passphrases. Try again in #{MINUTES} minutes.")
        end

        def since
          Time.now - (MINUTES * 60)
        end
      end
    end
  end
end
