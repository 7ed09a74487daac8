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

  def test_the_strip_pair_where_there_are_strips
    [10, 42].each { |count| assert_equal "triangle_ruler/strip_pair", order("half_square", "2", count, STRIPS, tools: [*RULER, TRIANGLE]).first["method"] }
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

  def test_seven_are_no_reason_to_open_twice_the_fabric
    [{ "form" => "yardage" }, TENS].each do |fabric|
      methods = order("half_square", "3 1/2", 7, fabric)

      assert_operator methods.first["waste"]["consumed"], :<, 1.5 * methods.map { |method| method["waste"]["consumed"] }.min, fabric
    end
  end

  # A tool that changes no figures changes no order.
  def test_a_tool_of_no_use_changes_nothing
    more = [*Catalogue::TOOLS, { "id" => "twin", "name" => "Twin", "kind" => "seam_lock_trimmer", "makes" => "hourglass", "finished" => "11" }]
    plain, added = [Catalogue::TOOLS, more].map { |tools| order("half_square", "2", 24, tools: tools).map { |method| [method["method"], method["score"]] } }

    assert_equal plain, added
  end
end
