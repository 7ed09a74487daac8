# frozen_string_literal: true

# What a maker sets store by, and a version, so that two windows cannot save over one another.
class KeepMakersPriorities < ActiveRecord::Migration[7.2]
  def change
    change_table :makers, bulk: true do |t|
      t.jsonb :priorities, null: false, default: {}
      t.integer :lock_version, null: false, default: 0
    end
  end
end
