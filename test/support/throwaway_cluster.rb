# frozen_string_literal: true

require "tmpdir"
require_relative "../../server/running/cluster"

# A PostgreSQL cluster for the tests alone, gone when they are.
module ThrowawayCluster
  class << self
    # @return [Running::Cluster]
    def start
      @start ||= begin
        folder = Dir.mktmpdir("oaken-gauge-test")
        cluster = Running::Cluster.new(folder, settings: { "fsync" => "off" })
        cluster.start
        Minitest.after_run { finish(cluster, folder) }
        cluster
      end
    end

    private

    def finish(cluster, folder)
      cluster.stop
      FileUtils.rm_rf(folder)
    end
  end
end
