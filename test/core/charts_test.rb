# frozen_string_literal: true

require "support/core_case"

# Charts and slips of instructions serve the method that they name.
class ChartsTest < CoreCase
  RULER = DRAWER.first

  def chart(makes, method, *marks)
    { "kind" => "chart", "id" => "slip", "name" => "Slip", "makes" => makes, "method" => method, "marks" => marks.map { |mark| mark.transform_keys(&:to_s) } }
  end

  def geese(chart, high = "2")
    OakenGauge.weigh({ "unit" => { "kind" => "flying_geese", "finished" => [high, (high.to_r * 2).to_i.to_s], "count" => 8 }, "tools" => [RULER, chart] })["methods"]
  end

  def named(methods, id)
    methods.find { |method| method["method"] == id }
  end

  def sizes(method)
    method["cuts"].to_h { |cut| [cut["fabric"], cut["size"].first] }
  end

  # The geometry asks 5 1/4 and 2 7/8; the slip says 5 1/2 and 3, and that is what is cut.
  def test_squares_of_a_chart_are_cut_in_place_of_the_ruler_numbers
    small = named(geese(chart("flying_geese", "four_at_a_time_small_sky", { mark: "D", finished: %w[2 4], squares: { "goose" => "5 1/2", "sky" => "3" } })),
                  "rotary/four_at_a_time_small_sky")

    assert_equal({ "goose" => "5 1/2", "sky" => "3" }, sizes(small))
    setting = small["settings"].find { |one| one["tool"] == "slip" }

    assert_equal %w[D letter], setting.values_at("mark", "reads")
    assert_equal "Line D of Slip: goose square 5 1/2, sky square 3.", setting["say"]
  end

  def test_a_chart_serves_only_the_method_and_the_size_that_it_names
    slip = chart("flying_geese", "Four at a time, small sky squares", { mark: "D", finished: %w[2 4], squares: { "goose" => "5 1/2", "sky" => "3" } })

    assert_equal({ "goose" => "5 1/4", "sky" => "2 7/8" }, sizes(named(geese(slip.merge("method" => "stitch_and_flip")), "rotary/four_at_a_time_small_sky")))
    assert_equal({ "goose" => "7 1/4", "sky" => "3 7/8" }, sizes(named(geese(slip, "3"), "rotary/four_at_a_time_small_sky")))
    assert_equal({ "goose" => "5 1/4", "sky" => "2 7/8" }, sizes(named(geese(slip.merge("made_for_seam" => "3/8")), "rotary/four_at_a_time_small_sky")))
  end

  # Too small for the seam: the geometry is followed, and it says so.
  def test_a_number_that_is_too_small_is_not_cut
    method = named(geese(chart("flying_geese", "four_at_a_time_small_sky", { mark: "D", finished: %w[2 4], squares: { "goose" => "5", "sky" => "3" } })),
                   "rotary/four_at_a_time_small_sky")

    assert_equal({ "goose" => "5 1/4", "sky" => "3" }, sizes(method))
    assert_equal(["Slip says too little for a seam allowance of 1/4: goose 5, at least 5 1/4 is needed."],
                 method["warnings"].select { |warning| warning["code"] == "chart_too_small" }.map { |warning| warning["say"] })
  end

  # A chart for the large sky: 5 1/4 and 6 1/2 do (6 1/4 at least); 5 1/4 and 6 do not, and the recipe is cut.
  def test_a_chart_of_the_large_sky_has_to_leave_room_for_a_pair
    large = ->(sky) { named(geese(chart("flying_geese", "four_at_a_time_large_sky", { mark: "A", finished: %w[2 4], squares: { "goose" => "5 1/4", "sky" => sky } })), "rotary/four_at_a_time_large_sky") }

    assert_equal({ "goose" => "5 1/4", "sky" => "6 1/2" }, sizes(large.call("6 1/2")))
    assert_equal "7", sizes(large.call("6"))["sky"]
  end

  # Squares that are larger than need be make the unit larger, by (3 − 2.8536)/√2 in its leg… as accuracy says.
  def test_what_a_chart_cuts_larger_is_in_the_accuracy
    unit = { "unit" => { "kind" => "half_square", "finished" => "2", "count" => 8 }, "tools" => [RULER] }
    slip = chart("half_square", "two_at_a_time", { mark: "2", finished: "2", squares: { "light" => "3", "dark" => "3" } })
    plain, charted = [unit, unit.merge("tools" => [RULER, slip])].map { |document| weigh("rotary/two_at_a_time", document)["accuracy"]["size_bias"] }

    assert_in_delta 0.125, charted - plain, 1e-3
  end

  def test_strips_of_a_chart_are_cut
    slip = chart("half_square", "patches", { mark: "2", finished: "2", strips: { "light" => "2 5/8" } })
    method = weigh("template/patches", { "unit" => { "kind" => "half_square", "finished" => "2", "count" => 8 },
                                         "tools" => [RULER, { "kind" => "template", "id" => "t", "name" => "T", "makes" => "half_square", "finished" => "2" }, slip] })

    assert_equal "2 5/8", method["fabric"]["light"]["strips"].first["width"]
    refute_equal "2 5/8", method["fabric"]["dark"]["strips"].first["width"]
  end
end
