# frozen_string_literal: true

module OakenGauge
  # The catalogue of methods: one class a method, in a folder a family. A new file is found by itself.
  module Methods
    class << self
      # @return [Array<Class>] every method, by its name in documents
      def all
        @all ||= begin
          LOADER.eager_load_dir("#{__dir__}/methods")
          descendants(Method).reject { |method| method.makes.empty? }.sort_by(&:id)
        end
      end

      # @param kind [Symbol] a kind of unit
      # @return [Array<Class>] the methods that make it
      def making(kind)
        all.select { |method| method.makes.include?(kind) }
      end

      # @param id [String]
      # @return [Class, nil]
      def find(id)
        all.find { |method| method.id == id }
      end

      private

      def descendants(parent)
        parent.subclasses.flat_map { |method| [method, *descendants(method)] }
      end
    end
  end
end
