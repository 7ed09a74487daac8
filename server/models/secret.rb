# frozen_string_literal: true

require "digest"
require "securerandom"

module Server
  module Models
    # What is given out once as a word and kept only as its digest, for a while.
    module Secret
      # @return [String] a new word
      def self.word
        SecureRandom.urlsafe_base64(32)
      end

      # @return [String]
      def self.digest(word)
        Digest::SHA256.hexdigest(word.to_s)
      end

      def self.included(model)
        model.extend(Finding)
      end

      # By their words.
      module Finding
        # @param word [String, nil]
        # @return [ActiveRecord::Base, nil] one that has not expired
        def called(word)
          where("expires_at > ?", Time.now).find_by(digest: Secret.digest(word)) if word
        end

        # @param seconds [Integer] how long it holds
        # @return [String] the word of a new one; those that have expired go
        def give(seconds, **fields)
          where("expires_at < ?", Time.now).delete_all
          Secret.word.tap { |word| create!(digest: Secret.digest(word), expires_at: Time.now + seconds, **fields) }
        end
      end
    end
  end
end
