# frozen_string_literal: true

# Blocks a maker has drawn; and projects that are put aside, or removed and may be put back.
class KeepBlocks < ActiveRecord::Migration[7.2]
  def change
    create_table :blocks do |t|
      t.references :maker, null: false, foreign_key: { on_delete: :cascade }
      t.string :name, null: false, limit: 80
      t.jsonb :picture, null: false
      t.jsonb :pieces, null: false, default: []
      t.integer :lock_version, null: false, default: 0
      t.timestamps
      t.check_constraint "length(trim(name)) > 0", name: "blocks_name_is_not_blank"
      t.check_constraint "picture ? 'cells' AND picture ? 'finished'", name: "blocks_picture_has_cells"
    end
    change_table :projects, bulk: true do |t|
      t.text :notes, null: false, default: ""
      t.boolean :aside, null: false, default: false
      t.datetime :removed_at
      t.jsonb :quilt
    end
  end
end
