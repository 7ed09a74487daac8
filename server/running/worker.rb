# frozen_string_literal: true

# Works through the queue in a process of its own, until whoever started it is gone or tells it to stop. What it is at then is
# taken up by the next.
#   DATABASE_URL=… bundle exec ruby server/running/worker.rb [--alone]
# Alone it serves copies of the application that run elsewhere; else it stops when its standard input ends.

require_relative "../boot"

module Running
  # Takes one job after another.
  class Worker
    # How soon it looks for work that it was not told of, and how long what it is at may still take when it is to stop; seconds.
    LOOKS_EVERY = 2
    PATIENCE = 1

    # @return [void]
    def run
      %w[INT TERM].each { |signal| trap(signal) { Thread.new { stop } } }
      @locker = Que::Locker.new(poll_interval: LOOKS_EVERY, worker_priorities: [nil], maximum_buffer_size: 1)
      ARGV.include?("--alone") ? sleep : $stdin.read
      stop
    end

    private

    # One that stops in the midst of a job lets go of it: the database sees to that when its connection ends.
    def stop
      @locker&.stop
      Process.exit!(0) unless @locker&.thread&.join(PATIENCE)
      exit!(0)
    end
  end
end

Running::Worker.new.run
