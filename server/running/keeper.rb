# frozen_string_literal: true

require "fileutils"

module Running
  # Looks after the private database while the application runs: where it has died it is started again. Meanwhile a file says so,
  # for whoever is asked how things stand.
  class Keeper
    # Seconds between two looks.
    EVERY = 1

    # @param cluster [Cluster]
    # @param mark [String] the file that is there while it is being started again
    # @yield [start] in which one start at a time is done
    def initialize(cluster, mark, &one_at_a_time)
      @cluster = cluster
      @mark = mark
      @one_at_a_time = one_at_a_time
    end

    # @return [void]
    def start
      FileUtils.rm_f(@mark)
      @thread = Thread.new { look while sleep(EVERY) }
    end

    # @return [void]
    def stop
      @thread&.kill&.join
    end

    private

    # What dies may still be dying: the next look tries again.
    def look
      return if @cluster.running?

      FileUtils.touch(@mark)
      @one_at_a_time.call(@cluster.method(:start))
      FileUtils.rm_f(@mark)
    rescue Cluster::Failed, SystemCallError
      nil
    end
  end
end
