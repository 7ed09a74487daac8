# frozen_string_literal: true

module OakenGauge
  module Svg
    # What shapes of an SVG are moved, turned and stretched by: [a, b, c, d, e, f] as the standard writes it.
    module Matrix
      ONE = [1.0, 0.0, 0.0, 1.0, 0.0, 0.0].freeze

      class << self
        # @param text [String] a transform attribute
        # @return [Array<Float>]
        def of(text)
          text.scan(/([a-z]+)\s*\(([^)]*)\)/i).reduce(ONE) do |all, (name, given)|
            product(all, one(name, given.scan(Shapes::NUMBER).map(&:to_f)))
          end
        end

        # @return [Array<Float>] the second, then the first
        def product(first, second)
          across, up, origin = second.each_slice(2).to_a
          [turned(first, *across), turned(first, *up), apply(first, *origin)].flatten
        end

        # @return [Array(Float, Float)]
        def apply(matrix, x, y)
          turned(matrix, x, y).zip(matrix.last(2)).map(&:sum)
        end

        private

        def turned((a, b, c, d), x, y)
          [(a * x) + (c * y), (b * x) + (d * y)]
        end

        def one(name, given)
          x, y, = given
          case name
          when "translate" then [1.0, 0.0, 0.0, 1.0, x.to_f, y.to_f]
          when "scale" then [x.to_f, 0.0, 0.0, (y || x).to_f, 0.0, 0.0]
          when "rotate" then turn(*given)
          when "matrix" then given.size == 6 ? given : ONE
          else ONE
          end
        end

        def turn(degrees = 0.0, x = 0.0, y = 0.0)
          cos = Math.cos(degrees * Math::PI / 180)
          sin = Math.sin(degrees * Math::PI / 180)
          product(product([1.0, 0.0, 0.0, 1.0, x, y], [cos, sin, -sin, cos, 0.0, 0.0]), [1.0, 0.0, 0.0, 1.0, -x, -y])
        end
      end
    end
  end
end
