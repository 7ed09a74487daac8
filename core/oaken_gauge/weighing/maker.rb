# frozen_string_literal: true

module OakenGauge
  module Weighing
    # The maker's own times. Each is an assumption until she has timed it, and stays labelled so.
    class Maker
      # Seconds for one; :sew_inch is for one inch of seam.
      ASSUMED_SECONDS = { mark_line: 8, align_and_cut: 10, cut_slot: 3, sew_inch: 0.6, sew_start: 3, press: 8,
                          trim_side: 4, snip: 3, die_pass: 45, fuse_cell: 5 }.freeze

      # What trimmed pieces are cut larger by unless she says otherwise, inches.
      MARGIN = 1/8r

      # @return [Rational] what trimmed pieces are cut larger by, inches
      attr_reader :margin
      # @return [Boolean] whether corners cut off are to give bonus units
      attr_reader :bonus

      # @param seconds [Hash{Symbol => Numeric}] those she has timed
      def initialize(seconds: {}, margin: MARGIN, bonus: false)
        @seconds = ASSUMED_SECONDS.merge(seconds)
        @margin = margin
        @bonus = bonus
      end

      # @param node [Documents::Node, nil] times by name, in seconds; `margin` and `bonus`
      # @return [Maker]
      def self.read(node)
        return new unless node

        node.keys(optional: ASSUMED_SECONDS.keys.map(&:to_s) + %w[margin bonus])
        timed = ASSUMED_SECONDS.keys.select { |time| node[time.to_s] }
        new(seconds: timed.to_h { |time| [time, node.number(time.to_s, 0..3600)] },
            margin: node.length("margin", default: MARGIN, most: 2), bonus: node.flag("bonus"))
      end

      # @param time [Symbol]
      # @return [Numeric]
      def seconds(time)
        @seconds.fetch(time)
      end
    end
  end
end
