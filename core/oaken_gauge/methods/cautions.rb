# frozen_string_literal: true

module OakenGauge
  module Methods
    # What is said where the work can hurt.
    module Cautions
      SAY = {
        blade: "Blade: close it every time you put it down; cut away from yourself, fingers off the ruler's edge.",
        press: "Press: fingers, hair and sleeves clear; never more layers than the die takes.",
        needle: "Needle: hands clear; foot off the pedal to thread.",
        iron: "Iron: lift and set down; unplug it when you leave."
      }.freeze

      # @param cares [Array<Symbol>]
      # @return [Array<String>]
      def self.of(cares)
        SAY.values_at(*cares)
      end
    end
  end
end
