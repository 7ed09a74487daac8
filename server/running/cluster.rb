# frozen_string_literal: true

require "etc"
require "fileutils"
require "securerandom"
require "socket"
require "digest"
require_relative "roles"

module Running
  # A private PostgreSQL cluster in a folder of its own, on loopback only. PostgreSQL will not run as
  # root, so root has it run as the user that Debian's package made for it.
  class Cluster
    include Roles

    SERVICE_USER = "postgres"
    # Less room than this on the disk, KB, and it is the disk that is to blame.
    NO_ROOM = 64 * 1024

    # Its log never has in it what was sent.
    QUIET = { "log_min_error_statement" => "panic", "log_error_verbosity" => "terse" }.freeze

    # It cannot be made or started: a sentence for whoever started it.
    class Failed < StandardError; end

    # @param folder [String] made when it is not there
    # @param settings [Hash{String => String}] more PostgreSQL settings
    def initialize(folder, settings: {})
      @folder = reachable(folder)
      @settings = settings
    end

    # @param name [String] one of PostgreSQL's own programs
    # @return [String] where it is
    def self.tool(name)
      Dir["/usr/lib/postgresql/*/bin/#{name}"].max_by { |path| path[/\d+/].to_i } || name
    end

    # Starts it, making it first if need be. Does nothing where it runs already.
    # @return [void]
    def start
      initialise unless File.exist?(File.join(data, "PG_VERSION"))
      return if running?

      forget_process
      make_password_anew if lost_password?(KEEPER)
      @port = usable_port
      options = { "port" => @port.to_s, "listen_addresses" => "127.0.0.1", "unix_socket_directories" => "", **QUIET }.merge(@settings)
      run "pg_ctl", "start", "--silent", "--wait", "-D", data, "-l", log,
          "-o", options.map { |name, value| "-c #{name}='#{value}'" }.join(" ")
    end

    # @return [void]
    def stop
      run "pg_ctl", "stop", "--silent", "--wait", "-D", data, "-m", "fast" if running?
    end

    # @return [Integer] the port it listens on
    def port
      @port || File.readlines(File.join(data, "postmaster.pid"))[3].to_i
    end

    # @return [Boolean] whether a server runs on this folder
    def running?
      pid = File.exist?(process_file) ? File.foreach(process_file).first.to_i : 0
      pid.positive? && ours?(pid)
    end

    private

    def data
      File.join(@folder, "data")
    end

    def log
      File.join(@folder, "postgres.log")
    end

    def process_file
      File.join(data, "postmaster.pid")
    end

    # A number that was left in a file may be any process's by now: ours says which folder it serves.
    def ours?(pid)
      File.read("/proc/#{pid}/cmdline").split("\0").each_cons(2).any? { |flag, folder| flag == "-D" && folder == data }
    rescue Errno::ENOENT, Errno::ESRCH, Errno::EACCES
      false
    end

    # PostgreSQL itself does not start where a file names a process that lives, whichever it is.
    def forget_process
      FileUtils.rm_f(process_file)
    end

    # Made aside and put in its place whole: one that was left half made is never taken for a cluster. Whoever was making that
    # may still be at it, so each has a place of its own.
    def initialise
      FileUtils.rm_rf(Dir[File.join(@folder, "data.making-*")])
      making = File.join(@folder, "data.making-#{SecureRandom.hex(4)}")
      make_password(KEEPER)
      run "initdb", "-D", making, "-U", KEEPER, "--pwfile", password_file(KEEPER), "--auth=scram-sha-256", "--encoding=UTF8",
          "--locale=C.UTF-8"
      FileUtils.rm_rf(data)
      File.rename(making, data)
    end

    def run(*words)
      told = [File.join(@folder, "starting.log"), "w"]
      system(*command(*words), chdir: "/", out: told, err: told) or raise Failed, why(words.first)
    end

    def why(command)
      room = IO.popen(["df", "-k", "--output=avail", @folder], &:read)[/\d+/].to_i
      return "The disk is full: make room, and start again. Nothing that was saved is lost." if room < NO_ROOM

      "#{command} failed: postgres.log and starting.log in #{@folder} say why."
    end

    def command(name, *words)
      [*(["runuser", "-u", SERVICE_USER, "--"] if root?), tool(name), *words]
    end

    def tool(name)
      self.class.tool(name)
    end

    def root?
      Process.uid.zero?
    end

    # The folder itself, or, where the service user cannot reach it, one in its own home.
    def reachable(folder)
      return make(folder) unless root?

      make(folder)
      return folder if system("runuser", "-u", SERVICE_USER, "--", "test", "-w", folder)

      make(File.join(Etc.getpwnam(SERVICE_USER).dir, "oaken-gauge-#{Digest::SHA256.hexdigest(folder)[0, 12]}"))
    end

    def make(folder)
      FileUtils.mkdir_p(folder, mode: 0o700)
      FileUtils.chown(SERVICE_USER, nil, folder) if root?
      folder
    end

    # The port it had before, while that is still free: whoever is connected finds it again.
    def usable_port
      port = (free_port(port_before) if port_before) || free_port(0)
      File.write(port_file, port.to_s)
      port
    end

    # Whatever is written there.
    def port_before
      before = File.exist?(port_file) ? File.binread(port_file, 20).to_i : 0
      before if before.between?(1024, 65_535)
    end

    def free_port(wanted)
      TCPServer.open("127.0.0.1", wanted) { |server| server.addr[1] }
    rescue Errno::EADDRINUSE
      nil
    end

    def port_file
      File.join(@folder, "port")
    end
  end
end
