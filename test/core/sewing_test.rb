# frozen_string_literal: true

require "support/catalogue"
require "support/core_case"

# Who lies on top, from which end, which way it is pressed and why, and what is measured after each round.
class SewingTest < CoreCase
  def said(unit, technique = "rotary/patches", maker: {}, tools: Catalogue::TOOLS)
    method = weigh(technique, { "unit" => unit, "tools" => tools, "maker" => maker })
    method["steps"].reject { |step| step["round"].zero? }.group_by { |step| step["round"] }.transform_values { |list| list.map { |step| step["say"] } }
  end

  # The long side of a sky meets the goose's tip, where both together are 135° wide, and its foot, where they are 90°.
  def test_geese
    first, second = said({ "kind" => "flying_geese", "finished" => %w[2 4], "count" => 6 }).values_at(1, 2)

    assert_match(/chain piece 6 seams, from the blunt end, starting on a scrap; don't pull\./, first.first)
    assert_match(/press 6 to the sky, all alike/, first[1])
    assert_match(/6 seams, the pieced side on top so that you see the point, from the blunt end/, second.first)
    assert_match(/press 6 to the sky, where fewer seams lie/, second[1])
    assert_match(%r{it should be 2 1/2 × 4 1/2 now}, second.last)
  end

  # Both pairs of an hourglass are pressed to the dark: turned against one another, that is opposite ways.
  def test_an_hourglass_nests
    first, second = said({ "kind" => "hourglass", "finished" => "4", "count" => 6 }).values_at(1, 2)

    assert_match(/to the dark side, to nest in the next seam/, first[1])
    assert_match(/6 seams, the seams nested/, second.first)
    open = said({ "kind" => "hourglass", "finished" => "4", "count" => 6 }, maker: { "pressing" => "open" })

    assert_match(/press 12 open, so that they lie flat/, open[1][1])
    assert_match(/6 seams, pinned where the seams meet/, open[2].first)
  end

  # Two 45° tips are equally sharp; from a strip one of them is off.
  def test_the_blunt_end_is_where_there_is_one
    unit = { "kind" => "half_square", "finished" => "2", "count" => 6 }

    assert_match(/chain piece 6 seams, starting on a scrap/, said(unit)[1].first)
    assert_match(/chain piece 6 seams, from the blunt end, starting on a scrap/, said(unit, "triangle_ruler/patches")[1].first)
  end

  # √2 seams less than the square: 5 1/4 - 0.3536, and with a narrow seam of 3/16 5 1/4 - 0.2652.
  def test_the_first_half_of_an_hourglass_is_measured
    unit = { "kind" => "hourglass", "finished" => "4", "count" => 6 }

    assert_match(%r{it should be a little over 4 7/8 square now}, said(unit, "rotary/two_at_a_time")[1].last)
    assert_match(/it should be a little under 5 square now/, said(unit, "rotary/two_at_a_time_narrow")[1].last)
    assert_match(%r{it should be 4 1/2 square now}, said(unit, "rotary/two_at_a_time_narrow")[2].last)
  end

  # Half of a web block is a triangle: there is nothing to lay a ruler across.
  def test_what_has_no_sides_is_not_measured_across
    steps = OakenGauge.weigh({ "unit" => { "kind" => "web_half", "finished" => "4", "count" => 6 }, "tools" => Catalogue::TOOLS })["methods"]
                      .select { |method| method["feasible"] }.flat_map { |method| method["steps"].map { |step| step["step"] } }

    assert_includes steps, "sew_seam"
    refute_includes steps, "measure_round"
  end
end
