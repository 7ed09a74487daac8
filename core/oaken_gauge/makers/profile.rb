# frozen_string_literal: true

module OakenGauge
  module Makers
    # What is known of a maker's hands: every number of {Parameters}, assumed until she measures it.
    class Profile
      # A value that is not assumed. - value: Numeric; - count: how many measurements it rests on, nil when
      # she only stated it; - bias: of a spread, what all are off by; - interval: between which it lies, nine in ten
      Known = Struct.new(:value, :count, :bias, :interval, keyword_init: true)

      # @param known [Hash{Symbol => Known}]
      def initialize(known = {})
        @known = known
        @biases = known.transform_values { |one| one.bias.to_f }
        @values = Parameters.all.transform_values(&:assumed).merge(known.transform_values(&:value))
      end

      # @param known [Hash{Symbol => Known}]
      # @return [Profile] with these known as well
      def with(known)
        Profile.new(@known.merge(known))
      end

      # @return [Hash{Symbol => Numeric}] every value by its name
      attr_reader :values

      # @param name [Symbol]
      # @return [Numeric] in the parameter's unit
      # @raise [KeyError] for a name that was never declared
      def [](name)
        @values.fetch(name)
      end

      # @param name [Symbol]
      # @return [Float] what everything is off by that varies so: of a ruler, of a hand
      def bias(name)
        @biases.fetch(name, 0.0)
      end

      # @param name [Symbol]
      # @return [Symbol] :assumed, :measured, or :chosen for what is hers to choose
      def basis(name)
        return :chosen if Parameters.all.fetch(name).chosen?

        @known.key?(name) ? :measured : :assumed
      end

      # @param name [Symbol]
      # @return [Integer, nil] how many measurements it rests on
      def count(name)
        @known[name]&.count
      end

      # @param name [Symbol]
      # @return [Float, nil] how far what was measured may be off, one standard error, in the parameter's unit
      def give_or_take(name)
        count(name) && Sureness.of(Parameters.all.fetch(name), self)
      end

      # @param names [Array<Symbol>]
      # @return [Symbol] :assumed where one of them is
      def basis_of(names)
        names.none? { |name| basis(name) == :assumed } ? :measured : :assumed
      end
    end
  end
end
