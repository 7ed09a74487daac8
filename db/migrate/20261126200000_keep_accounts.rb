# frozen_string_literal: true

# Who may come to which bench: accounts, where they are signed in, invitations to them, and how often a passphrase was wrong.
class KeepAccounts < ActiveRecord::Migration[7.2]
  def change
    create_table :accounts do |t|
      t.string :name, null: false, limit: 60
      t.string :passphrase, null: false, limit: 60
      t.timestamps
      t.index "lower(name)", unique: true, name: "accounts_name"
      t.check_constraint "length(trim(name)) > 0", name: "accounts_name_is_not_blank"
    end
    add_reference :makers, :account, foreign_key: { on_delete: :cascade }
    create_sessions
    create_invitations
    create_table :attempts do |t|
      t.string :key, null: false, limit: 120
      t.datetime :created_at, null: false
      t.index %i[key created_at]
    end
  end

  private

  # Of what is secret only a digest is kept.
  def create_sessions
    create_table :sessions do |t|
      t.references :account, null: false, foreign_key: { on_delete: :cascade }
      t.string :digest, null: false, limit: 64, index: { unique: true }
      t.datetime :expires_at, null: false
      t.datetime :created_at, null: false
    end
  end

  def create_invitations
    create_table :invitations do |t|
      t.references :account, foreign_key: { on_delete: :cascade }
      t.string :digest, null: false, limit: 64, index: { unique: true }
      t.datetime :expires_at, null: false
      t.datetime :used_at
      t.datetime :created_at, null: false
    end
  end
end
