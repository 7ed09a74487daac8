# frozen_string_literal: true

# Starts the application over and over, interrupts it at a moment of its own each time, and looks at what it says and leaves behind:
#   ruby bench/interrupts.rb [how many] [seed]

require "fileutils"
require "socket"
require "tmpdir"

# One start after another, half of them in a folder that is new.
class Interrupts
  ROOT = File.expand_path("..", __dir__)
  # A start takes about so long, seconds.
  START = 6.0
  # As long as it may take to stop, seconds.
  PATIENCE = 30
  # As somebody starts it, not as Bundler does: what Ruby is told to load first knows nothing of being stopped.
  PLAIN = %w[RUBYOPT RUBYLIB BUNDLE_GEMFILE BUNDLE_BIN_PATH BUNDLE_PATH BUNDLER_VERSION].to_h { |name| [name, nil] }.freeze
  TRACE = /\.rb:\d+:in|Traceback|Error\)/

  def initialize(count, seed)
    @count = count
    @random = Random.new(seed)
  end

  def run
    Dir.mktmpdir do |folder|
      FileUtils.chmod(0o755, folder)
      wrong = Array.new(@count) { |i| once(File.join(folder, i.even? ? "kept" : "new-#{i}"), @random.rand * START) }.compact
      last = once(File.join(folder, "kept"), nil)
      puts "#{@count} interrupted, #{wrong.size} wrong; then it #{last ? "did not start: #{last}" : 'starts'}."
      puts wrong
    end
  end

  private

  # @param after [Float, nil] seconds; nil to wait until it serves
  # @return [String, nil] what was wrong
  def once(var, after)
    said = File.join(Dir.tmpdir, "interrupts-#{Process.pid}.log")
    child = start(var, said)
    after ? sleep(after) : wait_for { File.read(said).include?("Oaken Gauge is at") }
    Process.kill("INT", child)
    wait_for { Process.wait(child, Process::WNOHANG) }
    wrong_with(var, after, said, child)
  ensure
    FileUtils.rm_f(said)
  end

  def start(var, said)
    spawn({ **PLAIN, "VAR" => var, "PORT" => free_port.to_s }, File.join(ROOT, "bin/start"), out: said, err: said)
  end

  def free_port
    TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }
  end

  def wait_for
    deadline = Time.now + PATIENCE
    sleep 0.1 until yield || Time.now > deadline
  end

  def wrong_with(var, after, said, child)
    faults = [*trace(text_of(said)), *left(var, child), *unstarted(after, text_of(said))]
    "after #{after&.round(2) || 'all'} s: #{faults.join('; ')}" if faults.any?
  end

  # Without what the server logs.
  def text_of(said)
    File.read(said).lines.reject { |line| line.start_with?('{"at"', "[") }.join
  end

  def trace(text)
    text.match?(TRACE) ? ["says #{text.strip[0, 300].inspect}"] : []
  end

  def left(var, child)
    running = left_of(var)
    [*("still runs" if alive?(child)), *("left #{running.join(', ')}" if running.any?)]
  end

  def unstarted(after, text)
    after || text.include?("is at") ? [] : ["did not start: #{text[0, 300]}"]
  end

  def alive?(child)
    Process.kill(0, child)
  rescue Errno::ESRCH
    false
  end

  # Processes that have the folder in their command.
  def left_of(var)
    sleep 0.3
    Dir["/proc/[0-9]*/cmdline"].filter_map do |file|
      words = File.read(file).tr("\0", " ")
      words[0, 60] if words.include?("#{var}/")
    rescue SystemCallError
      nil
    end
  end
end

Interrupts.new(Integer(ARGV.fetch(0, 60)), Integer(ARGV.fetch(1, 1))).run
