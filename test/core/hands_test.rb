# frozen_string_literal: true

require "support/core_case"

# Lefts and rights.
class HandsTest < CoreCase
  def ask(id, left, right)
    weigh(id, { "unit" => { "kind" => "three_triangle", "finished" => "3", "count" => { "left" => left, "right" => right } } })
  end

  # What a set gives is one of each: the hand that is needed more decides.
  PAIRS = { [8, 0] => [8, 0, 8], [0, 5] => [5, 5, 0], [8, 8] => [8, 0, 0], [1, 4] => [4, 3, 0] }.freeze

  def test_sets_that_give_one_of_each
    PAIRS.each do |(left, right), (sets, left_over, right_over)|
      makes = ask("rotary/two_at_a_time", left, right)["makes"]

      assert_equal [sets, 2 * sets, left_over + right_over], makes.values_at("sets", "made", "surplus")
      assert_equal [{ "made" => sets, "surplus" => left_over }, { "made" => sets, "surplus" => right_over }], makes.values_at("left", "right")
    end
  end

  def test_patches_are_cut_for_either_hand_at_will
    makes = ask("rotary/patches", 8, 3)["makes"]

    assert_equal [11, 0, { "made" => 8, "surplus" => 0 }, { "made" => 3, "surplus" => 0 }], makes.values_at("made", "surplus", "left", "right")
  end

  def test_leftovers_are_named_by_hand
    assert_equal [{ "what" => "unit", "kind" => "three_triangle", "finished" => "3", "count" => 8, "hand" => "right" }],
                 ask("rotary/two_at_a_time", 8, 0)["leftovers"]
  end

  # Four sewn squares from two pairs for three sets: one is over, two patches of left and two of right.
  def test_a_sewn_square_too_many_is_left_over
    assert_equal([%w[left quarter_square], %w[right quarter_square]],
                 ask("rotary/two_at_a_time", 3, 3)["leftovers"].map { |left| left.values_at("fabric", "kind") })
    assert_equal([2, 2], ask("rotary/two_at_a_time", 3, 3)["leftovers"].map { |left| left["count"] })
  end

  # With the long seam level and half below it, left is on the left.
  def test_which_hand_is_which
    unit = Units::ThreeTriangle.new(finished: 2r, hands: { left: 1, right: 0 })
    along = unit.patches.to_h do |patch|
      x, y = patch.outline.corners.transpose.map { |list| list.sum / 3.0 }
      [patch.role, [x + y, y - x]] # along the seam from its left end, and above it
    end

    assert_operator along[:left].first, :<, along[:right].first
    assert_operator along[:half].last, :<, 0
    assert_operator along[:left].last, :>, 0
  end

  def test_sky_from_folded_strips_is_cut_in_pairs
    method = weigh("triangle_ruler/strips", { "unit" => { "kind" => "flying_geese", "finished" => %w[2 4], "count" => 10 },
                                              "tools" => DRAWER.take(1) + [{ "id" => "t", "name" => "T", "kind" => "strip_triangle_ruler", "sides" => [
                                                { "makes" => "half_square", "reads" => "finished", "marks" => %w[2] },
                                                { "makes" => "quarter_square", "reads" => "finished", "marks" => %w[4] }
                                              ] }] })

    assert_equal 1, method["fabric"]["sky"]["pieces_of_stock"]
    assert_equal 19, method["effort"]["cuts"] # 2 strips, 2 ends, 10 geese through the fold, 10 pairs of sky
  end
end
