# frozen_string_literal: true

module OakenGauge
  module Methods
    # What a method's file declares.
    #
    # @example
    #   class TwoAtATime < RotaryMethod
    #     title "Two at a time"
    #     makes :half_square
    #     per_set 2
    #     cut(:light, then_do: :mark_diagonal) { patch_piece }
    #     step(:press) { makes.made }
    #   end
    module Declarations
      # A cut as declared: the exact size is worked out by the method.
      DeclaredCut = Struct.new(:roles, :per_set, :then_do, :marks, :size, keyword_init: true) do
        # @return [Array<Stock::Piece>] one a role
        def for(method)
          exact = method.instance_exec(&size)
          roles.map do |role|
            method.piece(role, exact, method.makes.sets * per_set, then_do: then_do, marks: marks)
          end
        end
      end

      # A step as declared: how often it is done is worked out by the method.
      DeclaredStep = Struct.new(:operation, :facts, keyword_init: true) do
        # @return [Step, nil] nil when it is not done at all
        def for(method)
          count, given = method.instance_exec(&facts)
          Step.new(operation: Operations.fetch(operation), count: count, **(given || {})) if count.positive?
        end
      end

      # @overload title(words)
      #   Declares what it is called.
      # @return [String]
      def title(words = nil)
        @title = words if words
        @title
      end

      # @overload makes(*kinds)
      #   Declares the kinds of unit it makes.
      # @return [Array<Symbol>]
      def makes(*kinds)
        @makes = kinds unless kinds.empty?
        @makes || []
      end

      # @overload per_set(number)
      #   Declares how many units one pass makes; 1 unless declared.
      # @return [Integer]
      def per_set(number = nil)
        @per_set = number if number
        @per_set || 1
      end

      # Declares squares or rectangles cut for each set. The block gives the exact [height, width] in
      # inches, before rounding.
      # @return [void]
      def cut(*roles, per_set: 1, then_do: nil, marks: [], &size)
        cuts << DeclaredCut.new(roles: roles, per_set: per_set, then_do: then_do, marks: marks, size: size)
      end

      # Declares a step. The block gives how often it is done for the whole demand, and if need be a
      # Hash of facts: `on:` a fabric, `size:` and `length:` in inches.
      # @return [void]
      def step(operation, &facts)
        steps << DeclaredStep.new(operation: operation, facts: facts)
      end

      # @return [Array<DeclaredCut>]
      def cuts
        @cuts ||= []
      end

      # @return [Array<DeclaredStep>]
      def steps
        @steps ||= []
      end

      # @return [String] "rotary"
      def family
        @family ||= id.split("/").first
      end

      # @return [String] "two_at_a_time"
      def technique
        @technique ||= id.split("/").last
      end

      # @return [String] its name in documents: "rotary/two_at_a_time"
      def id
        @id ||= name.split("::").last(2).map { |word| Naming.snake(word) }.join("/")
      end
    end
  end
end
