# frozen_string_literal: true

module OakenGauge
  module Settings
    # Strips and pieces cut in the slots of a ruler that is laid down once for several.
    class Slots
      # @param rulers [Array<Tools::SlottedRuler>]
      # @param maker [Makers::Maker]
      def initialize(rulers, maker)
        @owned = rulers
        @maker = maker
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

      # Her habit is for cuts along a ruler; what goes under slots its maker says. Who cuts through fewer does so there too.
      # @param width [Rational] inches
      # @param ready [Integer] layers that can lie on one another
      # @return [Integer] those that are cut through at once
      def layers(width, ready)
        most = ruler(width)&.layers || 1
        [@maker.layers < Makers::Maker::MOST_LAYERS ? @maker.layers : most, most, ready].min
      end

      private

      def best(width)
        @owned.select { |one| one.reach >= width }
              .min_by { |one| one.strips_at_once(width).then { |strips| [one.placements(width, strips).fdiv(strips), -one.reach] } }
      end

      def cheaper?(times, count)
        laying, cutting = %i[align_and_cut cut_slot].map { |time| @maker.seconds(time) }
        (times * laying) + (count * cutting) < count * laying
      end
    end
  end
end
