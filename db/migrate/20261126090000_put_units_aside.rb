# frozen_string_literal: true

# A unit that is taken away is put aside, with its pick, so that it can be put back.
class PutUnitsAside < ActiveRecord::Migration[7.2]
  def change
    add_column :units, :removed_at, :datetime
  end
end
