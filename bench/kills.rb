# frozen_string_literal: true

# Kills what bin/start has running, at seeded moments of a first start and during saves, and starts it again: whether it
# always comes up, and whether everything that the page was told is saved is there, just once. The page's own client saves: it sends
# again what is not answered, and what it gave up is sent once more. It works in a copy of var/ of its own.
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
  # Every so many moments it is killed in a first start.
  FIRST = 5

  def initialize(moments)
    @moments = moments
    @random = Random.new(14)
    @counts = Hash.new(0)
  end

  def run
    Dir.mktmpdir do |parent|
      FileUtils.chmod(0o755, parent)
      @client = Client.new(PORT, parent)
      @var = File.join(parent, "var")
      @moments.times { |moment| (moment % FIRST).zero? ? first_start : saves }
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

  # Saved one after another while it is killed and comes up again, and a while longer.
  def saves
    child = come_up(stay: true) or return
    saved = Thread.new { save_on }
    child = killed_twice(child)
    @enough = true
    given_up = saved.value
    child or return
    @counts["saves given up, sent once more"] += given_up.size
    given_up.each { |name| @counts["saves lost"] += 1 unless @client.save(name) == "201" }
    count(@names)
    stop(child)
  end

  # One of its processes, then all of it; it comes up again.
  def killed_twice(child)
    sleep(0.3 + @random.rand)
    kill_any(child)
    sleep(@random.rand)
    kill(child)
    come_up(stay: true).tap { sleep 0.3 }
  end

  # @return [Array<String>] the names of saves that were given up
  def save_on
    @names = []
    @enough = false
    given_up = []
    until @enough
      @names << "Saved #{@number = (@number || 0) + 1}"
      @client.save(@names.last) == "201" ? @counts["saves acknowledged"] += 1 : given_up << @names.last
    end
    given_up
  end

  # A bench holds five hundred: these go once they are counted.
  def count(names)
    there = @client.projects.group_by { |project| project["name"] }
    names.each do |name|
      found = there.fetch(name, [])
      @counts["saves lost"] += 1 if found.empty?
      @counts["saves doubled"] += 1 if found.size > 1
      found.each { |project| @client.remove(project) }
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
    @client.projects.size
  end
end

Kills.new(Integer(ARGV.fetch(0, 40))).run
