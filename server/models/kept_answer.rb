# frozen_string_literal: true

module Server
  module Models
    # What a save with a key was answered, for a day.
    class KeptAnswer < ActiveRecord::Base
      LASTS = 24 * 60 * 60
      # One in so many puts away what is older.
      SWEPT = 200

      # Whoever has the same key at the same moment waits here until the first is done.
      # @param key [String]
      # @param account [Account, nil] whose it is: it goes with her
      # @return [KeptAnswer] a new one, in the transaction that is open
      # @raise [ActiveRecord::RecordNotUnique] where it was answered already
      def self.begin(key, account = nil)
        kept = create!(key: key, account_id: account&.id)
        where("created_at < ?", Time.now - LASTS).delete_all if (kept.id % SWEPT).zero?
        kept
      end

      # @return [Array] for Rack
      def answer
        [status, { "content-type" => "application/json" }, status == 204 ? [] : [body]]
      end
    end
  end
end
