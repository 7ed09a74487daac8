# frozen_string_literal: true

module Server
  module Models
    # To make an account; or, where it is for one, to set its passphrase anew. It can be used once.
    class Invitation < ActiveRecord::Base
      include Secret

      belongs_to :account, optional: true
      LASTS = 7 * 24 * 60 * 60

      # @param word [String, nil]
      # @yield [Invitation] and then it is used
      # @raise [Problem] where there is none
      def self.use(word)
        transaction do
          invitation = where(used_at: nil).called(word)&.lock! or
            raise Problem.at("/code", "is no invitation, or was used, or is older than a week: ask for a new one")
          yield(invitation).tap { invitation.destroy! }
        end
      end
    end
  end
end
