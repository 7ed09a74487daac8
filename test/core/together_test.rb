# frozen_string_literal: true

require "support/core_case"

# Everything right at once.
class TogetherTest < CoreCase
  Measure = ErrorModel::Budget::Measure

  def source(sd, **more)
    Construction::Source.new(:cut_strip, :ruler_main, 0.0, sd, *{ chance: 0.0, by: 0.0, **more }.values)
  end

  def share(sources, *measures)
    budget = Struct.new(:sources, :from).new(sources, sources)
    ErrorModel::Together.new(budget, measures.map { |off, shares, low, high| [Measure.new(off, shares, 0), low, high] }).share
  end

  # Two things that have nothing to do with one another are right as often as both: 0.6827 within one deviation, squared.
  def test_two_that_are_independent
    one = 0.682689

    assert_in_delta one**2, share([source(1.0), source(1.0)], [0.0, [1.0, 0.0], -1.0, 1.0], [0.0, [0.0, 1.0], -1.0, 1.0]), 0.002
  end

  # Two that are the same thing are right as often as one; two that are opposite within 1/2 to the one side never.
  def test_two_that_are_one
    sources = [source(1.0)]

    assert_in_delta 0.682689, share(sources, [0.0, [1.0], -1.0, 1.0], [0.0, [-1.0], -1.0, 1.0]), 1e-6
    assert_in_delta 0.0, share(sources, [0.0, [1.0], 0.5, Float::INFINITY], [0.0, [-1.0], 0.5, Float::INFINITY]), 1e-9
    assert_in_delta 0.158655, share(sources, [0.0, [1.0], 1.0, Float::INFINITY]), 1e-6
  end

  # x and y within 1 and their sum too: the hexagon that is left of the square.
  # By integration of the normal density over it: 0.3996 (Simpson's rule, 4000 steps).
  def test_three_with_two_errors
    n = 4000
    density = ->(x) { Math.exp(-x * x / 2) / Math.sqrt(2 * Math::PI) }
    between = ->(low, high) { (Math.erf(high / Math.sqrt(2)) - Math.erf(low / Math.sqrt(2))) / 2 }
    inside = ->(x) { density.call(x) * between.call([-1.0, -1 - x].max, [1.0, 1 - x].min) }
    simpson = (0..n).sum { |i| inside.call(-1 + (2.0 * i / n)) * (i.zero? || i == n ? 1 : 2 + (2 * (i % 2))) } * (2.0 / n) / 3

    assert_in_delta simpson, share([source(1.0), source(1.0)], [0.0, [1.0, 0.0], -1.0, 1.0], [0.0, [0.0, 1.0], -1.0, 1.0], [0.0, [1.0, 1.0], -1.0, 1.0]), 0.002
  end

  # A line read wrong once in ten puts it out, either way.
  def test_a_line_read_wrong
    sources = [source(0.001), source(0.0, chance: 0.1, by: 0.125)]

    assert_in_delta 0.9, share(sources, [0.0, [1.0, 1.0], -0.0625, 0.0625]), 0.001
  end

  def test_with_no_errors_at_all
    assert_in_delta 1.0, share([source(0.0)], [0.05, [1.0], -0.0625, 0.0625])
    assert_in_delta 0.0, share([source(0.0)], [0.07, [1.0], -0.0625, 0.0625])
    assert_in_delta 1.0, share([])
  end

  # The draws: as a normal is spread, and no two alike.
  def test_the_draws
    rows = ErrorModel::Draws.normal(120)

    120.times { |i| assert_in_delta 1.0, rows[i, true].stddev, 0.01 }
    120.times { |i| assert_in_delta 0.0, rows[i, true].mean, 0.01 }
    assert_in_delta 1.959964, ErrorModel::Draws.normal_at(0.975), 1e-6
    assert_in_delta(-3.090232, ErrorModel::Draws.normal_at(0.001), 1e-6)
    [[0, 1], [3, 77], [40, 119]].each { |one, other| assert_in_delta 0.0, (rows[one, true] * rows[other, true]).mean, 0.03 }
  end
end
