# frozen_string_literal: true

module Server
  module Models
    # A browser that somebody signed in from before. Wrong passphrases there are counted by themselves.
    class KnownBrowser < ActiveRecord::Base
      include Secret

      belongs_to :account
      LASTS = 365 * 24 * 60 * 60
    end
  end
end
