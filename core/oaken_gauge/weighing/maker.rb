# frozen_string_literal: true

module OakenGauge
  module Weighing
    # The maker: what is known of her hands, and which of the ways that good makers differ in are hers.
    class Maker
      CHOICES = {
        "school" => Choice.new(title: "Cut exact, or large and trimmed", options: %w[either exact oversize], usual: :either,
                               meaning: "Methods of the other school are put behind your own."),
        "margin" => Choice.new(title: "Cut larger by", usual: 1/8r, meaning: "What is added to pieces that are trimmed to size."),
        "trim_sides" => Choice.new(title: "Sides that are trimmed", options: [4, 2], usual: 4,
                                   meaning: "Four, centred on the seams, or two, with the ears."),
        "marking" => Choice.new(title: "Lines for sewing", options: %w[aid drawn_line], usual: :aid,
                                meaning: "Lead seams by the light or tape in the drawer, or draw lines all the same."),
        "pressing" => Choice.new(title: "Seams are pressed", options: %w[to_side open], usual: :to_side,
                                 meaning: "Open they take up less but take longer; where seams meet they are pinned, not nested."),
        "large_square" => Choice.new(title: "Geese four at a time: the large square is", options: %w[either goose sky], usual: :either,
                                     meaning: "The method with the other large square is put behind your own."),
        "numbers" => Choice.new(title: "Numbers on triangle rulers", options: %w[either finished strip], usual: :either,
                                meaning: "Of two rulers that both have the mark, the one that you read is taken."),
        "starched" => Choice.new(title: "Starch all cloth", usual: false, meaning: "Edges on the bias grow less."),
        "bonus" => Choice.new(title: "Bonus units from cut-off corners", usual: false,
                              meaning: "Stitch and flip sews a second seam first, and keeps the corners.")
      }.freeze
      # Ways that a method declares too, where it is of one.
      DECLARED = %i[school large_square].freeze

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
      # @return [Symbol] :to_side or :open
      attr_reader :pressing
      # @return [Symbol] :either, :goose or :sky
      attr_reader :large_square
      # @return [Symbol] :either, :finished or :strip
      attr_reader :numbers
      # @return [Integer] 2 or 4
      attr_reader :trim_sides
      # @return [Boolean] whether she starches all cloth
      attr_reader :starched

      # @param profile [Profile]
      # @param chosen [Hash{Symbol => Object}] by the names of {CHOICES}
      def initialize(profile: Profile.new, **chosen)
        @profile = profile
        CHOICES.each { |name, choice| instance_variable_set("@#{name}", chosen.fetch(name.to_sym, choice.usual)) }
      end

      class << self
        # @param node [Documents::Node, nil] times by name, in seconds; `errors` by name, in inches; choices
        # @return [Maker]
        def read(node)
          return new unless node&.keys(optional: names(:time) + CHOICES.keys + %w[errors])

          errors = node.child("errors")
          known = Profile.read(node, :time)
          known = known.merge(Profile.read(errors, :error)) if errors&.keys(optional: names(:error))
          new(profile: Profile.new(known), **CHOICES.to_h { |name, choice| [name.to_sym, choice.read(node, name)] })
        end

        private

        def names(group)
          Parameters.of(group).map { |parameter| parameter.name.to_s }
        end
      end

      # @param time [Symbol]
      # @return [Numeric]
      def seconds(time)
        profile[time]
      end

      # @return [Boolean]
      def opens_seams?
        pressing == :open
      end

      # @param method [Class] a {Methods::Method}
      # @return [Boolean] whether it is of another way than hers
      def against?(method)
        DECLARED.any? do |name|
          own = public_send(name)
          its = method.public_send(name)
          own != :either && its && its != own
        end
      end
    end
  end
end
