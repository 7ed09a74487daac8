# frozen_string_literal: true

module OakenGauge
  module Planning
    # Whole strips out of the relaxation, then the relaxation of what is still wanted, to the end; at every step the rest may be cut
    # in the plain way as well, and in the best one once few pieces are left.
    class Dive
      # Strips of the relaxation that are weighed against one another for the next one.
      LIKELY = 8
      # Of so many kinds one strip at a time is settled, of more as many times that.
      KINDS = 25
      # So few pieces are cut in the plain way at every step.
      SOON = 60

      # @param relaxation [Relaxation]
      # @param ways [Ways]
      # @param wanted [Array<Integer>]
      def initialize(relaxation, ways, wanted)
        @relaxation = relaxation
        @ways = ways
        @wanted = wanted
        @filling = Filling.new(ways)
      end

      # @return [Array<Strip>]
      def strips
        @left = @wanted.dup
        @strips = []
        @found = []
        until @left.all?(&:zero?)
          look
          return least if Few.few?(@left)

          step(@relaxation.solve(@left))
        end
        @found << @strips
        least
      end

      private

      def least
        @found.min_by { |strips| strips.sum(0r, &:takes) }
      end

      # What it comes to when the rest is cut in the plain way, now and whenever half of that is done, and at the last few.
      def look
        few = Few.few?(@left)
        return unless few || @looked.nil? || @left.sum <= @looked / 2 || @left.sum < SOON

        @looked = @left.sum
        @found << (@strips + (few ? Few.new(@ways, @left) : FirstFit.new(@ways, @left)).strips)
      end

      def step(shares)
        columns = @relaxation.columns.first(shares.size)
        whole = columns.zip(shares).filter_map { |strip, share| strip.with(times: (share + 1e-6).floor) if share >= 1 - 1e-6 }
        return whole.each { |strip| @strips.concat(strip.all_needed(@left)) } if whole.any?

        fullest(columns, shares).each { |strip| take(strip) }
      end

      # What is left of a strip once only wanted pieces are on it is filled with others.
      def take(strip)
        kept = strip.needed(@left) or return
        @strips << @filling.call(kept, @left)
      end

      # Of those that the relaxation likes best, the ones that waste least when only wanted pieces are on them.
      def fullest(columns, shares)
        likely = shares.each_index.select { |i| shares[i] > 1e-6 }.sort_by { |i| -shares[i] }.first([LIKELY, 2 * at_once].max)
        likely.max_by(at_once) { |i| [fullness(columns[i]), shares[i]] }.map { |i| columns[i] }
      end

      def at_once
        (@ways.kinds.size / KINDS) + 1
      end

      def fullness(strip)
        left = @left.dup
        kept = strip.needed(left)
        kept ? @filling.call(kept, left).used / (kept.width * @ways.room) : 0
      end
    end
  end
end
