# frozen_string_literal: true

require "support/core_case"

# Arithmetic with lengths that errors move.
class LinearTest < CoreCase
  ONE = Construction::Linear.new(2.0, { 0 => 1.0 })
  OTHER = Construction::Linear.new(4.0, { 1 => 1.0 })

  def assert_linear(constant, shares, linear)
    assert_in_delta constant, linear.constant
    assert_equal shares, told(linear)
  end

  # What each of the two moves it.
  def told(linear)
    [0, 1].map { |error| linear.shares.fetch(error, 0.0) }
  end

  # (2 + e)(4 + f) is 8 + 4e + 2f and what is smaller; (2 + e)/(4 + f) is 1/2 + e/4 - 2f/16.
  def test_by_hand
    assert_linear 6.0, [1, 1], ONE + OTHER
    assert_linear(-2.0, [1, -1], ONE - OTHER)
    assert_linear 8.0, [4, 2], ONE * OTHER
    assert_linear 0.5, [0.25, -0.125], ONE / OTHER
    assert_linear(-2.0, [-1, 0], -ONE)
  end

  # A number before it or behind it, whatever sort of number.
  def test_with_numbers
    assert_linear 1.0, [-1, 0], 3 - ONE
    assert_linear 1.0, [0.5, 0], (1/2r) * ONE
    assert_linear 2.5, [1, 0], ONE + (1/2r)
    assert_linear 2.0, [-1, 0], 4 / ONE
    assert_linear 6.0, [1, 1], [ONE, OTHER].sum
  end

  # What a small error does to x/y - xy + 3 at 2 and 4, against the difference that it makes.
  def test_against_differences
    worked = ->(x, y) { (x / y) - (x * y) + 3 }
    linear = worked.call(ONE, OTHER)
    differences = [[1e-7, 0], [0, 1e-7]].map { |x, y| (worked.call(2.0 + x, 4.0 + y) - worked.call(2.0, 4.0)) / 1e-7 }

    differences.zip(told(linear)) { |expected, share| assert_in_delta expected, share, 1e-5 }
  end
end
