# frozen_string_literal: true

require "support/server_case"
require_relative "../../server/running/backup"
require_relative "../../server/running/keeper"

# What goes wrong around the application: its database dies, hangs, lacks a table; and what is kept aside.
class OperatingTest < ServerCase
  def state
    get "/health"
    [last_response.status, JSON.parse(last_response.body)["database"]]
  end

  # Stopped by a signal it takes connections and says nothing.
  def stopped(cluster)
    server = File.foreach(Dir["#{cluster.instance_variable_get(:@folder)}/data/postmaster.pid"].first).first.to_i
    all = [server, *`pgrep -P #{server}`.split.map(&:to_i)]
    all.each { |pid| Process.kill(:STOP, pid) }
    yield
  ensure
    all.each { |pid| Process.kill(:CONT, pid) }
  end

  # A keeper looks every second; here it is told when.
  def test_a_database_that_died_is_started_again
    ThrowawayCluster.own do |cluster|
      mark = File.join(Dir.tmpdir, "mark-#{SecureRandom.hex(4)}")
      ENV["DATABASE_MARK"] = mark
      Process.kill(:KILL, File.foreach(Dir["#{cluster.instance_variable_get(:@folder)}/data/postmaster.pid"].first).first.to_i)
      seen = []
      keeper = Running::Keeper.new(cluster, mark) { |start| (seen << state) && start.call }
      200.times { cluster.running? ? sleep(0.05) : break }
      20.times { File.exist?(mark) || seen.empty? ? keeper.send(:look) || sleep(0.2) : break }

      assert_equal [503, "starting"], seen.first
      assert_equal [200, "answering"], state
      refute_path_exists mark
    ensure
      ENV.delete("DATABASE_MARK")
    end
  end

  # Whoever asks is told within seconds, and afterwards all is well.
  def test_a_database_that_hangs_is_said
    ThrowawayCluster.own do |cluster|
      setup
      stopped(cluster) do
        started = Process.clock_gettime(Process::CLOCK_MONOTONIC)

        assert_equal [503, "silent"], state
        assert_operator Process.clock_gettime(Process::CLOCK_MONOTONIC) - started, :<, 4
        get "/alive"

        assert_equal 200, last_response.status
      end
      50.times { state.last == "answering" ? break : sleep(0.1) }

      assert_equal [200, "answering"], state
    end
  end

  def test_a_table_that_is_missing_is_not_well
    ThrowawayCluster.own do
      setup

      assert_equal [200, "answering"], state
      ActiveRecord::Base.connection.execute("DROP TABLE drills")

      assert_equal [503, "incomplete"], state
    end
  end

  # A database that says nothing at all is given up too, with the connection; the next request has another.
  def test_a_request_to_a_silent_database_is_given_up
    ThrowawayCluster.own do |cluster|
      setup
      ActiveRecord::Base.connection.raw_connection.patience = 0.3
      stopped(cluster) do
        get "/api/projects"

        assert_problem 503, nil, /database/
      end
      get "/api/projects"

      assert_equal 200, last_response.status
    end
  end

  # What is too large for the wire to take at once ends too.
  def test_what_a_silent_database_does_not_even_read_is_given_up
    ThrowawayCluster.own do |cluster|
      setup
      ActiveRecord::Base.connection.raw_connection.patience = 0.3

      stopped(cluster) do
        assert_raises(ActiveRecord::ConnectionNotEstablished) { Server::Models::Project.where(name: "x" * 30_000_000).to_a }
      end
      Server::Database.let_go

      assert_equal @maker, Server::Models::Maker.find(@maker.id)
    end
  end

  # Its own limit comes first where the database is well.
  def test_a_question_that_takes_long_is_given_up_by_the_database
    ActiveRecord::Base.connection.execute("SET statement_timeout = 200")

    assert_raises(ActiveRecord::QueryCanceled) { ActiveRecord::Base.connection.select_value("SELECT pg_sleep(20)") }
    patience = Thread.new { ActiveRecord::Base.connection_pool.with_connection { |one| one.raw_connection.patience } }.value

    assert_operator patience * 1000, :>, Server::Database::LIMITS[:statement_timeout]
  ensure
    ActiveRecord::Base.connection.execute("SET statement_timeout = #{Server::Database::LIMITS[:statement_timeout]}")
  end

  # Who waits for a row that another holds is told, and nothing of it is stored.
  def test_a_wait_for_another_has_its_limit
    other = PG.connect(ENV.fetch("DATABASE_URL"))
    other.exec("BEGIN; SELECT * FROM projects WHERE id = #{@project.id} FOR UPDATE")
    ActiveRecord::Base.connection.execute("SET lock_timeout = 200")
    send_json("PATCH", "/api/projects/#{@project.id}", { "lock_version" => 0, "notes" => "held" })

    assert_problem 503, nil, /took too long/
    assert_equal "", @project.reload.notes
  ensure
    other&.close
    ActiveRecord::Base.connection.execute("SET lock_timeout = #{Server::Database::LIMITS[:lock_timeout]}")
  end

  # Two that start at once: the second waits until the first is done.
  def test_only_one_prepares_the_database
    order = Queue.new
    first = Thread.new { Server::Database.alone { (order << :begun) && sleep(0.3) && (order << :done) } }
    order.pop
    Thread.new { Server::Database.alone { order << :second } }.join
    first.join

    assert_equal %i[done second], [order.pop, order.pop]
  end

  def test_the_application_owns_its_tables_and_no_more
    role = ActiveRecord::Base.connection.select_one("SELECT rolname, rolsuper, rolcreatedb, rolcreaterole FROM pg_roles WHERE rolname = current_user")

    assert_equal({ "rolname" => "quilter", "rolsuper" => false, "rolcreatedb" => false, "rolcreaterole" => false }, role)
    assert_raises(ActiveRecord::StatementInvalid) { ActiveRecord::Base.connection.execute("COPY projects TO PROGRAM 'cat'") }
  end

  # Everything in a file, and back: what came in between is gone, what went in between is there.
  def test_everything_is_backed_up_and_restored
    Dir.mktmpdir do |folder|
      file = File.join(folder, "all.backup")
      backup = Running::Backup.new(ENV.fetch("DATABASE_URL"))
      backup.write(file)
      @maker.projects.create!(name: "Later")
      @unit.update!(label: "Changed")
      backup.read(file)
      ActiveRecord::Base.connection_handler.clear_all_connections!

      assert_equal [["Slack Tide lap quilt"], "Wave tips"], [@maker.projects.reload.map(&:name), @unit.reload.label]
      assert_equal [200, "answering"], state
      File.write(file, "no archive")

      _, said = capture_subprocess_io { assert_raises(Running::Cluster::Failed) { backup.read(file) } }

      assert_match(/archive/, said)
      assert_equal "Wave tips", @unit.reload.label
      assert_match(/no file/, assert_raises(Running::Cluster::Failed) { backup.read("#{file}.not") }.message)
    end
  end
end
