# frozen_string_literal: true

module OakenGauge
  module Learning
    # Whether units grow or shrink from the first to the last of a batch: a line through what each is off by, least squares.
    class Drift
      # So sure it has to be.
      SURE = 0.99

      # @param offs [Array<Float>] inches, in the order in which they were made
      def initialize(offs)
        @offs = offs
        @numbers = Array.new(offs.size) { |i| i - ((offs.size - 1) / 2.0) }
      end

      # @return [Float] inches from one to the next
      def per_unit
        @numbers.zip(@offs).sum { |number, off| number * off } / spread_of_numbers
      end

      # @return [Float] how sure it is that they do, 0 to 1
      def sure
        return 0.0 if @offs.size < 3

        error = Math.sqrt(left / (@offs.size - 2) / spread_of_numbers)
        return per_unit.zero? ? 0.0 : 1.0 if error.zero?

        Quantiles.t_within((per_unit / error).abs, @offs.size - 2)
      end

      # @return [Boolean] whether it is told
      def sure?
        sure > SURE
      end

      private

      def spread_of_numbers
        @numbers.sum { |number| number**2 }
      end

      # What the line leaves, squared.
      def left
        mean = @offs.sum / @offs.size
        @numbers.zip(@offs).sum { |number, off| (off - mean - (per_unit * number))**2 }
      end
    end
  end
end
