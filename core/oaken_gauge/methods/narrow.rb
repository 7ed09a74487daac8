# frozen_string_literal: true

module OakenGauge
  module Methods
    # The school of the narrow seam: pieces are cut exact, the seams inside the unit are sewn with less than the allowance,
    # and every unit is trimmed. With s′ for s a half-square triangle unit is √2(s - s′) larger before it is trimmed.
    # Units are joined with the whole allowance.
    module Narrow
      include Trims

      # @return [Array<Tools::Setting>] with the trimmer's, if there is one for the unit
      def settings
        too_wide if narrow >= seam
        @settings ||= super + trimmer.settings
      end

      # @return [Array<Step>] its seams are narrow; then it is trimmed
      def making_steps
        [*super.map { |step| step.size == seam ? step.with(size: narrow) : step }, trim_step]
      end

      # @return [Rational] inches that its seams are deeper than the allowance: less than nothing
      def deeper
        narrow - seam
      end

      private

      def narrow
        task.narrow_seam
      end

      def too_wide
        refuse(:seam_not_narrow,
"Your narrow seam, #{say(narrow)}, is no less than the allowance of #{say(seam)}: it leaves nothing to trim.")
      end
    end
  end
end
