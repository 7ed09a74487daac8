# frozen_string_literal: true

# Browsers that somebody signed in from: strangers who guess at her passphrase do not lock her out there.
class KnowBrowsers < ActiveRecord::Migration[7.2]
  def change
    create_table :known_browsers do |t|
      t.references :account, null: false, foreign_key: { on_delete: :cascade }
      t.string :digest, null: false, limit: 64, index: { unique: true }
      t.datetime :expires_at, null: false
      t.datetime :created_at, null: false
    end
  end
end
