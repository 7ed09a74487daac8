# frozen_string_literal: true

# At which step of a list a maker stands, on whichever device she goes on.
class KeepBookmarks < ActiveRecord::Migration[7.2]
  def change
    create_table :bookmarks do |t|
      t.references :maker, null: false, foreign_key: { on_delete: :cascade }
      t.string :list, null: false, limit: 200
      t.integer :step, null: false
      t.timestamps
      t.index %i[maker_id list], unique: true
    end
  end
end
