# frozen_string_literal: true

# Two fabrics may be called the same, as they may in a file: they are told apart by their id.
class LetFabricsShareAName < ActiveRecord::Migration[7.2]
  def change
    remove_index :cloths, %i[maker_id name], unique: true
    add_index :cloths, %i[maker_id name]
  end
end
