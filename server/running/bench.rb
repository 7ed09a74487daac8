# frozen_string_literal: true

require_relative "address"
require_relative "cluster"
require_relative "workers"

module Running
  # The running application: its database and its server.
  class Bench
    ROOT = File.expand_path("../..", __dir__)
    # How long a start may take, seconds.
    PATIENCE = 60

    # Serves until it is told to stop.
    # @return [void]
    def start
      @address = Address.new(ENV.fetch("HOST", nil), ENV.fetch("PORT", nil))
      ENV["DATABASE_URL"] ||= own_database
      prepare
      serve
    rescue Address::Refused => e
      abort e.message
    rescue Errno::ENOSPC
      abort "The disk is full: make room, and start again. Nothing that was saved is lost."
    ensure
      @workers&.stop
      release_cluster
    end

    private

    # Several starts from one folder share a cluster; each holds the lock while it runs, and the last
    # one to let go stops the cluster.
    def own_database
      @cluster = Cluster.new(File.join(var, "postgres"))
      @users = File.open(File.join(var, "postgres.users"), File::RDWR | File::CREAT)
      starting { @users.flock(File::LOCK_SH) && @cluster.start }
      starting { @cluster.database("oaken_gauge") }
    end

    # @return [String] the folder that everything it writes lies in
    def var
      @var ||= ENV.fetch("VAR") { File.join(ROOT, "var") }.tap { |folder| FileUtils.mkdir_p(folder) }
    end

    def starting(&block)
      File.open(File.join(var, "postgres.starting"), File::RDWR | File::CREAT) do |file|
        file.flock(File::LOCK_EX)
        block.call
      end
    end

    def release_cluster
      return unless @cluster

      starting do
        @users.flock(File::LOCK_UN)
        @cluster.stop if @users.flock(File::LOCK_EX | File::LOCK_NB)
      end
    end

    def prepare
      require_relative "../boot"
      starting do
        Server::Database.migrate
        Server::Demo.load if Server::Models::Maker.none?
      end
    end

    # Puma in this very process: what prepared the database serves from it.
    def serve
      require "puma/cli"
      ENV["BIND"] = @address.bind
      @workers = Workers.new.tap(&:start)
      Thread.new { announce }
      Puma::CLI.new(["-C", File.join(ROOT, "server/puma.rb")]).run
    end

    def announce
      address = @address.url
      deadline = Time.now + PATIENCE
      sleep 0.05 until answers?("#{address}/health") || Time.now > deadline
      puts "Oaken Gauge is at #{address} (Ctrl-C to stop)"
      $stdout.flush
    end

    def answers?(address)
      Net::HTTP.get_response(URI(address)).is_a?(Net::HTTPSuccess)
    rescue SystemCallError, EOFError
      false
    end
  end
end
