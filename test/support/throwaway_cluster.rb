# frozen_string_literal: true

require "tmpdir"
require_relative "../../server/running/cluster"

# PostgreSQL clusters for the tests alone, gone when they are. All processes of tests share one, each with a
# database of its own; a test that stops its database has one to itself.
module ThrowawayCluster
  class << self
    # @return [Running::Cluster]
    def start
      @start ||= begin
        owner = Process.pid
        make.tap { |cluster, folder| Minitest.after_run { finish(cluster, folder) if Process.pid == owner } }.first
      end
    end

    # @yield [Running::Cluster] one that may be stopped; the application is on it meanwhile
    def own
      before = ENV.fetch("DATABASE_URL")
      cluster, folder = make
      use(cluster.database("oaken_gauge_alone"))
      yield cluster
    ensure
      use(before)
      finish(cluster, folder)
    end

    # Puts the application on another database.
    def use(url)
      ENV["DATABASE_URL"] = url
      Server::Database.connect(url)
      Server::Database.migrate
    end

    private

    def make
      folder = Dir.mktmpdir("oaken-gauge-test")
      cluster = Running::Cluster.new(folder, settings: { "fsync" => "off" })
      cluster.start
      [cluster, folder]
    end

    def finish(cluster, folder)
      cluster.stop
      FileUtils.rm_rf(folder)
    end
  end
end
