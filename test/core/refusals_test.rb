# frozen_string_literal: true

require "support/core_case"

# Why a method cannot be used, and what is said of it.
class RefusalsTest < CoreCase
  def problem(id, document)
    method = weigh(id, document)

    refute method["feasible"]
    refute method.key?("cuts")
    method["problems"].first
  end

  def test_an_empty_drawer_offers_nothing_and_says_what_to_add
    answer = OakenGauge.weigh(half_square.merge("tools" => []))

    assert(answer["methods"].none? { |method| method["feasible"] })
    assert_equal %w[no_tool one_cell], answer["methods"].flat_map { |method| codes(method) }.uniq
    assert_match(/Add one/, answer["methods"].first["problems"].first["say"])
  end

  def test_a_size_between_two_marks_names_both
    method = weigh("triangle_ruler/strip_pair", half_square("2 3/8"))

    assert_equal %w[no_mark], codes(method)
    assert_equal([["2", "-3/8"], ["2 1/2", "1/8"]], method["settings"].map { |setting| setting.values_at("mark", "off_by") })
    assert_match "2 1/2 (1/8 larger)", method["problems"][0]["say"]
  end

  def test_a_strip_narrower_than_the_piece
    fabrics = { "dark" => { "form" => "strips", "width" => "2 1/2" } }
    refused = problem("rotary/two_at_a_time", half_square("2", 24, fabrics: fabrics))

    assert_equal "strip_too_narrow", refused["code"]
    assert_match "Needs a strip 2 7/8 wide from the dark; the 2 1/2 strips are too narrow", refused["say"]
  end

  # A 12 7/8 square's diagonal is 18.2: too long for 15, not for 24.
  def test_a_ruler_too_short_for_the_diagonal
    short = [{ "id" => "s", "name" => "Short rule", "kind" => "straight_ruler", "width" => "5", "length" => "15" }]
    refused = problem("rotary/patches", half_square("12", 2).merge("tools" => short))

    assert_equal "ruler_too_short", refused["code"]
    assert_match "18 1/4", refused["say"]
    assert weigh("rotary/patches", half_square("12", 2))["feasible"]
  end

  def test_a_die_wider_than_the_press
    narrow = DRAWER.map { |tool| tool["kind"] == "die_press" ? tool.merge("bed_width" => "5 3/4") : tool }
    refused = problem("die/patches", half_square.merge("tools" => narrow))

    assert_equal "die_too_wide", refused["code"]
    assert_match "Die is 6 wide; the bed of Press takes 5 3/4", refused["say"]
  end

  def test_a_die_without_a_press
    assert_equal "no_press", problem("die/patches", half_square.merge("tools" => DRAWER.reject { |t| t["kind"] == "die_press" }))["code"]
  end

  def test_tools_made_for_another_seam_allowance
    %w[triangle_ruler/strip_pair die/patches].each do |id|
      assert_equal "seam_mismatch", problem(id, half_square("2", 24, seam_allowance: "3/8"))["code"], id
    end
  end

  def test_a_ruler_made_for_the_seam_allowance_is_used
    made = DRAWER.map { |tool| tool["kind"] == "strip_triangle_ruler" ? tool.merge("made_for_seam" => "3/8") : tool }
    method = weigh("triangle_ruler/strip_pair", half_square("2", 24, seam_allowance: "3/8").merge("tools" => made))

    assert method["feasible"]
    assert_equal "2 3/4", method["cuts"][0]["size"][0]
  end

  # 60 squares of 2 7/8 are 5 strips, 14 3/8 of fabric; 12 gives 4.
  def test_stock_that_does_not_reach_says_how_much_is_missing
    fabrics = { "light" => { "form" => "yardage", "length" => "12" } }
    refused = problem("rotary/two_at_a_time", half_square("2", 120, fabrics: fabrics))

    assert_equal "short", refused["code"]
    assert_match "Needs 5 strips of 2 7/8 from the light; the stock gives 4. Find 1 more", refused["say"]
  end

  def test_a_strip_too_short_for_one_piece
    fabrics = { "light" => { "form" => "yardage", "usable_width" => "5" } }

    assert_equal "short", problem("rotary/eight_at_a_time", half_square("2", 8, fabrics: fabrics))["code"]
  end

  def test_blanks_that_the_strips_cannot_give
    fabrics = { "light" => { "form" => "strips", "width" => "5" } }

    assert_equal "strip_too_narrow", problem("die/patches", half_square("2", 8, fabrics: fabrics))["code"]
  end

  def test_what_cannot_be_used_comes_last
    feasible = OakenGauge.weigh(half_square("2 3/8"))["methods"].map { |method| method["feasible"] }

    assert_equal feasible.sort_by { |yes| yes ? 0 : 1 }, feasible
  end
end
