# frozen_string_literal: true

# Kills what bin/start has running, at seeded moments of a first start and during saves, and starts it again: whether it
# always comes up, and whether everything that was acknowledged is there. It works in a copy of var/ of its own.
#   bundle exec ruby bench/kills.rb [MOMENTS]

require "fileutils"
require "json"
require "net/http"
require "tmpdir"

# One checkout, started and killed again and again.
class Kills
  ROOT = File.expand_path("..", __dir__)
  START = File.join(ROOT, "server/running/start.rb")
  # A first start takes about so long here, seconds.
  FIRST_START = 6.0
  PATIENCE = 60
  PORT = 7475

  def initialize(moments)
    @moments = moments
    @random = Random.new(14)
    @counts = Hash.new(0)
  end

  def run
    Dir.mktmpdir do |parent|
      FileUtils.chmod(0o755, parent)
      @var = File.join(parent, "var")
      @moments.times { |moment| moment.even? ? first_start : saves }
    end
    puts @counts.map { |what, count| "#{what}: #{count}" }.join(", ")
    exit(1) if @counts["did not come up"].positive? || @counts["saves lost"].positive?
  end

  private

  def first_start
    FileUtils.rm_rf(@var)
    child = start
    sleep(@random.rand * FIRST_START)
    kill(child)
    come_up
  end

  # As many projects as were acknowledged.
  def saves
    child = come_up(stay: true) or return
    before = projects
    acknowledged = 0
    killer = Thread.new { sleep(0.3 + @random.rand) && kill(child) }
    acknowledged += 1 while save
    killer.join
    child = come_up(stay: true) or return
    @counts["saves acknowledged"] += acknowledged
    @counts["saves lost"] += [before + acknowledged - projects, 0].max
    stop(child)
  end

  def start
    spawn({ "PORT" => PORT.to_s, "VAR" => @var }, RbConfig.ruby, START, out: File::NULL, err: File::NULL, pgroup: true)
  end

  # Now the whole group, now only the process that was started, now the database under it.
  def kill(child)
    database = Dir[File.join(@var, "**/postmaster.pid")].map { |file| File.foreach(file).first.to_i }.find(&:positive?)
    case @random.rand(3)
    when 0 then Process.kill("KILL", -child)
    when 1 then Process.kill("KILL", child)
    else Process.kill("KILL", database || child)
    end
    Process.kill("KILL", child)
  rescue Errno::ESRCH
    nil
  ensure
    Process.wait(child)
    @counts["killed"] += 1
  end

  def come_up(stay: false)
    child = start
    deadline = Process.clock_gettime(Process::CLOCK_MONOTONIC) + PATIENCE
    sleep 0.1 until well? || Process.clock_gettime(Process::CLOCK_MONOTONIC) > deadline || Process.wait(child, Process::WNOHANG)
    up = well? && projects.positive?
    @counts[up ? "came up" : "did not come up"] += 1
    return child if stay && up

    stop(child)
    nil
  end

  def stop(child)
    Process.kill("INT", child)
    Process.wait(child)
  rescue Errno::ESRCH, Errno::ECHILD
    nil
  end

  def well?
    Net::HTTP.get_response("127.0.0.1", "/health", PORT).is_a?(Net::HTTPSuccess)
  rescue SystemCallError, EOFError, Timeout::Error
    false
  end

  def projects
    JSON.parse(Net::HTTP.get("127.0.0.1", "/api/projects", PORT))["projects"].size
  end

  def save
    body = JSON.generate("name" => "Saved")
    Net::HTTP.start("127.0.0.1", PORT) { |http| http.post("/api/projects", body, "content-type" => "application/json").code == "201" }
  rescue SystemCallError, EOFError, Timeout::Error
    false
  end
end

Kills.new(Integer(ARGV.fetch(0, 40))).run
