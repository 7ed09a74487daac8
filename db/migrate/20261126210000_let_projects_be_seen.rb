# frozen_string_literal: true

# A project may be seen by whoever has its link, of which only a digest is kept.
class LetProjectsBeSeen < ActiveRecord::Migration[7.2]
  def change
    add_column :projects, :link_digest, :string, limit: 64
    add_index :projects, :link_digest, unique: true
  end
end
