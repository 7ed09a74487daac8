# frozen_string_literal: true

# A maker, her drawer, her cloths, and the projects with the units she has to make.
class CreateBench < ActiveRecord::Migration[7.2]
  def change
    create_makers
    create_tools
    create_cloths
    create_projects
    create_units
    create_unit_cloths
    create_picks
  end

  private

  def create_makers
    create_table :makers do |t|
      t.string :name, null: false, limit: 80
      t.jsonb :profile, null: false, default: {}
      t.timestamps
    end
  end

  def create_tools
    create_table :tools do |t|
      t.references :maker, null: false, foreign_key: { on_delete: :cascade }
      t.string :key, null: false, limit: 80
      t.integer :position, null: false, default: 0
      t.jsonb :document, null: false
      t.integer :lock_version, null: false, default: 0
      t.timestamps
      t.index %i[maker_id key], unique: true
      t.check_constraint "document ->> 'id' = key", name: "tools_key_is_document_id"
    end
  end

  def create_cloths
    create_table :cloths do |t|
      t.references :maker, null: false, foreign_key: { on_delete: :cascade }
      t.string :name, null: false, limit: 80
      t.string :colour, null: false, limit: 7
      t.string :weave, null: false, limit: 20
      t.jsonb :document, null: false
      t.timestamps
      t.index %i[maker_id name], unique: true
      t.check_constraint "colour ~ '^#[0-9a-f]{6}$'", name: "cloths_colour_is_hex"
      t.check_constraint "weave IN ('plain', 'twill', 'dots', 'check', 'slub')", name: "cloths_weave_is_known"
      t.check_constraint "document ? 'form'", name: "cloths_document_has_form"
    end
  end

  def create_projects
    create_table :projects do |t|
      t.references :maker, null: false, foreign_key: { on_delete: :cascade }
      t.string :name, null: false, limit: 80
      t.string :seam_allowance, null: false, limit: 20, default: "1/4"
      t.integer :lock_version, null: false, default: 0
      t.timestamps
      t.check_constraint "length(trim(name)) > 0", name: "projects_name_is_not_blank"
    end
  end

  def create_units
    create_table :units do |t|
      t.references :project, null: false, foreign_key: { on_delete: :cascade }
      t.string :label, null: false, limit: 80
      t.integer :position, null: false, default: 0
      t.jsonb :spec, null: false
      t.integer :lock_version, null: false, default: 0
      t.timestamps
      t.check_constraint "length(trim(label)) > 0", name: "units_label_is_not_blank"
      t.check_constraint "spec ? 'kind' AND spec ? 'count'", name: "units_spec_has_kind_and_count"
    end
  end

  def create_unit_cloths
    create_table :unit_cloths do |t|
      t.references :unit, null: false, foreign_key: { on_delete: :cascade }, index: false
      t.references :cloth, null: false, foreign_key: true
      t.string :role, null: false, limit: 20
      t.index %i[unit_id role], unique: true
    end
  end

  def create_picks
    create_table :picks do |t|
      t.references :unit, null: false, foreign_key: { on_delete: :cascade }, index: { unique: true }
      t.string :way, null: false, limit: 80
      t.jsonb :spec, null: false
      t.jsonb :answer, null: false
      t.timestamps
      t.check_constraint "way ~ '^[a-z_]+/[a-z_]+$'", name: "picks_way_is_a_method_id"
    end
  end
end
