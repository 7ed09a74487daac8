# frozen_string_literal: true

# A length may be any fraction: it is kept as it is written.
class LetSeamAllowancesBeAnyFraction < ActiveRecord::Migration[7.2]
  def up
    change_column :projects, :seam_allowance, :string, limit: 120, null: false, default: "1/4"
  end

  def down
    change_column :projects, :seam_allowance, :string, limit: 20, null: false, default: "1/4"
  end
end
