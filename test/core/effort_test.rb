# frozen_string_literal: true

require "support/core_case"
require "support/making"
require "support/catalogue"

# Minutes for a whole demand: batches, slots, pairs.
class EffortTest < CoreCase
  include Making

  def minutes(id, count, tools: [STRAIGHT], **maker)
    weigh(id, { "unit" => { **HALF_SQUARE, "count" => count }, "tools" => tools, "maker" => maker.transform_keys(&:to_s) })["effort"]["minutes"]
  end

  # Two at a time: to the mat, the pencil, the machine, the mat again, the iron, the mat for dog ears, however many units.
  def test_setting_up_comes_once_for_a_batch
    [2, 24, 240].each { |count| assert_in_delta 6 * 30 / 60.0, minutes("rotary/two_at_a_time", count) - minutes("rotary/two_at_a_time", count, set_up: 0), 0.011 }
    assert_operator minutes("rotary/two_at_a_time", 48), :<, 2 * minutes("rotary/two_at_a_time", 24)
  end

  # Strips of 2 1/2 under a ruler with slots every 1/2 that reaches 12: four from one laying down.
  def test_a_slotted_ruler_saves_what_it_saves
    slots = [STRAIGHT, { "id" => "slots", "name" => "Slots", "kind" => "slotted_ruler", "slot_step" => "1/2", "reach" => "12", "length" => "20" }]
    square = { "kind" => "square", "finished" => "2", "count" => 16 * 8 }
    plain, slotted = [[STRAIGHT], slots].map { |tools| weigh("rotary/patches", { "unit" => square, "tools" => tools })["effort"] }
    # Eight strips of 16 squares, and 128 squares through four layers: 40 cuts of 10 s. With slots: two layings and eight
    # cuts for the strips, and 8 layings and 32 cuts for the squares, all at the mat.
    saved = (40 * 10) - ((10 * 10) + (40 * 3))

    assert_in_delta saved / 60.0, plain["minutes"] - slotted["minutes"], 0.011
    assert_equal plain["cuts"], slotted["cuts"]
    # Every cut, and the ends of eight strips; or two layings for the strips and 8 for the squares, and the ends.
    assert_equal([40 + 8, 10 + 8], [plain, slotted].map { |effort| effort["placements"] })
  end

  # 2 7/8 falls on no two slots at once: there is nothing to save.
  def test_widths_off_the_slots_are_cut_one_by_one
    slots = [STRAIGHT, { "id" => "slots", "name" => "Slots", "kind" => "slotted_ruler", "slot_step" => "1/2", "reach" => "12", "length" => "20" }]

    assert_in_delta minutes("rotary/two_at_a_time", 24), minutes("rotary/two_at_a_time", 24, tools: slots), 0.001
  end

  # Both cut through two layers: as many cuts.
  def test_a_strip_pair_takes_as_many_cuts_as_patches_from_folded_strips
    patches, pair = %w[patches strip_pair].map do |technique|
      OakenGauge.weigh({ "unit" => { **HALF_SQUARE, "count" => 40 }, "tools" => DRAWER }, view: true)["methods"].find { |method| method["method"] == "triangle_ruler/#{technique}" }
    end
    triangles = [patches, pair].map { |method| method["steps"].select { |step| step["step"] == "cut_triangle" }.sum { |step| step["count"] } }

    assert_equal [40, 40], triangles
  end

  # Inches of seam for eight units, in diagonals of the squares that are sewn.
  SEWN = {
    "rotary/two_at_a_time" => [{}, 4 * 2 * 2.875],
    "rotary/eight_at_a_time" => [{}, 1 * 4 * 5.75],
    # Four sides of two squares of √2 × 2 1/2 + 1/2, up to 4 1/8.
    "rotary/four_at_a_time" => [{}, 2 * 4 * 4.125 / Math.sqrt(2)],
    "triangle_ruler/strip_pair" => [{}, 8 * 2.5],
    "rotary/hourglass_two_at_a_time" => [{ "kind" => "hourglass", "finished" => "4" }, 2 * 4 * 2 * 5.25],
    "rotary/four_at_a_time_small_sky" => [{ "kind" => "flying_geese", "finished" => %w[2 4] }, 2 * ((2 * 5.25) + (4 * 2.875))],
    "rotary/four_at_a_time_large_sky" => [{ "kind" => "flying_geese", "finished" => %w[2 4] }, 2 * 2 * (5.5 + 7)],
    "rotary/stitch_and_flip" => [{ "kind" => "flying_geese", "finished" => %w[2 4] }, 8 * 2 * 2.5],
    "rotary/cut_corner_stitch_and_flip" => [{ "kind" => "cut_corner", "finished" => "4", "corner" => "1 1/2", "corners" => 3 }, 8 * 3 * 2],
    # Four lefts and four rights: two pairs of squares make four half-square units, laid on four squares for the halves.
    "rotary/three_triangle_two_at_a_time" =>
      [{ "kind" => "three_triangle", "finished" => "4", "count" => { "left" => 4, "right" => 4 } }, (2 * 2 * 5.25) + (4 * 2 * 4.875)]
  }.freeze

  def test_inches_sewn_by_hand
    SEWN.each do |id, (unit, diagonals)|
      sides = unit.key?("kind") ? { "count" => 8, **unit } : { **HALF_SQUARE, "count" => 8 }
      minutes = [0, 60].map { |inch| sewing_minutes(id, sides, inch) }

      assert_in_delta diagonals * Math.sqrt(2), minutes.last - minutes.first, 0.02, id
    end
  end

  # A second seam in each of two corners: twice the inches.
  def test_bonus_units_are_sewn_too
    geese = { "kind" => "flying_geese", "finished" => %w[2 4], "count" => 8 }
    sewn = [false, true].map do |bonus|
      [0, 60].map { |inch| sewing_minutes("rotary/stitch_and_flip", geese, inch, "bonus" => bonus) }.reverse.inject(:-)
    end

    assert_in_delta 2 * 8 * 2 * 2.5 * Math.sqrt(2), sewn.last, 0.02
    assert_in_delta sewn.last, 2 * sewn.first, 0.02
  end

  def sewing_minutes(id, unit, inch, **choices)
    found = OakenGauge.weigh({ "unit" => unit, "tools" => DRAWER, "maker" => { "sew_inch" => inch, **choices } })["methods"]
    technique = id.sub(%r{\Arotary/(hourglass|cut_corner|three_triangle)_}, "rotary/")
    found.find { |method| method["method"] == technique }["effort"]["minutes"]
  end

  def test_two_sides_are_trimmed_in_half_the_time
    four, two = [4, 2].map { |sides| minutes("rotary/two_at_a_time_oversize", 24, trim_sides: sides) }

    assert_in_delta 24 * 2 * 4 / 60.0, four - two, 0.011
    laid = [4, 2].map { |sides| weigh("rotary/two_at_a_time_oversize", { "unit" => { **HALF_SQUARE, "count" => 24 }, "tools" => [STRAIGHT], "maker" => { "trim_sides" => sides } })["effort"]["placements"] }

    assert_equal 24, laid[0] - laid[1]
  end

  def test_times_may_be_measured
    answer = weigh("rotary/two_at_a_time", { "unit" => { **HALF_SQUARE, "count" => 24 }, "tools" => [STRAIGHT], "maker" => { "press" => { "value" => 18, "count" => 30 } } })

    assert_in_delta minutes("rotary/two_at_a_time", 24) + 4, answer["effort"]["minutes"], 0.011
    assert_equal "assumed", answer["effort"]["basis"]
    all = %w[align_and_cut mark_line sew_inch sew_start press snip set_up].to_h { |time| [time, 1] }

    assert_equal "measured", weigh("rotary/two_at_a_time", { "unit" => { **HALF_SQUARE, "count" => 24 }, "tools" => [STRAIGHT], "maker" => all })["effort"]["basis"]
  end

  # Setting up, and every other time, is a sum over the steps shown.
  def test_minutes_are_those_of_the_steps
    Catalogue.units.each do |unit|
      OakenGauge.weigh({ "unit" => unit, "tools" => Catalogue::TOOLS }, view: true)["methods"].select { |method| method["feasible"] }.each do |method|
        assert_in_delta method["effort"]["minutes"], method["steps"].sum { |step| step["minutes"] }, 0.006 * method["steps"].size, method["method"]
      end
    end
  end
end
