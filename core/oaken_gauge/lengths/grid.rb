# frozen_string_literal: true

module OakenGauge
  # The lines a cut can be made on. The one place where a computed size is rounded: up, to the next
  # line, so that a patch is never smaller than its geometry asks.
  #
  # @example
  #   Grid.new(1/8r).ceil(2.8536)   # => (23/8)
  class Grid
    # @return [Rational] inches between two lines
    attr_reader :step

    # @param step [Rational] inches, more than zero
    def initialize(step)
      raise ArgumentError, "a grid's step is more than zero" unless step.positive?

      @step = step.to_r
      freeze
    end

    # @param size [Numeric] inches
    # @return [Rational] the first line at or above the size (a billionth of an inch forgiven)
    def ceil(size)
      lines = size.is_a?(Float) ? ((size - Plane::SAME) / step.to_f).ceil : (size / step).ceil
      step * lines
    end

    # @param size [Numeric] inches
    # @return [Rational] the last line at or below the size (a billionth of an inch forgiven)
    def floor(size)
      lines = size.is_a?(Float) ? ((size + Plane::SAME) / step.to_f).floor : (size / step).floor
      step * lines
    end

    # @param size [Numeric] inches
    # @return [Rational] the line that is read beside it
    def nearest(size)
      (size / step).round * step
    end

    # @param size [Numeric] inches
    # @return [Boolean] whether a line stands at the size
    def on?(size)
      (ceil(size) - size).abs <= Plane::SAME
    end
  end
end
