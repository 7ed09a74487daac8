# frozen_string_literal: true

require_relative "cluster"

module Running
  # The running application: its database and its server.
  class Bench
    ROOT = File.expand_path("../..", __dir__)
    FIRST_PORT = 7420
    PORTS_TRIED = 50
    # How long a start may take, seconds.
    PATIENCE = 60

    # Serves until it is told to stop.
    # @return [void]
    def start
      ENV["DATABASE_URL"] ||= own_database
      prepare
      serve
    ensure
      release_cluster
    end

    private

    # Several starts from one folder share a cluster; each holds the lock while it runs, and the last
    # one to let go stops the cluster.
    def own_database
      @cluster = Cluster.new(File.join(ROOT, "var/postgres"))
      @users = File.open(File.join(ROOT, "var/postgres.users"), File::RDWR | File::CREAT)
      starting { @users.flock(File::LOCK_SH) && @cluster.start }
      starting { @cluster.database("oaken_gauge") }
    end

    def starting(&block)
      File.open(File.join(ROOT, "var/postgres.starting"), File::RDWR | File::CREAT) do |file|
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
        load_demo if Server::Models::Maker.none?
      end
    end

    def load_demo
      Server::Importer.new(JSON.parse(File.read(File.join(ROOT, "db/demo/bench.json")))).import
    end

    # Puma in this very process: what prepared the database serves from it.
    def serve
      require "puma/cli"
      ENV["PORT"] ||= free_port.to_s
      Thread.new { announce }
      Puma::CLI.new(["-C", File.join(ROOT, "server/puma.rb")]).run
    end

    def announce
      address = "http://#{host}:#{ENV.fetch('PORT')}"
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

    def host
      ENV.fetch("HOST", "127.0.0.1")
    end

    def free_port
      (FIRST_PORT...(FIRST_PORT + PORTS_TRIED)).find { |port| free?(port) } || abort("No free port from #{FIRST_PORT} on; set PORT.")
    end

    def free?(port)
      TCPServer.open(host, port).close
      true
    rescue Errno::EADDRINUSE
      false
    end
  end
end
