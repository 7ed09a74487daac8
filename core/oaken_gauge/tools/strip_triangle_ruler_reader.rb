# frozen_string_literal: true

module OakenGauge
  module Tools
    # Reads a strip triangle ruler's document: its sides, and the numbers printed along each.
    module StripTriangleRulerReader
      # More lines than any ruler has room for.
      MOST_MARKS = 400

      # @param node [Documents::Node]
      # @return [StripTriangleRuler]
      def read(node)
        common = common(node, required: %w[sides], optional: %w[made_for_seam])
        seam = node.length("made_for_seam", default: Tool::USUAL_SEAM)
        new(**common, made_for_seam: seam, sides: node.list("sides", 1..2).map { |side| read_side(side) })
      end

      private

      def read_side(node)
        node.keys(required: %w[makes reads marks], optional: %w[blunt_tip])
        range = read_range(node.child("marks")) if node["marks"].is_a?(Hash)
        self::Side.new(makes: node.choice("makes", self::MAKES).to_sym, reads: node.choice("reads", self::READS).to_sym,
                       numbers: range ? numbers(node, range) : read_numbers(node), range: range,
                       blunt_tip: node.flag("blunt_tip", default: true))
      end

      def read_range(node)
        node.keys(required: %w[from to step])
        %w[from to step].to_h { |key| [key, node.length(key)] }
      end

      def numbers(node, range)
        from, to, step = range.values
        return [] unless [from, to, step].all?(&:positive?)

        count = ((to - from) / step).floor + 1
        unless count.between?(1, MOST_MARKS)
          node.fault("marks", "runs from #{Length.new(from)} to #{Length.new(to)} by #{Length.new(step)}: allowed are 1 to " \
                              "#{MOST_MARKS} marks, from the smaller to the larger")
        end
        Array.new(count.clamp(0, MOST_MARKS)) { |i| from + (i * step) }
      end

      def read_numbers(node)
        node.lengths("marks", 1..MOST_MARKS).tap do |numbers|
          next if numbers.each_cons(2).all? { |one, other| one < other }

          node.fault("marks", "is out of order or repeats a number: allowed are marks from the smaller to the larger")
        end
      end
    end
  end
end
