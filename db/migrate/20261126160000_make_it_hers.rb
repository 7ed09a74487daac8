# frozen_string_literal: true

# The demo beside her own bench; projects in centimetres or with a part of the drawer; tools that are retired; how
# drills went.
class MakeItHers < ActiveRecord::Migration[7.2]
  def change
    change_table :makers, bulk: true do |t|
      t.boolean :demo, null: false, default: false
      t.datetime :came_at
    end
    add_column :tools, :retired, :boolean, null: false, default: false
    change_table :projects, bulk: true do |t|
      t.string :measure, null: false, default: "inch", limit: 4
      t.jsonb :tool_keys
    end
    add_check_constraint :projects, "measure IN ('inch', 'cm')", name: "projects_measure_is_known"
    create_drills
  end

  private

  def create_drills
    create_table :drills do |t|
      t.references :maker, null: false, foreign_key: { on_delete: :cascade }
      t.string :kind, null: false, limit: 40
      t.integer :asked, null: false
      t.integer :right, null: false
      t.datetime :created_at, null: false
      t.check_constraint "asked > 0 AND \"right\" BETWEEN 0 AND asked", name: "drills_right_is_no_more_than_asked"
    end
  end
end
