# frozen_string_literal: true

# Columns and rows of a block that are not one cell of its picture each.
class KeepLinesOfBlocks < ActiveRecord::Migration[7.2]
  def change
    add_column :blocks, :lines, :jsonb
  end
end
