# frozen_string_literal: true

# One word a thing, the same as on the screen: a fabric is a fabric, and what is picked is a method.
class SayFabricAndMethod < ActiveRecord::Migration[7.2]
  # Checks that are named for the table, by what they check.
  CHECKS = %w[colour_is_hex weave_is_known document_has_form].freeze

  def change
    rename_table :cloths, :fabrics
    rename_table :unit_cloths, :unit_fabrics
    rename_column :unit_fabrics, :cloth_id, :fabric_id
    rename_column :picks, :way, :method_id
    CHECKS.each { |check| rename_check(:fabrics, "cloths_#{check}", "fabrics_#{check}") }
    rename_check(:picks, "picks_way_is_a_method_id", "picks_method_id_is_a_method_id")
  end

  private

  def rename_check(table, from, to)
    reversible do |direction|
      direction.up { execute "ALTER TABLE #{table} RENAME CONSTRAINT #{from} TO #{to}" }
      direction.down { execute "ALTER TABLE #{table} RENAME CONSTRAINT #{to} TO #{from}" }
    end
  end
end
