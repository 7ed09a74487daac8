# frozen_string_literal: true

module OakenGauge
  # Remembers what was worked out from things that never change: as the fence is dragged, the same drawer
  # and the same kind of unit come in with every question. It changes no answer, only how soon it comes.
  # The oldest are forgotten. Threads may share one.
  class Memo
    # @param most [Integer] how much is kept
    def initialize(most)
      @most = most
      @kept = {}
      @lock = Mutex.new
    end

    # @param key [Object] everything that the answer depends on
    # @yield works it out, when it is not remembered
    # @return [Object, nil] nothing is not remembered
    def fetch(key)
      @lock.synchronize { @kept[key] } || remember(key, yield)
    end

    private

    def remember(key, answer)
      @lock.synchronize do
        @kept.shift while @kept.size >= @most
        @kept[key] = answer if answer
      end
      answer
    end
  end
end
