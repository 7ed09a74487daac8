# frozen_string_literal: true

require "support/core_case"
require "support/catalogue"
require "support/making"

# The school that sews a narrow seam inside the unit and trims.
class NarrowTest < CoreCase
  include Making

  def slack(id, unit = HALF_SQUARE, **maker)
    way(id, unit, maker: maker.transform_keys(&:to_s)).then { |one| one.accuracy.budget.slack.map(&:off) }
  end

  # Cut exact at 2.8536 for 2, a sixteenth less of seam leaves √2/16 more: 0.044 at either side.
  def test_what_a_narrow_seam_leaves_to_trim
    rounding = (2.875 - 2 - ((2 + Math.sqrt(2)) / 4)) / 2

    slack("rotary/two_at_a_time_narrow").each { |side| assert_in_delta (Math.sqrt(2) / 16 / 2) + rounding, side, 1e-6 }
    slack("rotary/two_at_a_time_narrow", narrow_seam: "1/8").each { |side| assert_in_delta (Math.sqrt(2) / 8 / 2) + rounding, side, 1e-6 }
  end

  def ask(kind, finished, **maker)
    OakenGauge.weigh({ "unit" => { "kind" => kind, "finished" => finished, "count" => kind == "three_triangle" ? { "left" => 4, "right" => 4 } : 8 },
                       "tools" => Catalogue::TOOLS, "maker" => maker.transform_keys(&:to_s) })["methods"].to_h { |method| [method["technique"], method] }
  end

  # As much fabric as two at a time, and as true as cut large.
  def test_it_costs_no_fabric_and_is_as_true
    { "half_square" => "2", "hourglass" => "4", "three_triangle" => "4" }.each do |kind, finished|
      exact, narrow = ask(kind, finished).values_at("two_at_a_time", "two_at_a_time_narrow")

      assert_in_delta exact["waste"]["net"], narrow["waste"]["net"], 1e-6, kind
      assert_operator narrow["accuracy"]["good"], :>, exact["accuracy"]["good"], kind
      assert_operator narrow["effort"]["minutes"], :>, exact["effort"]["minutes"], kind
      assert(narrow["steps"].any? { |step| step["step"].start_with?("sew") && step["say"].include?("3/16") }, kind)
      assert_match(/\Atrim/, narrow["steps"][-2]["step"])
    end
  end

  def test_a_seam_that_is_not_narrow
    assert_equal %w[seam_not_narrow], codes(ask("half_square", "2", narrow_seam: "1/4")["two_at_a_time_narrow"])
  end

  def test_units_made_at_random_agree
    assert_predicate way("rotary/two_at_a_time_narrow", HALF_SQUARE).sample(count: 20_000, seed: 2), :agrees?
  end

  # Her own school comes first, whichever of the three it is.
  def test_the_schools
    { "exact" => "two_at_a_time", "oversize" => "two_at_a_time_oversize", "narrow" => "two_at_a_time_narrow" }.each do |school, technique|
      twos = ask("half_square", "2", school: school).values.select { |method| method["technique"].start_with?("two_at_a_time") }

      assert_equal technique, twos.min_by { |method| method["rank"] }["technique"]
    end
  end
end
