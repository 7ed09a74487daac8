# frozen_string_literal: true

require "support/core_case"

# What one method gives and takes against another, with made-up figures.
class ComparisonTest < CoreCase
  Made = Struct.new(:fabric, :minutes, :good, :over, :difficulty, keyword_init: true) do
    def waste
      { consumed: fabric, offcut: 0, net: fabric, surplus: over }
    end

    def accuracy
      Struct.new(:good_share).new(good)
    end

    def way
      surplus = over
      Struct.new(:makes).new(Struct.new(:surplus).new(surplus))
    end
  end

  PLAIN = { fabric: 120.0, minutes: 20.0, good: 0.9, over: 0, difficulty: 8 }.freeze

  # @return [Array(Array<String>, Array<String>)] gains and losses against the plain one
  def against_plain(**changed)
    comparison = Comparing::Comparison.new(Made.new(**PLAIN, **changed), Made.new(**PLAIN))
    [comparison.gains, comparison.losses]
  end

  def test_nothing_to_choose
    assert_equal [[], []], against_plain
    assert_equal [[], []], against_plain(fabric: 122.0, minutes: 20.9, good: 0.904, difficulty: 9)
  end

  def test_fabric_in_words
    { 60.0 => "half the fabric", 80.0 => "a third less fabric", 90.0 => "a quarter less fabric", 108.0 => "10 % less fabric" }.each do |fabric, words|
      assert_equal [[words], []], against_plain(fabric: fabric)
    end
    { 132.0 => "10 % more fabric", 150.0 => "a quarter more fabric", 160.0 => "a third more fabric", 180.0 => "half as much fabric again",
      240.0 => "twice the fabric", 600.0 => "5 times the fabric" }.each do |fabric, words|
      assert_equal [[], [words]], against_plain(fabric: fabric)
    end
  end

  def test_minutes_in_words
    assert_equal [["9 minutes less"], []], against_plain(minutes: 11.0)
    assert_equal [[], ["1 minute more"]], against_plain(minutes: 21.2)
    # Under a twentieth of what it takes is not worth a word, a minute or not.
    comparison = Comparing::Comparison.new(Made.new(**PLAIN, minutes: 103.0), Made.new(**PLAIN, minutes: 100.0))

    assert_equal [[], []], [comparison.gains, comparison.losses]
  end

  def test_units_in_words
    assert_equal [["8 in 100 more come out good"], []], against_plain(good: 0.98)
    assert_equal [[], ["2 in 100 fewer come out good"]], against_plain(good: 0.882)
    assert_equal [[], []], against_plain(good: 0.893)
    assert_equal [[], ["3 more extra units"]], against_plain(over: 3)
    assert_equal [[], ["1 more extra unit"]], against_plain(over: 1)
    assert_equal [["easier to learn"], []], against_plain(difficulty: 6)
  end

  def test_a_trade_has_both
    gains, losses = against_plain(fabric: 80.0, minutes: 31.0, good: 0.8)

    assert_equal ["a third less fabric"], gains
    assert_equal ["11 minutes more", "10 in 100 fewer come out good"], losses
  end

  def test_seen_from_the_other_side_gains_are_losses
    one = Made.new(**PLAIN, fabric: 60.0, minutes: 40.0)
    there = Comparing::Comparison.new(one, Made.new(**PLAIN))
    back = Comparing::Comparison.new(Made.new(**PLAIN), one)

    assert_equal [["half the fabric"], ["20 minutes more"]], [there.gains, there.losses]
    assert_equal [["20 minutes less"], ["twice the fabric"]], [back.gains, back.losses]
  end
end
