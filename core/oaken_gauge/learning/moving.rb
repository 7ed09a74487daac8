# frozen_string_literal: true

module OakenGauge
  module Learning
    # Moves values of a maker's profile by what she measured. What was assumed counts as four measurements, what was
    # measured before as many more as it was: `new = (w·old + Σx) / (w + n)` with w = 4 + those before; of a spread its
    # square moves so.
    #
    # @example
    #   Moving.new(profile).mean(:take_up, [0.01, 0.018]).to   # => (4·0.010 + 0.028) / 6
    class Moving
      # How many measurements an assumed value is worth.
      ASSUMED = 4

      # One value that moved. - value: Symbol, its name; - from, to: in its unit; - count: measurements it rests on now
      Moved = Struct.new(:value, :from, :to, :count, keyword_init: true)

      # @param profile [Makers::Profile]
      def initialize(profile)
        @profile = profile
      end

      # @param name [Symbol]
      # @param found [Array<Float>] in the value's unit
      # @return [Moved] the mean nearer to what was found; nothing is less than none
      def mean(name, found)
        moved(name, found.size) { |old, weight| [((weight * old) + found.sum) / (weight + found.size), 0].max }
      end

      # @param name [Symbol]
      # @param found [Array<Float>] errors, inches; two or more
      # @param reading [Float] how much of their spread comes from reading them, inches
      # @return [Moved]
      def spread(name, found, reading)
        free = found.size - 1
        squares = [squares(found) - (free * (reading**2)), 0].max
        moved(name, found.size) { |old, weight| Math.sqrt(((weight * (old**2)) + squares) / (weight + free)) }
      end

      private

      # Of their distances from their mean.
      def squares(found)
        middle = found.sum / found.size
        found.sum { |one| (one - middle)**2 }
      end

      def moved(name, count)
        before = @profile.count(name).to_i
        old = @profile[name].to_f
        Moved.new(value: name, from: old, to: yield(old, ASSUMED + before).to_f, count: before + count)
      end
    end
  end
end
