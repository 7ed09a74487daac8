# frozen_string_literal: true

require "support/core_case"

# What is promised of the shelf, and what is missing in the drawer.
class ShelfTest < CoreCase
  BOLT = { "form" => "yardage", "length" => "9" }.freeze
  STRIPS = { "form" => "strips", "width" => "2 1/2", "count" => 3 }.freeze
  UNIT = { "kind" => "half_square", "finished" => "2", "count" => 24 }.freeze

  def take(project, method, light, dark, fabrics, unit = UNIT)
    { "project" => project, "unit" => "Tips", "method" => method, "fabrics" => fabrics,
      "question" => { "unit" => unit, "fabrics" => { "light" => light, "dark" => dark }, "tools" => OakenGauge.usual_tools } }
  end

  # A strip of 2 1/2 off the bolt and one of three strips; then two strips of 2 7/8 for both fabrics from one bolt: 5 3/4.
  def test_what_projects_take_is_added_up_by_fabric
    promised = OakenGauge.promised([take("One", "triangle_ruler/strip_pair", BOLT, STRIPS, { "light" => "1", "dark" => "2" }),
                                    take("Two", "rotary/two_at_a_time", BOLT, { "same_as" => "light" }, { "light" => "1", "dark" => "1" })])

    assert_equal ["8 1/4", "3/4", false], promised["1"].values_at("promised", "left", "twice")
    assert_equal ["1 strip", "2 strips"], promised["2"].values_at("promised", "left")
    assert_equal([["One", "2 1/2"], ["Two", "5 3/4"]], promised["1"]["by"].map { |share| share.values_at("project", "takes") })
  end

  # All of it taken is not too much: 2 1/2 and 5 3/4 off a bolt of 8 1/4, and an eighth less is.
  def test_what_is_taken_to_the_end_is_not_promised_twice
    told = ["8 1/4", "8 1/8"].map do |length|
      bolt = BOLT.merge("length" => length)
      OakenGauge.promised([take("One", "triangle_ruler/strip_pair", bolt, STRIPS, { "light" => "1", "dark" => "2" }),
                           take("Two", "rotary/two_at_a_time", bolt, { "same_as" => "light" }, { "light" => "1", "dark" => "1" })])["1"]
    end

    assert_equal([false, true], told.map { |one| one["twice"] })
    assert_equal "0", told.first["left"]
  end

  # For a drawing: inches off the bolt; strips as the length off a bolt 40 wide that they would come to, 2 1/2 each.
  def test_what_projects_take_is_drawn_as_lengths
    takes = [take("One", "triangle_ruler/strip_pair", BOLT, STRIPS, { "light" => "1", "dark" => "2" })] * 4
    bolt, roll = OakenGauge.promised(takes.map.with_index { |one, i| one.merge("id" => i) }).values_at("1", "2").map { |one| one["lengths"] }

    assert_equal [[2.5] * 4, 1.0], bolt.values_at("taken", "over")
    assert_equal [[2.5] * 4, 2.5], roll.values_at("taken", "over")
    assert_equal({ "length" => 9.0, "pieces" => nil, "say" => "9 long, 40 wide" }, OakenGauge.fabric_on_shelf(BOLT))
    assert_equal({ "length" => 7.5, "pieces" => 3, "say" => "3 strips of 2 1/2" }, OakenGauge.fabric_on_shelf(STRIPS))
    # 2 × 10 × 10 / 40, and (9 × 12 + 8 × 6) / 40.
    assert_equal [5.0, "2 precut squares of 10"], OakenGauge.fabric_on_shelf({ "form" => "squares", "side" => "10", "count" => 2 }).values_at("length", "say")
    assert_equal [3.9, "2 scraps"], OakenGauge.fabric_on_shelf({ "form" => "scraps", "pieces" => [%w[9 12], %w[8 6]] }).values_at("length", "say")
    assert_equal [nil, "42 wide, as much as it takes, flannel"],
                 OakenGauge.fabric_on_shelf({ "form" => "yardage", "usable_width" => "42", "cloth" => "flannel" }).values_at("length", "say")
  end

  # Six blanks of 4 × 6 for each fabric, three from a square of 10: four squares, not twelve.
  def test_blanks_are_promised_as_what_they_come_from
    tools = [{ "id" => "d", "name" => "Board", "kind" => "die", "board" => %w[8 12], "blank" => %w[4 6],
               "shapes" => [{ "patch" => "half_square", "finished" => "2", "count" => 4 }] },
             { "id" => "press", "name" => "Press", "kind" => "die_press", "bed_width" => "10" }]
    pile = { "form" => "squares", "side" => "10", "count" => 5 }
    one = take("One", "die/patches", pile, { "same_as" => "light" }, { "light" => "1", "dark" => "1" })
    promised = OakenGauge.promised([one.merge("question" => one["question"].merge("tools" => tools))])["1"]

    assert_equal ["4 precut squares", "1 precut square", false], promised.values_at("promised", "left", "twice")
  end

  def test_fabric_promised_twice_is_said
    more = take("Three", "rotary/two_at_a_time", BOLT, { "same_as" => "light" }, { "light" => "1", "dark" => "1" })
    promised = OakenGauge.promised([more, more.merge("project" => "Four")])["1"]

    assert_equal [true, "0"], promised.values_at("twice", "left")
    assert_equal "Promised twice: Three and Four together take 2 1/2 more than there is.", promised["say"]
  end

  # 5 3/4 inches each on 9: 2 1/2 are missing, an eighth of a yard; alone, one of them would reach. A roll is bought by the strip.
  def test_what_is_missing_is_bought_as_shops_sell_it
    one = take("One", "rotary/two_at_a_time", BOLT, { "same_as" => "light" }, { "light" => "1", "dark" => "1" }).merge("id" => 7)
    bought = ->(takes) { OakenGauge.promised(takes)["1"]["by"].map { |share| share.values_at("id", "needed", "buy") } }

    assert_equal [[7, "5 3/4 in", nil]], bought.call([one])
    assert_equal [[7, "5 3/4 in", "1/8 yd"], [8, "5 3/4 in", "1/8 yd"]], bought.call([one, one.merge("id" => 8)])
    # No more than it takes itself, however much the others take: five others take 28 3/4.
    assert_equal "1/4 yd", bought.call([one, *(1..6).map { |id| one.merge("id" => id) }]).first.last
    roll = take("One", "triangle_ruler/strip_pair", { "form" => "strips", "width" => "2 1/2", "count" => 1 }, STRIPS, { "light" => "1", "dark" => "2" })

    assert_nil OakenGauge.promised([roll])["1"]["by"].first["buy"]
    assert_equal "1 strip", OakenGauge.promised([roll, roll.merge("id" => 9)])["1"]["by"].first["buy"]
  end

  # A metre is a metre, and what is taken of it is told in millimetres, never in the centimetres that eighths of an inch come to.
  def test_metric_fabric_is_told_in_millimetres
    metre = { "form" => "yardage", "length" => "100cm", "usable_width" => "105cm" }
    unit = { "kind" => "half_square", "finished" => "6cm", "count" => 16 }
    one = OakenGauge.promised([take("One", "rotary/two_at_a_time", metre, { "same_as" => "light" }, { "light" => "1", "dark" => "1" }, unit)])["1"]

    assert_equal "100cm", one["holds"]
    assert_match(/\A\d+(\.\d)?cm\z/, one["promised"])
    assert_in_delta 100, one.values_at("promised", "left").sum(&:to_f), 0.11
  end

  def test_projects_of_one_name_are_told_apart
    one = take("Same", "rotary/two_at_a_time", BOLT, { "same_as" => "light" }, { "light" => "1", "dark" => "1" })

    assert_equal([1, 2], OakenGauge.promised([one.merge("id" => 1), one.merge("id" => 2)])["1"]["by"].map { |share| share["id"] })
  end

  def test_a_bolt_of_unknown_length_has_nothing_left_over_to_tell
    promised = OakenGauge.promised([take("One", "rotary/two_at_a_time", { "form" => "yardage" }, STRIPS.merge("count" => 1, "width" => "3"),
                                         { "light" => "1", "dark" => "2" })])

    assert_nil promised["1"]["left"]
    assert_match(/was not entered/, promised["1"]["say"])
  end

  # What cannot be read any more, or be made with these tools, takes nothing.
  def test_what_cannot_be_made_takes_nothing
    broken = take("One", "rotary/two_at_a_time", BOLT, STRIPS, { "light" => "1" }, UNIT.merge("finished" => "a"))
    unmade = take("One", "die/patches", BOLT, STRIPS, { "light" => "1" }, UNIT.merge("finished" => "5"))

    assert_empty OakenGauge.promised([broken, unmade])
  end

  def missing(units, tools)
    OakenGauge.missing_tools(units.map { |name, unit| { "name" => name, "question" => { "unit" => unit, "tools" => tools } } })
  end

  def test_units_without_a_line_and_tools_without_use_are_told
    usual = OakenGauge.usual_tools
    answer = missing({ "Tips" => UNIT, "Odd" => UNIT.merge("finished" => "2 3/8") }, usual.reject { |tool| tool["kind"] == "marking_aid" })

    assert_equal ["Odd"], answer["unreached"]
    assert_equal %w[geese-trimmer wedge-ruler die-square-2].sort, answer["idle"].map { |tool| tool["tool"] }.sort
  end

  # The long side of the side triangle of blocks of 12: 16.97, as 16 31/32 on no ruler, cut from a square of 18 1/4.
  def test_setting_triangles_miss_no_tool
    triangle = { "kind" => "triangle", "grain" => "long_side", "finished" => "16 31/32", "count" => 6 }

    assert_equal ["Odd"], missing({ "Sides" => triangle, "Odd" => UNIT.merge("finished" => "2 3/8") }, OakenGauge.usual_tools.first(1))["unreached"]
  end

  # 12 squares cut 9 1/2 are three strips, 28 1/2; binding round 27 by 36, 138 long, four strips of 2 1/2, 10; a unit that the quilt does
  # not count takes a strip of 2 7/8 for both its fabrics, a unit that it counts nothing more.
  def test_a_quilt_takes_all_that_is_cut_for_it
    bolt = { "form" => "yardage", "length" => "60" }
    block = { "name" => "Plain", "columns" => ["9"], "rows" => ["9"],
              "pieces" => [{ "kind" => "square", "at" => [0, 0], "fabrics" => { "patch" => "1" } }] }
    quilt = { "blocks" => [{ "block" => block, "count" => 12 }], "setting" => { "layout" => "straight", "across" => 3, "down" => 4 },
              "binding" => { "fabric" => "1" }, "stock" => { "1" => [bolt] } }
    counted = { "project" => "One", "unit" => "Squares", "method" => "rotary/patches", "fabrics" => { "patch" => "1" },
                "question" => { "unit" => { "kind" => "square", "finished" => "9", "count" => 12 }, "fabrics" => { "patch" => bolt } } }
    beside = take("One", "rotary/two_at_a_time", bolt, { "same_as" => "light" }, { "light" => "1", "dark" => "1" })
    promised = OakenGauge.promised([counted, beside], [{ "project" => "One", "question" => quilt }])["1"]

    assert_equal ["44 1/4", "15 3/4"], promised.values_at("promised", "left")
    assert_equal([["Tips", "the quilt"]], promised["by"].map { |share| share["units"] })
    assert_equal "67", OakenGauge.promised([counted.merge("project" => "Two")], [{ "project" => "One", "question" => quilt }])["1"]["promised"]
  end

  # What is said to be saved is what weighing says without and with the tool.
  def test_one_tool_more_saves_what_weighing_says_it_saves
    ruler = OakenGauge.usual_tools.first(1)
    unit = { "kind" => "square_in_square", "finished" => "4", "count" => 24 }
    gain = missing({ "Tips" => unit }, ruler)["gains"].find { |one| one["tool"]["id"] == "finished-triangle" }
    without, with = [ruler, [*ruler, gain["tool"]]].map do |tools|
      OakenGauge.weigh({ "unit" => unit, "tools" => tools })["methods"].first
    end

    assert_equal ["Tips"], gain["units"]
    assert_in_delta without["effort"]["minutes"] - with["effort"]["minutes"], gain["minutes"], 0.06
    assert_in_delta without["waste"]["net"] - with["waste"]["net"], gain["fabric"], 0.06
    assert_match(/\ABest for Tips: /, gain["say"])
  end

  def test_nothing_is_said_of_a_drawer_without_units
    assert_equal({ "unreached" => [], "idle" => [], "gains" => [] }, OakenGauge.missing_tools([]))
  end
end
