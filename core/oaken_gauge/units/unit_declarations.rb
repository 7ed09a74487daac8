# frozen_string_literal: true

module OakenGauge
  module Units
    # What a unit's file declares about its kind.
    module UnitDeclarations
      # @overload roles(*names)
      #   Declares the fabric roles, in the order in which they are named to people.
      # @return [Array<Symbol>]
      def roles(*names)
        @roles = names.freeze unless names.empty?
        @roles
      end

      # @overload title(words)
      #   Declares what one of them is called.
      # @return [String]
      def title(words = nil)
        @title = words if words
        @title
      end

      # @overload engineered(yes)
      #   Declares that its triangles sit inside a longer side, where trimmed tips show the place.
      # @return [Boolean]
      def engineered(yes = nil)
        @engineered = yes unless yes.nil?
        @engineered || false
      end

      # @return [Symbol] its name in documents
      def kind
        @kind ||= Naming.snake(name).to_sym
      end
    end
  end
end
