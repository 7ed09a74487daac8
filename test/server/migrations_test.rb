# frozen_string_literal: true

require "support/server_case"

# What was stored before a migration is there after it.
class MigrationsTest < ServerCase
  BEFORE = 20_261_126_121_000

  def context
    ActiveRecord::MigrationContext.new(Server::Database::MIGRATIONS)
  end

  def value(sql)
    ActiveRecord::Base.connection.select_value(sql)
  end

  # Tables that were made anew count from one again; the rows of the bench that is put back are there already.
  def teardown
    context.up
    DemoBench::TABLES.each { |table| value("SELECT setval(pg_get_serial_sequence('#{table}', 'id'), 100000)") }
    ActiveRecord::Base.connection_handler.clear_all_connections!
  end

  # Back to when fabrics were kept as cloths and methods as ways, and forth again.
  def test_fabrics_and_picks_are_renamed_with_what_is_in_them
    send_json("PUT", "/api/units/#{@unit.id}/pick", { lock_version: @unit.lock_version, method: "rotary/two_at_a_time", unit: @unit.spec })
    # What came later goes on the way back.
    @project.update!(quilt: nil)
    counts = [@maker.fabrics.count, @unit.unit_fabrics.count]
    before = fetch("/api/projects/#{@project.id}")
    context.down(BEFORE)

    assert_equal counts.first, value("SELECT count(*) FROM cloths")
    assert_equal counts.last, value("SELECT count(*) FROM unit_cloths WHERE unit_id = #{@unit.id} AND cloth_id > 0")
    assert_equal "rotary/two_at_a_time", value("SELECT way FROM picks")
    assert_raises(ActiveRecord::StatementInvalid) { value("SELECT count(*) FROM fabrics") }
    context.up
    ActiveRecord::Base.connection.clear_cache!

    assert_equal before, fetch("/api/projects/#{@project.id}")
    assert_raises(ActiveRecord::StatementInvalid) { Server::Models::Pick.first.update!(method_id: "no method") }
  end
end
