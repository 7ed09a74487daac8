# frozen_string_literal: true

require "support/core_case"
require "support/catalogue"

# A goose between its two skies on one strip of one fabric.
class NestTest < CoreCase
  SKY = Patches::HalfSquare.new(2r).strip_outline(1/4r)
  GOOSE = Patches::QuarterSquare.new(4r).strip_outline(1/4r)
  ROW = Nest.new([SKY, GOOSE.half_turn, SKY.mirror])

  def ask(count, fabric = { "form" => "yardage" })
    geese(count, "fabrics" => { "goose" => fabric, "sky" => { "same_as" => "goose" } })
  end

  def geese(count, **more)
    unit = { "kind" => "flying_geese", "finished" => %w[2 4], "count" => count }
    OakenGauge.weigh({ "unit" => unit, "tools" => Catalogue::TOOLS, **more }, view: true)["methods"].find { |one| one["technique"] == "strips" }
  end

  # Each takes the mean of its two edges: the sky (2.8536 + 0.3536) / 2, the goose (5.2071 + 0.2071) / 2.
  def test_each_takes_the_mean_of_its_edges
    row = (2 * 1.60355339) + 2.70710678

    [1, 2, 7].each { |count| assert_in_delta count * row, ROW.length_of(count), 1e-6 }
    assert_equal([0, 1, 6, 7], [5.9, 5.92, 41.39, 41.4].map { |length| ROW.fit(length) })
  end

  def test_patches_touch_and_do_not_overlap
    outlines = ROW.outlines(3)

    outlines.combination(2) { |one, other| assert_operator one.shared_area(other), :<, 1e-9 }
    assert_in_delta outlines.sum(&:area), 2.5 * ROW.length_of(3)
  end

  # The upright side on the left of the slant makes one hand, on the right of it the other.
  def test_a_row_holds_one_left_sky_and_one_right
    left, _, right = ROW.outlines(1)
    upright = ->(outline, at) { outline.points.count { |point| (point.real - outline.bounds[at]).abs < 1e-9 } }

    assert_equal([2, 1], [0, 1].map { |at| upright.call(left, at) })
    assert_equal([1, 2], [0, 1].map { |at| upright.call(right, at) })
  end

  # On 40 stand six rows; of one strip 2 1/2 × (40 - 5.914 n) goes back while it is long enough.
  NET = { 1 => 14.7855, 2 => 29.5711, 6 => 88.7132, 7 => 103.4987, 24 => 4 * 88.7132 }.freeze

  def test_what_it_uses
    NET.each { |count, net| assert_in_delta net, ask(count)["waste"]["net"], 1e-3, count }
    assert_equal 1, ask(6)["fabric"]["goose"]["pieces_of_stock"]
  end

  # Folded, each cut gives two: six rows take nine cuts, and five, which is odd, fifteen single ones.
  def test_folded_where_that_saves_cuts
    assert_equal([9, 15], [6, 5].map { |count| ask(count)["steps"].find { |step| step["step"] == "cut_triangle" }["count"] })
    operations = ask(6)["steps"].map { |step| step["step"] }

    assert_equal %w[lay_folded cut_triangle], operations[operations.index("lay_folded"), 2]
  end

  def test_a_print_that_may_not_be_turned_does_not_nest
    assert_equal 2, ask(6, { "form" => "yardage", "directional" => true })["cuts"].size
  end

  # From the same fabric it never takes more than from two apart, and its parts add up.
  def test_from_one_fabric_never_more_than_from_two
    [1, 3, 5, 8, 13, 20, 33, 60].each do |count|
      waste = ask(count)["waste"]

      assert_operator waste["net"], :<=, geese(count)["waste"]["net"] + CLOSE
      assert_in_delta waste["consumed"], waste.values_at("in_units", "surplus", "offcut", "lost").sum
      assert_operator waste["lost"], :>=, 0
    end
  end
end
