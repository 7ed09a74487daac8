# frozen_string_literal: true

module OakenGauge
  module Makers
    # How a maker works, as she would say it.
    #
    # @example
    #   InWords.new(maker).sentences.first   # => "You sew a thread less than 1/4."
    class InWords
      # A hair, a thread and two of them, inches: what is nearer to one is told as that.
      LESS = { 0.0 => "the whole 1/4", 0.005 => "a hair less than 1/4", 0.01 => "a thread less than 1/4",
0.02 => "two threads less than 1/4" }.freeze
      # More than this is told as a number.
      MOST = 0.025
      SCHOOLS = { either: "You cut exact, or oversize and trim down, whichever comes out better", exact: "You cut exact",
                  oversize: "You oversize and trim down", narrow: "You cut exact, sew narrow and trim down" }.freeze
      SIDES = { 4 => "all four sides, centred on the seams", 2 => "two sides and the dog ears" }.freeze
      MARKING = { aid: "You sew by the light or tape you own", drawn_line: "You draw lines to sew by" }.freeze
      LAYERS = { 1 => "a single layer", 2 => "two layers", 4 => "four layers" }.freeze
      PRESSING = { to_side: "press seams to one side, so that they nest", open: "press seams open" }.freeze

      # @param maker [Maker]
      def initialize(maker)
        @maker = maker
      end

      # @return [Array<String>]
      def sentences
        ["You sew #{seam}.", "#{SCHOOLS.fetch(@maker.school)}; what is trimmed you trim on #{SIDES.fetch(@maker.trim_sides)}.",
         "#{MARKING.fetch(@maker.marking)}, cut through #{LAYERS.fetch(@maker.layers)} at a time, and #{PRESSING.fetch(@maker.pressing)}.",
         *besides, measured]
      end

      private

      def seam
        scant = @maker.profile[:scant]
        return "#{Saying.small(scant)} less than 1/4" if scant > MOST

        LESS.min_by { |less, _| (less - scant).abs }.last
      end

      def besides
        [("You starch all fabric." if @maker.starched), ("You keep the cut-off corners as bonus units." if @maker.bonus)].compact
      end

      def measured
        told = Parameters.all.keys.map { |name| @maker.profile.basis(name).to_s }.reject { |basis| basis == "chosen" }
        own = told.count { |basis| basis != "assumed" }
        return "Nothing is measured yet: all accuracy and time is assumed." if own.zero?

        "#{own} of #{told.size} values #{Saying.is(own)} measured; the others are assumed."
      end
    end
  end
end
