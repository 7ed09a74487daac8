# frozen_string_literal: true

module OakenGauge
  module Cutters
    # Strips and pieces cut in the slots of a ruler that is laid down once for several.
    class Slots
      # @param task [Weighing::Task]
      def initialize(task)
        @task = task
      end

      # @param width [Rational] inches
      # @return [Tools::SlottedRuler, nil] the one that needs fewest placements
      def ruler(width)
        @task.drawer.of(Tools::SlottedRuler).select { |ruler| ruler.reach >= width }
             .min_by { |ruler| [placements(ruler, width, ruler.strips_at_once(width)).to_r / ruler.strips_at_once(width), -ruler.reach] }
      end

      # @param width [Rational] inches
      # @return [Boolean] whether a full ruler of them takes less time than one cut after another
      def saves?(width)
        ruler = ruler(width) or return false
        count = ruler.strips_at_once(width)
        cheaper?(placements(ruler, width, count), count)
      end

      # @param width [Rational] inches
      # @param count [Integer] cuts
      # @return [Integer, nil] how often the ruler is laid down; nil where one cut after another is as quick
      def laid(width, count)
        ruler = ruler(width) or return
        times = placements(ruler, width, count)
        times if cheaper?(times, count)
      end

      private

      def placements(ruler, width, count)
        full, rest = count.divmod(ruler.strips_at_once(width))
        (full * ruler.sequence(width, ruler.strips_at_once(width)).size) + ruler.sequence(width, rest).size
      end

      def cheaper?(times, count)
        maker = @task.maker
        (times * maker.seconds(:align_and_cut)) + (count * maker.seconds(:cut_slot)) < count * maker.seconds(:align_and_cut)
      end
    end
  end
end
