# frozen_string_literal: true

# What a maker's quilts are for, where she has changed the usual list.
class KeepPlaces < ActiveRecord::Migration[7.2]
  def change
    add_column :makers, :places, :jsonb
  end
end
