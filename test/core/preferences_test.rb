# frozen_string_literal: true

require "support/core_case"
require "support/catalogue"

# Orders that a quilter nods at.
class PreferencesTest < CoreCase
  RULER = DRAWER.first(1)
  TRIANGLE = { "id" => "t", "name" => "T", "kind" => "strip_triangle_ruler",
               "sides" => [{ "makes" => "half_square", "reads" => "finished", "marks" => { "from" => "1/2", "to" => "6", "step" => "1/2" } }] }.freeze
  TENS = { "form" => "squares", "side" => "10", "count" => 60 }.freeze
  STRIPS = { "form" => "strips", "width" => "2 1/2", "usable_length" => "40", "count" => 40 }.freeze

  def order(kind, finished, count, fabric = { "form" => "yardage" }, tools: RULER)
    roles = Units.kinds.fetch(kind).roles.map(&:to_s)
    OakenGauge.weigh({ "unit" => { "kind" => kind, "finished" => finished, "count" => count }, "tools" => tools,
                       "fabrics" => roles.to_h { |role| [role, fabric] } })["methods"].select { |method| method["feasible"] }
  end

  def assert_before(first, second, methods)
    ids = methods.map { |method| method["method"] }

    assert_operator ids.index(first), :<, ids.index(second), ids.inspect
  end

  def test_eight_at_a_time_from_tens_before_four
    assert_before "rotary/eight_at_a_time", "rotary/four_at_a_time", order("half_square", "4", 40, TENS)
  end

  # From one strip a fabric a pair is two layers, and single patches are one. From more strips, two on one another, both take as
  # many cuts, and stand side by side.
  def test_the_strip_pair_where_there_are_strips
    tools = [*RULER, TRIANGLE]

    assert_equal "triangle_ruler/strip_pair", order("half_square", "2", 10, STRIPS, tools: tools).first["method"]
    assert_equal %w[triangle_ruler/patches triangle_ruler/strip_pair], order("half_square", "2", 42, STRIPS, tools: tools).first(2).map { |m| m["method"] }.sort
  end

  def test_two_at_a_time_before_single_patches
    [2, 4, 6, 9].each { |count| assert_before "rotary/two_at_a_time", "rotary/patches", order("half_square", "2", count) }
  end

  def test_hourglasses_before_a_foundation_sheet
    assert_before "rotary/two_at_a_time", "foundation/panel", order("hourglass", "4", 9, tools: Catalogue::TOOLS)
  end

  def test_one_unit_is_no_reason_for_a_die_or_a_set_of_eight
    Catalogue.units(1).each do |unit|
      first = OakenGauge.weigh({ "unit" => unit, "tools" => Catalogue::TOOLS })["methods"].first
      others = OakenGauge.weigh({ "unit" => unit, "tools" => Catalogue::TOOLS })["methods"].count { |method| method["feasible"] }

      refute_includes %w[die/patches rotary/eight_at_a_time], first["method"], unit if others > 1
    end
  end

  # Of a bolt the rest is of use: it is opened for a set of eight. Of tens what is left is not.
  def test_opening_a_bolt_is_no_fault_and_opening_tens_is
    bolt = order("half_square", "3", 8)

    assert_equal "rotary/eight_at_a_time", bolt.first["method"]
    assert_operator bolt.first["waste"]["consumed"], :>=, 2 * bolt.map { |method| method["waste"]["consumed"] }.min
    tens = order("half_square", "3 1/2", 7, TENS)

    assert_operator tens.first["waste"]["consumed"], :<, 1.5 * tens.map { |method| method["waste"]["consumed"] }.min
  end

  # Nobody cuts four kinds of strip to save two geese.
  def test_a_mix_has_to_earn_its_keep
    geese = OakenGauge.weigh({ "unit" => { "kind" => "flying_geese", "finished" => %w[2 4], "count" => 22 } })["methods"].select { |m| m["feasible"] }

    refute_equal "rotary/mixed", geese.first["method"]
    [12, 13, 20, 22, 44].product(%w[half_square hourglass]) do |count, kind|
      refute_equal "rotary/mixed", order(kind, "3", count).first["method"], [kind, count]
    end
  end

  # A tool that changes no figures changes no order.
  def test_a_tool_of_no_use_changes_nothing
    more = [*Catalogue::TOOLS, { "id" => "twin", "name" => "Twin", "kind" => "seam_lock_trimmer", "makes" => "hourglass", "finished" => "11" }]
    plain, added = [Catalogue::TOOLS, more].map { |tools| order("half_square", "2", 24, tools: tools).map { |method| [method["method"], method["score"]] } }

    assert_equal plain, added
  end
end
