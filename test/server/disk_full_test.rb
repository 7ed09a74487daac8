# frozen_string_literal: true

require "support/server_case"

# A disk that is full: what cannot be saved is said, what is there is read, and all works again when there is room.
class DiskFullTest < ServerCase
  FULL = <<~SQL
    CREATE FUNCTION no_room() RETURNS trigger AS $$ BEGIN RAISE 'No space left on device' USING ERRCODE = '53100'; END $$ LANGUAGE plpgsql;
  SQL

  def setup
    super
    connection.execute(FULL)
  end

  def teardown
    connection.execute("DROP FUNCTION no_room CASCADE")
    ENV.delete("DATA_FOLDER")
  end

  def connection
    Server::Models::Unit.connection
  end

  def fill(table)
    connection.execute("CREATE TRIGGER no_room BEFORE INSERT OR UPDATE ON #{table} FOR EACH ROW EXECUTE FUNCTION no_room()")
  end

  def change(key = nil)
    header "Idempotency-Key", key
    send_json("PATCH", "/api/units/#{@unit.id}", { lock_version: @unit.reload.lock_version, label: "Crests" })
  end

  def test_a_save_says_so_and_is_done_when_there_is_room
    fill "units"
    change

    assert_problem 507, nil, /no room on the disk/
    assert_equal "Wave tips", @unit.reload.label
    assert_equal 5, fetch("/api/projects/#{@project.id}")["units"].size
    connection.execute("DROP TRIGGER no_room ON units")
    change

    assert_equal [200, "Crests"], [last_response.status, @unit.reload.label]
  end

  # Whether the change or what is kept of it finds no room; the same key is a save when there is.
  def test_a_save_with_a_key
    Server::Models::KeptAnswer.delete_all
    %w[units kept_answers].each do |table|
      fill table
      change "key-of-one-save-#{table.tr('_', '-')}"

      assert_problem 507
      connection.execute("DROP TRIGGER no_room ON #{table}")
    end
    change "key-of-one-save-units"

    assert_equal [200, "Crests"], [last_response.status, @unit.reload.label]
    assert_equal 1, Server::Models::KeptAnswer.count
  end

  def test_health_says_it
    ENV["DATA_FOLDER"] = Server::ROOT

    assert_equal "room", fetch("/health")["disk"]
    Server::Disk.stub(:free, 1024) { assert_equal [503, "full", "answering"], told }
    ENV["DATA_FOLDER"] = "/no/such/folder"

    assert_equal "unknown", fetch("/health")["disk"]
  end

  def told
    health = fetch("/health")
    [last_response.status, *health.values_at("disk", "database")]
  end

  # The log itself may find none.
  def test_a_log_without_room
    full = StringIO.new.tap { |io| io.define_singleton_method(:write) { |*| raise Errno::ENOSPC } }
    logged = Server::Middleware::RequestLog.new(->(_) { [200, {}, []] }, full)

    assert_equal 200, logged.call(Rack::MockRequest.env_for("/")).first
  end
end
