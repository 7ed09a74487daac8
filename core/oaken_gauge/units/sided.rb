# frozen_string_literal: true

module OakenGauge
  module Units
    # Reading a finished size that is given as height and width.
    module Sided
      # @param node [Documents::Node]
      # @return [Unit]
      def read(node)
        node.keys(required: %w[kind finished count])
        finished = node.lengths("finished", 2..2)
        node.fault("finished", "is #{node['finished']}: allowed is at most #{Unit::LARGEST.to_i}") if finished.max > Unit::LARGEST
        check_sides(node, finished)
        new(finished: finished, count: read_count(node))
      end

      private

      def check_sides(_node, _finished); end
    end
  end
end
