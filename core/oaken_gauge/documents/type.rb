# frozen_string_literal: true

module OakenGauge
  module Documents
    # What a value of a document may be. One declaration serves reading, writing, the JSON Schema and the
    # fields of a form, so that the four cannot come to differ.
    #
    # @abstract
    class Type
      # @param node [Node]
      # @return [Object, nil] the value inside the core; nil when it cannot be used, with its fault noted
      def read(_node)
        raise NotImplementedError
      end

      # @param value [Object] inside the core
      # @param _measure [Symbol] unit of measure to write lengths in
      # @return [Object] ready for JSON
      def write(value, _measure)
        value
      end

      # @param value [Object] inside the core
      # @param _factor [Numeric]
      # @return [Object] the same of a thing that is larger or smaller
      def scale(value, _factor)
        value
      end

      # @return [Type] the same with lengths told as parts of a block's side
      def shared
        self
      end

      # @return [Hash] JSON Schema; what that cannot say is said by the keywords of {Schemas}
      def schema
        raise NotImplementedError
      end

      # @return [Hash] what a form has to know to ask for it: its kind of value and its limits
      def form
        raise NotImplementedError
      end
    end
  end
end
