# frozen_string_literal: true

# A fabric has its version, so that two windows cannot save over one another.
class VersionFabrics < ActiveRecord::Migration[7.2]
  def change
    add_column :fabrics, :lock_version, :integer, null: false, default: 0
  end
end
