# frozen_string_literal: true

# A maker who is removed can be put back.
class LetMakersBeRemoved < ActiveRecord::Migration[7.2]
  def change
    add_column :makers, :removed_at, :datetime
  end
end
