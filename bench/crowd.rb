# frozen_string_literal: true

# Fifty at once, each on a connection that stays open: reads, saves and weighings, forty a second in all; and newcomers who
# connect anew meanwhile. Prints how long answers take, what went wrong, and the memory of the server.
#   bundle exec ruby bench/crowd.rb http://127.0.0.1:7420 [SECONDS] [as-fast-as-they-can]
# It adds projects of its own, and removes them.

require_relative "support"
require "net/http"

# The crowd.
class Crowd
  CLIENTS = 50
  A_SECOND = 40
  AIMS = { "middle" => [0.5, 50], "95th percentile" => [0.95, 100], "99th percentile" => [0.99, 250] }.freeze
  JSON_TYPE = { "content-type" => "application/json" }.freeze
  UNITS = Bench::DEMO["projects"].flat_map { |project| project["units"].map { |unit| unit["unit"] } }

  def initialize(address, seconds, paced)
    @uri = URI(address)
    abort "only an application on this machine" unless ["127.0.0.1", "localhost"].include?(@uri.host)
    @seconds = seconds
    @apart = paced ? CLIENTS / A_SECOND.to_f : 0
    @taken = Hash.new { |all, name| all[name] = [] }
    @wrong = Hash.new(0)
    @lock = Mutex.new
  end

  def run
    before = memory
    stolen = processor
    @until = now + @seconds
    [*Array.new(CLIENTS) { |number| Thread.new { client(number) } }, Thread.new { newcomers }].each(&:join)
    @taken.each { |name, times| tell(name, times.sort) }
    sum_up(before, stolen)
    exit 1 unless @wrong.empty?
  end

  private

  def sum_up(before, stolen)
    puts "of the processors' time the machine's host took #{taken(stolen, processor)} in 100 for others"
    puts "went wrong: #{@wrong.empty? ? 'nothing' : @wrong}; memory of the server #{before} MB before, #{memory} MB after"
  end

  def client(number)
    sleep(@apart * number / CLIENTS)
    connected do |http|
      project = JSON.parse(http.post("/api/projects", JSON.generate("name" => "Crowd #{number}"), JSON_TYPE).body)
      (0..).each do |turn|
        break if now > @until

        started = now
        one(http, project, turn + number)
        sleep [@apart - (now - started), 0].max
      end
      http.delete("/api/projects/#{project['id']}?lock_version=#{project['lock_version']}")
    end
  end

  # Six reads, one save and three weighings of ten.
  def one(http, project, turn)
    case turn % 10
    when 0 then save(http, project)
    when 1, 4, 7 then timed("weighing") { http.post("/api/weigh?view=full", JSON.generate("unit" => UNITS[turn % UNITS.size]), JSON_TYPE) }
    else timed("reading") { http.get(["/api/projects", "/api/projects/#{project['id']}", "/api/blocks", "/api/fabrics"][turn % 4]) }
    end
  end

  def save(http, project)
    body = JSON.generate("lock_version" => project["lock_version"], "notes" => "Saved #{project['lock_version']} times")
    answer = timed("saving") { http.patch("/api/projects/#{project['id']}", body, JSON_TYPE) }
    project.update(JSON.parse(answer.body).slice("lock_version")) if answer.is_a?(Net::HTTPSuccess)
  end

  # Who comes new and asks once.
  def newcomers
    while now < @until
      timed("newcomer, connecting anew") { connected { |http| http.get("/api/start") } }
      sleep 0.5
    end
  end

  def connected(&)
    Net::HTTP.start(@uri.host, @uri.port, open_timeout: 30, read_timeout: 60, &)
  rescue SystemCallError, Timeout::Error, EOFError => e
    wrong(e.class.name)
  end

  def timed(name)
    started = now
    answer = yield
    @lock.synchronize { @taken[name] << ((now - started) * 1000) }
    wrong(answer.code) if answer.respond_to?(:code) && answer.code.to_i >= 400
    answer
  end

  def wrong(what)
    @lock.synchronize { @wrong[what] += 1 }
  end

  def tell(name, times)
    AIMS.each { |part, (share, aim)| Bench.report("#{name}, #{part} of #{times.size}", times[(times.size * share).floor], aim, "ms") }
  end

  # Of every process that serves, by the server's own name.
  def memory
    pids = Dir["/proc/[0-9]*/cmdline"].select { |file| server?(file) }.map { |file| file[/\d+/] }
    pids.sum { |pid| File.read("/proc/#{pid}/status")[/VmRSS:\s+(\d+)/, 1].to_i } / 1024
  rescue Errno::ENOENT
    0
  end

  # Time of all processors so far, and what of it the host of a virtual machine gave to others.
  def processor
    figures = File.read("/proc/stat").lines.first.split.drop(1).map(&:to_i)
    [figures.first(8).sum, figures[7]]
  end

  def taken(before, after)
    all, stolen = after.zip(before).map { |now, was| now - was }
    (100.0 * stolen / [all, 1].max).round
  end

  def server?(file)
    File.read(file).match?(/puma|running.start\.rb/)
  rescue SystemCallError
    false
  end

  def now
    Process.clock_gettime(Process::CLOCK_MONOTONIC)
  end
end

address, seconds, fast = ARGV
Crowd.new(address || "http://127.0.0.1:7420", Integer(seconds || 60), fast.nil?).run
