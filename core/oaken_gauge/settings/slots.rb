# frozen_string_literal: true

module OakenGauge
  module Settings
    # Strips and pieces cut in the slots of a ruler that is laid down once for several.
    class Slots
      # @param task [Weighing::Task]
      def initialize(task)
        @task = task
      end

      # @param width [Rational] inches
      # @return [Tools::SlottedRuler, nil] the one that needs fewest placements
      def ruler(width)
        (@rulers ||= {}).fetch(width) { @rulers[width] = best(width) }
      end

      # @param width [Rational] inches
      # @return [Boolean] whether a full ruler of them takes less time than one cut after another
      def saves?(width)
        (@saves ||= {}).fetch(width) do
          found = ruler(width)
          @saves[width] = !found.nil? && !laid(width, found.strips_at_once(width)).nil?
        end
      end

      # @param width [Rational] inches
      # @param count [Integer] cuts
      # @return [Integer, nil] how often the ruler is laid down; nil where one cut after another is as quick
      def laid(width, count)
        found = ruler(width) or return
        times = found.placements(width, count)
        times if cheaper?(times, count)
      end

      private

      def best(width)
        @task.drawer.of(Tools::SlottedRuler).select { |one| one.reach >= width }
             .min_by { |one| [one.placements(width, one.strips_at_once(width)).to_r / one.strips_at_once(width), -one.reach] }
      end

      def cheaper?(times, count)
        maker = @task.maker
        (times * maker.seconds(:align_and_cut)) + (count * maker.seconds(:cut_slot)) < count * maker.seconds(:align_and_cut)
      end
    end
  end
end
