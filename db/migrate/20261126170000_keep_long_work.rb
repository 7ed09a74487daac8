# frozen_string_literal: true

# What takes longer than a page waits: asked for once, worked on in a process of its own, kept with what came of it. The queue
# itself is in tables of its own.
class KeepLongWork < ActiveRecord::Migration[7.2]
  QUEUE = 7

  def up
    Que.migrate!(version: QUEUE)
    create_table :jobs do |t|
      t.references :maker, null: false, foreign_key: { on_delete: :cascade }
      t.string :kind, null: false, limit: 20
      t.string :digest, null: false, limit: 64
      t.jsonb :question, null: false
      t.string :state, null: false, limit: 10, default: "waiting"
      t.float :share, null: false, default: 0
      t.string :doing, null: false, limit: 80, default: ""
      t.jsonb :answer
      t.timestamps
      t.index %i[maker_id kind digest], unique: true
      t.check_constraint "state IN ('waiting', 'working', 'done', 'stopped', 'failed')", name: "jobs_state_is_known"
      t.check_constraint "(state = 'done') = (answer IS NOT NULL)", name: "jobs_answer_when_done"
      t.check_constraint "share BETWEEN 0 AND 1", name: "jobs_share_is_a_share"
    end
  end

  def down
    drop_table :jobs
    Que.migrate!(version: 0)
  end
end
