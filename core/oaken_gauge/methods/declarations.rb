# frozen_string_literal: true

module OakenGauge
  module Methods
    # What a method's file declares.
    #
    # @example
    #   class TwoAtATime < Method
    #     title "Two at a time"
    #     makes :half_square
    #     per_set 2
    #     cut(:light, :dark) { half_square_piece(unit.finished) }
    #     step(:press_seam) { makes.made }
    #   end
    module Declarations
      # A cut as declared: the exact size is worked out by the method.
      DeclaredCut = Struct.new(:roles, :per_set, :then_do, :marks, :size, keyword_init: true) do
        # @return [Array<Layout::Piece>] one a role
        def for(method)
          exact = method.instance_exec(&size)
          each = per_set.respond_to?(:call) ? method.instance_exec(&per_set) : method.makes.sets * per_set
          roles.map { |role| method.piece(role, exact, each, then_do: then_do, marks: marks) }
        end
      end

      # A step as declared: how often it is done is worked out by the method.
      DeclaredStep = Struct.new(:operation, :facts, keyword_init: true) do
        # @return [Step, nil] nil when it is not done at all
        def for(method)
          count, given = method.instance_exec(&facts)
          method.step(operation, count, **(given || {}))
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
        @makes || (superclass.respond_to?(:makes) ? superclass.makes : [])
      end

      # @overload per_set(number)
      #   Declares how many units one pass makes; 1 unless declared.
      # @return [Integer]
      def per_set(number = nil)
        @per_set = number if number
        @per_set || (superclass.respond_to?(:per_set) ? superclass.per_set : 1)
      end

      # Declares squares or rectangles. The block gives the exact [height, width] in inches, before
      # rounding; `per_set` is how many each set takes, or a Proc to how many the whole demand takes.
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
        @cuts ||= superclass.respond_to?(:cuts) ? superclass.cuts.dup : []
      end

      # @return [Array<DeclaredStep>]
      def steps
        @steps ||= superclass.respond_to?(:steps) ? superclass.steps.dup : []
      end

      # @overload rebuilding(how)
      #   Declares how its units are made of polygons, to check its accuracy by.
      # @return [Class, nil] in {Rebuilding}
      def rebuilding(how = nil)
        @rebuilding = how if how
        @rebuilding || (superclass.rebuilding if superclass.respond_to?(:rebuilding))
      end

      # @overload drawn_as(how)
      #   Declares how its steps are drawn.
      # @return [Class] in {StepDrawings}
      def drawn_as(how = nil)
        @drawn_as = how if how
        @drawn_as || superclass.drawn_as
      end

      # @return [String] "rotary"
      def family
        @family ||= path.split("/").first
      end

      # @overload technique(name)
      #   Declares the technique where the class is named for its unit too.
      # @return [String] "two_at_a_time"
      def technique(name = nil)
        @technique = name if name
        @technique ||= path.split("/").last
      end

      # @return [String] its name in documents: "rotary/two_at_a_time"
      def id
        @id ||= "#{family}/#{technique}"
      end

      # @return [String] its file in the catalogue: "rotary/hourglass_two_at_a_time"
      def path
        @path ||= name.split("::").last(2).map { |word| Naming.snake(word) }.join("/")
      end

      # @return [Symbol, nil] :oversize for what is cut large and trimmed, :narrow for what is sewn narrow and trimmed,
      #   :exact for what has such sisters
      def school
        return :oversize if include?(Oversize)
        return :narrow if include?(Narrow)

        :exact if subclasses.any?(&:school)
      end

      # @overload large_square(role)
      #   Declares which fabric the larger of its squares is, where makers differ in that.
      # @return [Symbol, nil]
      def large_square(role = nil)
        @large_square = role if role
        @large_square
      end

      # @param _unit [Units::Unit]
      # @return [Boolean] whether it is a way to make this very unit, whatever tools there are
      def offers?(_unit)
        true
      end
    end
  end
end
