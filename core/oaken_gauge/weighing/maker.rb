# frozen_string_literal: true

module OakenGauge
  module Weighing
    # The maker's own times. Each is an assumption until she has timed it, and stays labelled so.
    class Maker
      # Seconds for one; :sew_inch is for one inch of seam.
      ASSUMED_SECONDS = { mark_line: 8, align_and_cut: 10, cut_slot: 3, sew_inch: 0.6, sew_start: 3, press: 8,
                          trim_side: 4, snip: 3, die_pass: 45, fuse_cell: 5 }.freeze

      # @param seconds [Hash{Symbol => Numeric}] those she has timed
      def initialize(seconds: {})
        @seconds = ASSUMED_SECONDS.merge(seconds)
      end

      # @param node [Documents::Node, nil] times by name, in seconds
      # @return [Maker]
      def self.read(node)
        return new unless node

        node.keys(optional: ASSUMED_SECONDS.keys.map(&:to_s))
        timed = ASSUMED_SECONDS.keys.select { |time| node[time.to_s] }
        new(seconds: timed.to_h { |time| [time, node.number(time.to_s, 0..3600)] })
      end

      # @param time [Symbol]
      # @return [Numeric]
      def seconds(time)
        @seconds.fetch(time)
      end
    end
  end
end
