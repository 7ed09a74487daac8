# frozen_string_literal: true

require_relative "address"
require_relative "cluster"
require_relative "database_address"
require_relative "folder"
require_relative "keeper"
require_relative "workers"

module Running
  # The running application: its database and its server.
  class Bench
    ROOT = File.expand_path("../..", __dir__)
    # How long a start may take, seconds.
    PATIENCE = 60
    # So many ports are tried where another takes the one that was free a moment ago.
    TRIES = 5

    # Serves until it is told to stop.
    # @return [void]
    def start
      step { @address = asked_address }
      step { use_database }
      step { prepare }
      step { serve }
    rescue Address::Refused, Cluster::Failed, Folder::Unusable, DatabaseAddress::Unusable => e
      abort e.message
    rescue Errno::ENOSPC
      abort "The disk is full: make room, and start again. Nothing that was saved is lost."
    rescue Interrupt
      abort "Stopped."
    ensure
      release
    end

    private

    def step
      raise Interrupt if Running.told_to_stop

      yield
    end

    def asked_address
      Address.new(ENV.fetch("HOST", nil), ENV.fetch("PORT", nil))
    end

    # One that was named, or one of our own.
    def use_database
      named = ENV.fetch("DATABASE_URL", "")
      return DatabaseAddress.new(named).check unless named.empty?

      ENV["DATABASE_URL"] = own_database
    end

    # Several starts from one folder share a cluster; each holds the lock while it runs, and the last
    # one to let go stops the cluster.
    def own_database
      @cluster = Cluster.new(File.join(var, "postgres"))
      @users = File.open(File.join(var, "postgres.users"), File::RDWR | File::CREAT)
      starting { @users.flock(File::LOCK_SH) && @cluster.start }
      ENV["DATA_FOLDER"] = var
      ENV["DATABASE_MARK"] = File.join(var, "postgres.starting-again")
      @keeper = Keeper.new(@cluster, ENV.fetch("DATABASE_MARK")) { |start| starting(&start) }
      starting { @cluster.database("oaken_gauge") }
    end

    # @return [String] the folder that everything it writes lies in
    def var
      @var ||= Folder.new(ENV.fetch("VAR") { File.join(ROOT, "var") }, Cluster::SERVICE_USER).make
    end

    def starting(&block)
      File.open(File.join(var, "postgres.starting"), File::RDWR | File::CREAT) do |file|
        file.flock(File::LOCK_EX)
        block.call
      end
    end

    def release
      @keeper&.stop
      @workers&.stop
      release_cluster if @cluster
    end

    def release_cluster
      starting do
        @users.flock(File::LOCK_UN)
        @cluster.stop if @users.flock(File::LOCK_EX | File::LOCK_NB)
      end
    end

    # Copies that start at once wait for one another here.
    def prepare
      require_relative "../boot"
      Server::Database.alone do
        Server::Database.migrate
        Server::Demo.load if Server::Models::Maker.none?
      end
    rescue PG::Error, ActiveRecord::ActiveRecordError => e
      raise Cluster::Failed, unprepared(e)
    end

    # A disk that is full is said as such.
    def unprepared(error)
      raise Errno::ENOSPC if Server::Disk.full?(error)

      "The database could not be prepared: #{error.message.lines.first.to_s.strip} Start again; what was saved is still there."
    end

    # Puma in this very process: what prepared the database serves from it.
    def serve
      require "puma/cli"
      @keeper&.start
      @workers = Workers.new.tap(&:start)
      Thread.new { announce }
      bound { Puma::CLI.new(["-C", File.join(ROOT, "server/puma.rb")], Puma::LogWriter.stdio, events).run }
    end

    # When it stops, Puma waits for every process that was started here.
    def events
      Puma::Events.new.tap do |events|
        # Told so while it was on its way.
        events.after_booted { Process.kill(:INT, Process.pid) if Running.told_to_stop }
        events.after_stopped { @workers.stop }
      end
    end

    # Another may have taken the port since it was found free.
    def bound
      tries ||= TRIES
      ENV["BIND"] = @address.bind
      yield
    rescue Errno::EADDRINUSE
      @address = asked_address
      (tries -= 1).positive? ? retry : raise(Address::Refused, "No port is free for long enough: set PORT to one that is.")
    end

    def announce
      deadline = Time.now + PATIENCE
      sleep 0.05 until answers?("#{@address.url}/health") || Time.now > deadline
      puts "Oaken Gauge is at #{@address.url} (Ctrl-C to stop)", who
      $stdout.flush
    end

    # What it serves to whom.
    def who
      why = Server::Access.why
      return "It serves this machine alone, and nobody signs in. Whoever comes through a proxy has to." unless why

      "It serves whoever signs in, because of #{why}. The first account is made by bin/invite."
    end

    def answers?(address)
      Net::HTTP.get_response(URI(address)).is_a?(Net::HTTPSuccess)
    rescue SystemCallError, EOFError
      false
    end
  end
end
