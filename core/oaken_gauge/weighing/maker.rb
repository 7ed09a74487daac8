# frozen_string_literal: true

module OakenGauge
  module Weighing
    # The maker: what is known of her hands, and which of the ways that good makers differ in are hers.
    class Maker
      # What trimmed pieces are cut larger by unless she says otherwise, inches.
      MARGIN = 1/8r
      # Cut exact and sew scant, or cut large and trim: or whichever comes out better.
      SCHOOLS = %w[either exact oversize].freeze
      # Lead seams by what she owns for it, or draw lines all the same.
      MARKINGS = %w[aid drawn_line].freeze
      # Sides of a unit that she trims.
      TRIM_SIDES = [2, 4].freeze
      CHOICES = %w[margin bonus school marking trim_sides starched].freeze

      # @return [Profile]
      attr_reader :profile
      # @return [Rational] what trimmed pieces are cut larger by, inches
      attr_reader :margin
      # @return [Boolean] whether corners cut off are to give bonus units
      attr_reader :bonus
      # @return [Symbol] :either, :exact or :oversize
      attr_reader :school
      # @return [Symbol] :aid or :drawn_line
      attr_reader :marking
      # @return [Integer] 2 or 4
      attr_reader :trim_sides
      # @return [Boolean] whether she starches all cloth
      attr_reader :starched

      def initialize(profile: Profile.new, margin: MARGIN, bonus: false, school: :either, marking: :aid, trim_sides: 4, starched: false)
        @profile = profile
        @margin = margin
        @bonus = bonus
        @school = school
        @marking = marking
        @trim_sides = trim_sides
        @starched = starched
      end

      class << self
        # @param node [Documents::Node, nil] times by name, in seconds; `errors` by name, in inches; choices
        # @return [Maker]
        def read(node)
          return new unless node

          node.keys(optional: Parameters.of(:time).map { |parameter| parameter.name.to_s } + CHOICES + %w[errors])
          node.child("errors")&.keys(optional: Parameters.of(:error).map { |parameter| parameter.name.to_s })
          new(profile: Profile.new(Profile.read(node, :time).merge(Profile.read(node.child("errors"), :error))), **choices(node))
        end

        private

        def choices(node)
          { margin: node.length("margin", default: MARGIN, most: 2), bonus: node.flag("bonus"), starched: node.flag("starched"),
            school: node.choice("school", SCHOOLS, default: "either").to_sym,
            marking: node.choice("marking", MARKINGS, default: "aid").to_sym,
            trim_sides: node.choice("trim_sides", TRIM_SIDES, default: 4) }
        end
      end

      # @param time [Symbol]
      # @return [Numeric]
      def seconds(time)
        profile[time]
      end
    end
  end
end
