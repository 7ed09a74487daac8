# frozen_string_literal: true

require "bcrypt"

module Server
  module Models
    # Somebody who signs in, with a bench of her own and a demo beside it.
    class Account < ActiveRecord::Base
      has_many :makers, dependent: :destroy
      has_many :sessions, dependent: :delete_all
      has_many :known_browsers, dependent: :delete_all

      # What bcrypt takes in, bytes; and what nobody guesses soon, letters.
      LONGEST = 72
      SHORTEST = 12
      COST = ENV["RACK_ENV"] == "test" ? BCrypt::Engine::MIN_COST : 12
      # Compared with where there is no such account, so that it takes as long.
      NOBODY = BCrypt::Password.create("nobody", cost: COST).to_s

      # @param name [String] however its letters are written, as the database tells them alike
      # @return [Account, nil]
      def self.named(name)
        find_by("lower(name) = lower(?)", name.strip)
      end

      # @param account [Account, nil]
      # @param passphrase [String]
      # @return [Boolean] whether it is the one of the account; where there is none, as late
      def self.right?(account, passphrase)
        (BCrypt::Password.new(account&.passphrase || NOBODY) == passphrase) && !account.nil?
      end

      # @param text [String]
      # @return [String] its digest
      # @raise [Problem] where it cannot be one
      def self.digest(text)
        fault = if text.length < SHORTEST then "is shorter than #{SHORTEST} letters: allowed is a longer one, several words for instance"
                elsif text.bytesize > LONGEST then "is longer than #{LONGEST} bytes: allowed is a shorter one"
                elsif text.include?("\0") then "has a letter in it that cannot be typed: allowed are letters, numbers, signs and spaces"
                end
        raise Problem.at("/passphrase", fault) if fault

        BCrypt::Password.create(text, cost: COST).to_s
      end

      # The first takes over whoever is there; the others come to a demo of their own.
      # @param name [String]
      # @param passphrase [String]
      # @return [Account]
      # @raise [Problem]
      def self.make(name, passphrase)
        digest = digest(passphrase)
        raise Problem.at("/name", "is taken: allowed is another") if named(name)

        first = none?
        create!(name: name.strip, passphrase: digest).tap do |account|
          Maker.where(account_id: nil).update_all(account_id: account.id) if first
          Access.as(account) { Demo.load } if account.makers.none?
        end
      end

      # Wherever it was signed in, it is so no longer, and no browser is known for it.
      # @return [void]
      def change(passphrase)
        update!(passphrase: self.class.digest(passphrase))
        sessions.delete_all
        known_browsers.delete_all
      end
    end
  end
end
