# frozen_string_literal: true

module OakenGauge
  # The catalogue of methods: one class a method, in a folder a family. A new file is found by itself.
  module Methods
    class << self
      # @return [Array<Class>] every method, in the order of their files
      def all
        @all ||= Registry.of(Method).reject { |method| method.makes.empty? }.sort_by(&:path)
      end

      # @param unit [Units::Unit]
      # @return [Array<Class>] the ways to make it
      def making(unit)
        by_kind.fetch(unit.class.kind, []).select { |method| method.offers?(unit) }
      end

      # @return [Array<String>] every name that a method has in documents
      def ids
        @ids ||= all.map(&:id).uniq
      end

      private

      def by_kind
        @by_kind ||= all.flat_map { |method| method.makes.product([method]) }.group_by(&:first).transform_values { |same| same.map(&:last) }
      end
    end
  end
end
