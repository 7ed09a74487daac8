# frozen_string_literal: true

module OakenGauge
  module Weighing
    # The maker: what is known of her hands, and which of the ways that good makers differ in are hers.
    class Maker
      # A way that is hers to choose. - title, meaning: words; - options: what may be chosen, or nil for a
      # length or a yes; - usual: what stands where she does not say
      Choice = Struct.new(:title, :meaning, :options, :usual, keyword_init: true)

      CHOICES = {
        "school" => Choice.new(title: "Cut exact, or large and trimmed", options: %w[either exact oversize], usual: :either,
                               meaning: "Methods of the other school are put behind your own."),
        "margin" => Choice.new(title: "Cut larger by", usual: 1/8r, meaning: "What is added to pieces that are trimmed to size."),
        "trim_sides" => Choice.new(title: "Sides that are trimmed", options: [4, 2], usual: 4,
                                   meaning: "Four, centred on the seams, or two, with the ears."),
        "marking" => Choice.new(title: "Lines for sewing", options: %w[aid drawn_line], usual: :aid,
                                meaning: "Lead seams by the light or tape in the drawer, or draw lines all the same."),
        "starched" => Choice.new(title: "Starch all cloth", usual: false, meaning: "Edges on the bias grow less."),
        "bonus" => Choice.new(title: "Bonus units from cut-off corners", usual: false,
                              meaning: "Stitch and flip sews a second seam first, and keeps the corners.")
      }.freeze

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

      # @param profile [Profile]
      # @param chosen [Hash{Symbol => Object}] by the names of {CHOICES}
      def initialize(profile: Profile.new, **chosen)
        @profile = profile
        chosen = CHOICES.to_h { |name, choice| [name.to_sym, choice.usual] }.merge(chosen)
        @margin, @bonus, @school, @marking, @trim_sides, @starched = chosen.values_at(:margin, :bonus, :school, :marking, :trim_sides,
:starched)
      end

      class << self
        # @param node [Documents::Node, nil] times by name, in seconds; `errors` by name, in inches; choices
        # @return [Maker]
        def read(node)
          return new unless node&.keys(optional: names(:time) + CHOICES.keys + %w[errors])

          errors = node.child("errors")
          known = Profile.read(node, :time)
          known = known.merge(Profile.read(errors, :error)) if errors&.keys(optional: names(:error))
          new(profile: Profile.new(known), **choices(node))
        end

        private

        def names(group)
          Parameters.of(group).map { |parameter| parameter.name.to_s }
        end

        def choices(node)
          usual = CHOICES.transform_values(&:usual)
          { margin: node.length("margin", default: usual["margin"], most: 2), bonus: node.flag("bonus"), starched: node.flag("starched"),
            trim_sides: node.choice("trim_sides", CHOICES["trim_sides"].options, default: 4),
            **%w[school marking].to_h { |name| [name.to_sym, node.choice(name, CHOICES[name].options, default: usual[name].to_s).to_sym] } }
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
