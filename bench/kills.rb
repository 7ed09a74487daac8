# frozen_string_literal: true

# Kills what bin/start has running, at seeded moments of a first start and during saves, and starts it again: whether it
# always comes up, whether everything that was acknowledged is there, and whether what was not, sent again with its key as the page
# does, is there just once. It works in a copy of var/ of its own.
#   bundle exec ruby bench/kills.rb [MOMENTS]

require "fileutils"
require "tmpdir"
require_relative "client"
require_relative "processes"

# One checkout, started and killed again and again.
class Kills
  ROOT = File.expand_path("..", __dir__)
  START = File.join(ROOT, "server/running/start.rb")
  # A first start takes about so long here, seconds.
  FIRST_START = 6.0
  PATIENCE = 60
  PORT = 7475
  # Of the five hundred that a bench holds.
  MANY = 350

  def initialize(moments)
    @moments = moments
    @random = Random.new(14)
    @counts = Hash.new(0)
    @client = Client.new(PORT)
  end

  def run
    Dir.mktmpdir do |parent|
      FileUtils.chmod(0o755, parent)
      @var = File.join(parent, "var")
      @moments.times { |moment| moment.even? ? first_start : saves }
    end
    puts @counts.map { |what, count| "#{what}: #{count}" }.join(", ")
    exit(1) if ["did not come up", "saves lost", "saves doubled"].any? { |what| @counts[what].positive? }
  end

  private

  def first_start
    FileUtils.rm_rf(@var)
    child = start
    sleep(@random.rand * FIRST_START)
    kill(child)
    come_up
  end

  # Every save has a key and a name of its own. What was acknowledged is there once; what was not is sent again with its key, and is
  # there once then.
  def saves
    child = come_up(stay: true) or return
    acknowledged, unanswered = save_until_killed(child)
    child = come_up(stay: true) or return
    @counts["saves acknowledged"] += acknowledged.size
    @counts["saves sent again"] += unanswered.size
    unanswered.each { |number| @counts["saves lost"] += 1 unless @client.save(number) == "201" }
    count(acknowledged + unanswered)
    stop(child)
  end

  # One after another, for as long as it answers, and a few beyond.
  def save_until_killed(child)
    killer = Thread.new { sleep(0.3 + @random.rand) && kill_any(child) }
    acknowledged = []
    unanswered = []
    while killer.alive? || unanswered.empty?
      number = (@number = (@number || 0) + 1)
      @client.save(number) == "201" ? acknowledged << number : unanswered << number
      # A bench holds so many projects: the last ones are saved slowly.
      sleep 0.02 if acknowledged.size > MANY
      break if unanswered.size > 2
    end
    killer.join
    [acknowledged, unanswered]
  ensure
    kill(child)
  end

  def count(numbers)
    there = @client.names.tally
    numbers.each do |number|
      @counts["saves lost"] += 1 unless there.key?("Saved #{number}")
      @counts["saves doubled"] += 1 if there.fetch("Saved #{number}", 0) > 1
    end
  end

  # Any process under it: the server, its workers, the job's, the keeper, the database and each of its children.
  def kill_any(child)
    all = [child, *Processes.under(child)]
    Process.kill("KILL", all.sample(random: @random))
    @counts["one killed"] += 1
  rescue Errno::ESRCH
    nil
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
    sleep 0.1 until @client.well? || Process.clock_gettime(Process::CLOCK_MONOTONIC) > deadline || Process.wait(child, Process::WNOHANG)
    up = @client.well? && projects.positive?
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

  def projects
    @client.names.size
  end
end

Kills.new(Integer(ARGV.fetch(0, 40))).run
