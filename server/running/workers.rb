# frozen_string_literal: true

require "rbconfig"

module Running
  # The process that works through the queue beside the server. It is started again where it ends by itself, and ends with
  # whoever started it, however that ends: it reads from a pipe that nobody writes to.
  class Workers
    FILE = File.join(__dir__, "worker.rb")
    # Between one end and the next start, seconds.
    PAUSE = 1

    # @return [Integer, nil] the process
    attr_reader :pid

    # @return [void]
    def start
      @reads, @held = IO.pipe
      @watch = Thread.new do
        until @stopping
          @pid = Process.spawn(RbConfig.ruby, FILE, in: @reads, @held => :close)
          Process.wait(@pid)
          sleep PAUSE unless @stopping
        end
      end
    end

    # @return [void]
    def stop
      return unless @watch

      @stopping = true
      @held.close
      @watch.join(PAUSE * 5) || Process.kill(:KILL, @pid)
    rescue Errno::ESRCH
      nil
    end
  end
end
