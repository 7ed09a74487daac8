# frozen_string_literal: true

module OakenGauge
  module Documents
    # An object of a class that declares its documents with {Declared}: its values, writing, equality.
    module Record
      # @param declared [Class]
      def self.included(declared)
        declared.extend(Declared)
      end

      # @return [Symbol] the unit of measure it was written in
      attr_reader :written_in

      # @param values [Hash] by the fields' names in the core; the usual stands for what is left out
      # @param written_in [Symbol] unit of measure
      # @raise [ArgumentError] for a name that was never declared, and for a required one that is missing
      def initialize(written_in: :inch, **values)
        @written_in = written_in
        @values = self.class.fields.to_h { |field| [field.as, values.fetch(field.as) { usual(field) }] }.freeze
        strange = values.keys - @values.keys
        raise ArgumentError, "unknown: #{strange.join(', ')}" unless strange.empty?

        @values.each { |name, value| instance_variable_set(:"@#{name}", value) }
      end

      # @param measure [Symbol] unit of measure to write lengths in
      # @return [Hash] the document it could be read from
      def to_document(measure = written_in)
        keys = self.class.fields.select { |field| told?(field) }
        written = keys.to_h { |field| [field.name, field.type.write(@values[field.as], measure)] }
        self.class.tag ? { self.class.tag => self.class.kind.to_s, **written } : written
      end

      # @return [Boolean] whether its document would be the same
      def ==(other)
        other.class == self.class && other.values == values
      end
      alias eql? ==

      # @return [Integer]
      def hash
        @hash ||= [self.class, values].hash
      end

      # The same with some values changed.
      # @return [Record]
      def with(**changes)
        self.class.new(written_in: written_in, **values, **changes)
      end

      protected

      attr_reader :values

      private

      def told?(field)
        !@values[field.as].nil? && (field.always || @values[field.as] != field.default)
      end

      def usual(field)
        field.required ? raise(ArgumentError, "missing: #{field.as}") : field.default
      end
    end
  end
end
