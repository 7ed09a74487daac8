# frozen_string_literal: true

# What a save was answered, so that one that is sent again because its answer was lost is not done twice.
class KeepAnswers < ActiveRecord::Migration[7.2]
  def change
    create_table :kept_answers do |t|
      t.references :account, foreign_key: { on_delete: :cascade }
      t.string :key, null: false, limit: 200, index: { unique: true }
      t.integer :status
      t.text :body
      t.datetime :created_at, null: false, index: true
    end
  end
end
