# frozen_string_literal: true

require "net/http"
require "support/server_case"

# The application started as bin/start starts it, on a database of its own, stopped, and started again.
class StartTest < Minitest::Test
  START = File.join(Server::ROOT, "server/running/start.rb")
  PATIENCE = 40
  # As bin/start has it: the gems are found once it has begun.
  SO = { "RUBYOPT" => ENV.fetch("RUBYOPT", "").gsub(%r{-r\S*bundler/setup}, "") }.freeze

  def setup
    @url = ThrowawayCluster.start.database("start_test_#{SecureRandom.hex(4)}")
    @port = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }
  end

  # Runs it while the block does; what it printed comes back.
  def running
    reader, writer = IO.pipe
    child = spawn({ **SO, "DATABASE_URL" => @url, "PORT" => @port.to_s, "RACK_ENV" => "production" }, RbConfig.ruby, START, out: writer, err: writer)
    @child = child
    writer.close
    said = wait_for_address(reader)
    # What it prints later must not stop it.
    Thread.new { IO.copy_stream(reader, File::NULL) }
    yield said
  ensure
    begin
      Process.kill("INT", child)
    rescue Errno::ESRCH
      nil
    end
    Process.wait(child)
  end

  def wait_for_address(reader)
    said = +""
    deadline = Time.now + PATIENCE
    until said.include?("Oaken Gauge is at") || Time.now > deadline
      said << reader.readpartial(4096) if reader.wait_readable(1)
    end
    said
  end

  def ask(method, path, body = nil)
    request = Net::HTTP.const_get(method).new(path, "content-type" => "application/json")
    request.body = JSON.generate(body) if body
    JSON.parse(Net::HTTP.start("127.0.0.1", @port) { |http| http.request(request).body })
  end

  def first_unit
    ask(:Get, "/api/projects/#{ask(:Get, '/api/projects')['projects'].first['id']}")["units"].first
  end

  def test_a_pick_survives_a_restart_and_the_demo_is_loaded_once
    running do |said|
      assert_includes said, "Oaken Gauge is at http://127.0.0.1:#{@port} (Ctrl-C to stop)"
      assert_equal({ "status" => "well", "database" => "answering", "disk" => "unknown" }, ask(:Get, "/health"))
      ask(:Put, "/api/units/#{first_unit['id']}/pick", { lock_version: 0, method: "rotary/two_at_a_time", unit: first_unit["unit"] })

      assert_equal "rotary/two_at_a_time", first_unit["pick"]["method"]
    end
    running do
      assert_equal "rotary/two_at_a_time", first_unit["pick"]["method"]
      assert_equal 2, ask(:Get, "/api/projects")["projects"].size
    end
  end

  # Told to stop in the midst of an answer, it finishes that first.
  def test_what_is_in_hand_is_finished
    cells = Array.new(12) { |y| Array.new(12) { |x| { cut: (x + y).even? ? "rising" : "falling", fabrics: %w[1 2] } } }
    answer = nil
    running do
      asking = Thread.new { answer = ask(:Post, "/api/deconstruct", { cells: cells, finished: "24" }) }
      sleep 0.4
      Process.kill("INT", @child)
      asking.join
    end

    assert_equal [12, 12], answer["grid"]
  end

  # Whenever it is stopped before it serves: one sentence, and nothing left.
  def test_it_can_be_stopped_before_it_serves
    [0.05, 0.3, 0.8, 1.6].each do |moment|
      reader, writer = IO.pipe
      child = spawn({ **SO, "DATABASE_URL" => @url, "PORT" => @port.to_s }, RbConfig.ruby, START, out: writer, err: writer)
      sleep moment
      Process.kill("INT", child)
      Process.wait(child)
      writer.close
      said = reader.read
      # Where Ruby itself has not begun, it has its own word for it.
      next if said.include?("<internal:gem_prelude>")

      refute_match(/\.rb:\d/, said, moment)
      assert_operator said.lines.grep_v(/^\[?\{|Puma|^\* |^\[\d+\]|Use Ctrl-C|Oaken Gauge is at|puma/).size, :<=, 1, said
    end
    assert_empty workers
  end

  # Two copies on one database: either serves everything; the second goes on where the first is killed in the midst of a job.
  def test_two_copies_serve_one_database
    cells = Array.new(12) { |y| Array.new(12) { |x| { cut: (x + y).even? ? "rising" : "falling", fabrics: %w[1 2] } } }
    first_port = @port
    running do
      first = @child
      @port = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }
      running do
        unit = first_unit
        job = on(first_port) { ask(:Post, "/api/jobs/take-apart", { cells: cells, finished: "24" }) }
        ask(:Put, "/api/units/#{unit['id']}/pick", { lock_version: 0, method: "rotary/two_at_a_time", unit: unit["unit"] })

        assert_equal("rotary/two_at_a_time", on(first_port) { first_unit["pick"]["method"] })
        until_so("worked on") { ask(:Get, "/api/jobs/#{job['id']}")["state"] != "waiting" }
        Process.kill(:KILL, first)
        done = until_so("done") { ask(:Get, "/api/jobs/#{job['id']}").then { |now| now if now["state"] == "done" } }

        assert_equal [[12, 12], 2], [done["answer"]["grid"], ask(:Get, "/api/projects")["projects"].size]
      end
    end
    until_so("all gone") { workers.empty? }
  end

  def on(port)
    before = @port
    @port = port
    yield
  ensure
    @port = before
  end

  def workers
    Dir["/proc/[0-9]*/cmdline"].select { |file| read(file).include?("running/worker.rb") && read(file.sub("cmdline", "environ")).include?(@url) }
                               .map { |file| file[/\d+/].to_i }
  end

  def read(file)
    File.read(file)
  rescue SystemCallError
    ""
  end

  def until_so(what)
    deadline = Time.now + PATIENCE
    sleep 0.1 until (so = yield) || Time.now > deadline

    assert so, what
    so
  end

  # A block of 12 × 12 cells, taken apart by the worker; one that is killed at it is followed by another. None is left over.
  def test_long_work_is_done_beside_the_server_whoever_dies
    cells = Array.new(12) { |y| Array.new(12) { |x| { cut: (x + y).even? ? "rising" : "falling", fabrics: %w[1 2] } } }
    running do
      job = ask(:Post, "/api/jobs/take-apart", { cells: cells, finished: "24" })

      assert_includes %w[waiting working], job["state"]
      until_so("worked on") { ask(:Get, "/api/jobs/#{job['id']}")["state"] == "working" }
      killed = workers
      killed.each { |pid| Process.kill(:KILL, pid) }
      done = until_so("done") { ask(:Get, "/api/jobs/#{job['id']}").then { |now| now if now["state"] == "done" } }

      assert_equal [1, [12, 12]], [killed.size, done["answer"]["grid"]]
      refute_equal killed, workers
    end
    until_so("all gone") { workers.empty? }
  end

  def test_logs_are_lines_of_json
    running do |said|
      lines = said.lines.grep(/\A\{/).map { |line| JSON.parse(line) }

      assert(lines.all? { |line| line.key?("path") && line.key?("ms") })
    end
  end
end
