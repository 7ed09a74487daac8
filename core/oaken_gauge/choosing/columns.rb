# frozen_string_literal: true

module OakenGauge
  module Choosing
    # The columns of the {Program}: first one for each method of each group, then what methods share: each setting, technique and tool
    # that any of them takes, and the visits.
    class Columns
      VISITS = [:visits, nil].freeze

      # @return [Array<Array<Option>>]
      attr_reader :groups
      # @return [Hash{Array(Symbol, Object) => Integer}] of what is shared, by its kind and name
      attr_reader :shared

      # @param groups [Array<Array<Option>>] what may be chosen for each
      def initialize(groups)
        @groups = groups
        sizes = groups.map(&:size)
        @own = sizes.sum
        @first = sizes.each_index.map { |group| sizes.first(group).sum }
        @shared = names.each_with_index.to_h { |name, i| [name, @own + i] }
      end

      # @return [Integer] of an option
      def at(group, option)
        @first[group] + option
      end

      # @return [Array<Array(Option, Integer)>] each with its column
      def of(group)
        groups[group].each_with_index.map { |option, i| [option, at(group, i)] }
      end

      # @return [Array<Float>] the most of each
      def most
        Array.new(size) { |place| place == shared.fetch(VISITS) ? WholeNumbers::ENDLESS : 1.0 }
      end

      # What is shared follows from what is chosen, but which straight ruler is taken where any does.
      # @return [Array<Boolean>] which are 0 or 1
      def whole
        tools = shared.select { |(kind, _), _| kind == :tool }.values
        Array.new(size) { |place| place < @own || tools.include?(place) }
      end

      # @param own [Proc] what an option adds by itself
      # @param each [Hash{Symbol => Numeric}] what each of a kind adds
      # @return [Array<Float>] a figure
      def figure(own, each)
        groups.flatten.map { |option| own.call(option).to_f } + shared.keys.map { |kind, _| each.fetch(kind, 0).to_f }
      end

      # @param kind [Symbol]
      # @param option [Option]
      # @return [Array] names of what it takes of a kind
      def self.taken(kind, option)
        case kind
        when :setting then option.settings.map { |setting| Option.key(setting) }
        when :technique then option.techniques
        else option.tools
        end
      end

      private

      def size
        @own + shared.size
      end

      def names
        options = groups.flatten
        rulers = options.filter_map(&:straight_rulers).first || []
        tools = (named(:tool, options) + rulers.map { |id| [:tool, id] }).uniq
        [*named(:setting, options), *named(:technique, options), *tools, VISITS]
      end

      def named(kind, options)
        options.flat_map { |option| Columns.taken(kind, option) }.uniq.map { |name| [kind, name] }
      end
    end
  end
end
