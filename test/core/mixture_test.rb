# frozen_string_literal: true

require "support/core_case"

# Shares of a normal with slips, by hand.
class MixtureTest < CoreCase
  def mixture(**rest)
    ErrorModel::Mixture.new(mean: 0.0, sd: 0.02, **rest)
  end

  # Two standard deviations on either side of the mean: 95.45 in 100.
  def test_without_slips_it_is_a_normal
    assert_in_delta 0.9544997, mixture.between(-0.04, 0.04), CLOSE
    assert_in_delta 0.5, mixture.between(-Float::INFINITY, 0.0), CLOSE
    assert_in_delta 0.02, mixture.sd, CLOSE
    assert_in_delta 1.644854 * 0.02, mixture.at(0.95), 1e-6
  end

  # One in a hundred lies 1/8 away: 0.99 of the 95.45 and none of the rest.
  def test_one_slip
    slipping = mixture(slips: [[0.125, 0.01]])

    assert_in_delta (0.99 * 0.9544997) + (0.01 * 0.5 * 2 * 1.067e-5), slipping.between(-0.04, 0.04), 1e-6
    assert_in_delta Math.sqrt(0.0004 + (0.01 / 64)), slipping.sd, CLOSE
    assert_in_delta 0.0, slipping.mean, CLOSE
  end

  # Each of two slips moves it by as much, either way: none 0.81, one 0.18, both 0.01 of which half cancel.
  def test_two_slips_may_cancel
    both = ErrorModel::Mixture.new(mean: 0.0, sd: 1e-6, slips: [[0.5, 0.1], [0.5, 0.1]])

    assert_in_delta 0.81 + (0.01 / 2), both.between(-0.1, 0.1), CLOSE
    assert_in_delta 0.18, both.between(0.4, 0.6) + both.between(-0.6, -0.4), CLOSE
    assert_in_delta 0.005, both.between(0.9, 1.1) + both.between(-1.1, -0.9), CLOSE
  end

  def test_slips_of_two_sizes
    unlike = ErrorModel::Mixture.new(mean: 0.0, sd: 1e-6, slips: [[0.5, 0.1], [0.2, 0.2]])

    assert_in_delta 0.9 * 0.8, unlike.between(-0.1, 0.1), CLOSE
    assert_in_delta 0.1 * 0.2 / 4, unlike.between(0.6, 0.8), CLOSE
    assert_in_delta 0.1 * 0.2 / 4, unlike.between(0.25, 0.35), CLOSE
  end

  # Four that always slip by a half, one way or the other: all one way in 2 of 16, three in 8, two and two in 6.
  def test_slips_that_always_come
    always = ErrorModel::Mixture.new(mean: 0.0, sd: 1e-6, slips: [[0.5, 1.0]] * 4)

    assert_in_delta 6 / 16.0, always.between(-0.1, 0.1), CLOSE
    assert_in_delta 4 / 16.0, always.between(0.9, 1.1), CLOSE
    assert_in_delta 1 / 16.0, always.between(1.9, 2.1), CLOSE
    assert_in_delta 1.0, always.between(-2.1, 2.1), CLOSE
    assert_in_delta 1.0, always.sd, CLOSE
    assert_in_delta(-2.0, always.at(0.03), 1e-5)
  end

  # Ten of one in a hundred: what is left out weighs next to nothing, and no variance is lost.
  def test_many_rare_slips
    many = mixture(slips: (1..10).map { |i| [0.1 + (i / 100.0), 0.01] })
    told = many.send(:parts)

    assert_in_delta 1.0, told.sum { |_, weight, _| weight }, CLOSE
    assert_in_delta many.sd**2, told.sum { |jump, weight, sd| weight * ((jump**2) + (sd**2)) }, CLOSE
    assert_operator told.size, :<, 700
  end

  def test_slips_that_move_nothing_change_nothing
    assert_in_delta mixture.between(-0.03, 0.05), mixture(slips: [[0.0, 0.3]]).between(-0.03, 0.05), CLOSE
  end

  def test_nothing_wanders
    still = ErrorModel::Mixture.new(mean: 0.05, sd: 0.0)

    assert_in_delta 1.0, still.between(-0.0625, 0.0625), CLOSE
    assert_in_delta 0.0, still.between(-0.0625, 0.04), CLOSE
    assert_in_delta 0.05, still.at(0.5), CLOSE
    # On either limit it is still between them.
    [-0.0625, 0.0625].each { |mean| assert_in_delta 1.0, ErrorModel::Mixture.new(mean: mean, sd: 0.0).between(-0.0625, 0.0625), CLOSE }
  end
end
