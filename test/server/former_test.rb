# frozen_string_literal: true

require "support/server_case"
require "support/former/replay"
require "support/former/visit"

# A copy of the former version that is still at work while this one migrates, and beside it afterwards: both read and save.
class FormerTest < ServerCase
  def test_both_go_on
    beside do |url|
      former = Former::Replay.new(url)
      former.ask(1/3r)
      migrating = Thread.new { Server::Database.tap { |database| database.connect(url) }.migrate }
      former.ask(1/2r)
      migrating.join
      own = Thread.new { Former::Visit.new(APP, tool: "other").make }
      former.ask
      own.join

      assert_empty former.otherwise
      assert_equal ["Ebb", "Ebb", "Eel pond", "Eel pond"], Server::Models::Project.order(:name).pluck(:name)
      assert_empty ActiveRecord::MigrationContext.new(Server::Database::MIGRATIONS).open.pending_migrations
    ensure
      former&.close
    end
  end

  # What is recorded is of a version that lacks something of this one, and of none long ago.
  def test_what_is_recorded_is_the_version_before
    recorded = File.read(File.join(Former::Replay::FOLDER, "schema.sql"))[/INTO public\.schema_migrations.*;/].scan(/\d{14}/)
    now = Dir[File.join(Server::Database::MIGRATIONS, "*.rb")].map { |file| File.basename(file)[/\d+/] }.sort

    assert_operator recorded.size, :<, now.size
    assert_equal now.first(recorded.size), recorded
  end

  private

  def beside
    before = ENV.fetch("DATABASE_URL")
    ThrowawayCluster.own do |cluster|
      url = cluster.database("oaken_gauge_former")
      Former::Replay.prepare(url)
      yield url
    ensure
      ENV["DATABASE_URL"] = before
    end
  end
end
