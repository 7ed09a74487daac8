# frozen_string_literal: true

module Server
  module Models
    # Somewhere an account is signed in.
    class Session < ActiveRecord::Base
      include Secret

      belongs_to :account
      DAYS = 30
      LASTS = DAYS * 24 * 60 * 60
    end
  end
end
