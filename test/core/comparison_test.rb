# frozen_string_literal: true

require "support/core_case"

# What one method gives and takes against another, with made-up figures.
class ComparisonTest < CoreCase
  Made = Struct.new(:cloth, :minutes, :good, :over, :difficulty, keyword_init: true) do
    def waste
      { consumed: cloth, offcut: 0, net: cloth, surplus: over }
    end

    def accuracy
      Struct.new(:good_share).new(good)
    end

    def way
      surplus = over
      Struct.new(:makes).new(Struct.new(:surplus).new(surplus))
    end
  end

  PLAIN = { cloth: 120.0, minutes: 20.0, good: 0.9, over: 0, difficulty: 8 }.freeze

  # @return [Array(Array<String>, Array<String>)] gains and losses against the plain one
  def against_plain(**changed)
    comparison = Weighing::Comparison.new(Made.new(**PLAIN, **changed), Made.new(**PLAIN))
    [comparison.gains, comparison.losses]
  end

  def test_nothing_to_choose
    assert_equal [[], []], against_plain
    assert_equal [[], []], against_plain(cloth: 122.0, minutes: 20.9, good: 0.904, difficulty: 9)
  end

  def test_cloth_in_words
    { 60.0 => "half the cloth", 80.0 => "a third less cloth", 90.0 => "a quarter less cloth", 108.0 => "10 % less cloth" }.each do |cloth, words|
      assert_equal [[words], []], against_plain(cloth: cloth)
    end
    { 132.0 => "10 % more cloth", 150.0 => "a quarter more cloth", 160.0 => "a third more cloth", 180.0 => "half as much cloth again",
      240.0 => "twice the cloth", 600.0 => "5.0 times the cloth" }.each do |cloth, words|
      assert_equal [[], [words]], against_plain(cloth: cloth)
    end
  end

  def test_minutes_in_words
    assert_equal [["9 minutes less"], []], against_plain(minutes: 11.0)
    assert_equal [[], ["1 minute more"]], against_plain(minutes: 21.2)
    # Under a twentieth of what it takes is not worth a word, a minute or not.
    comparison = Weighing::Comparison.new(Made.new(**PLAIN, minutes: 103.0), Made.new(**PLAIN, minutes: 100.0))

    assert_equal [[], []], [comparison.gains, comparison.losses]
  end

  def test_units_in_words
    assert_equal [["8 in 100 more come out good"], []], against_plain(good: 0.98)
    assert_equal [[], ["2 in 100 fewer come out good"]], against_plain(good: 0.882)
    assert_equal [[], []], against_plain(good: 0.893)
    assert_equal [[], ["3 units more left over"]], against_plain(over: 3)
    assert_equal [[], ["1 unit more left over"]], against_plain(over: 1)
    assert_equal [["easier to learn"], []], against_plain(difficulty: 6)
  end

  def test_a_trade_has_both
    gains, losses = against_plain(cloth: 80.0, minutes: 31.0, good: 0.8)

    assert_equal ["a third less cloth"], gains
    assert_equal ["11 minutes more", "10 in 100 fewer come out good"], losses
  end

  def test_seen_from_the_other_side_gains_are_losses
    one = Made.new(**PLAIN, cloth: 60.0, minutes: 40.0)
    there = Weighing::Comparison.new(one, Made.new(**PLAIN))
    back = Weighing::Comparison.new(Made.new(**PLAIN), one)

    assert_equal [["half the cloth"], ["20 minutes more"]], [there.gains, there.losses]
    assert_equal [["20 minutes less"], ["twice the cloth"]], [back.gains, back.losses]
  end
end
