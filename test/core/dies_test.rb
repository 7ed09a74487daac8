# frozen_string_literal: true

require "support/core_case"
require "support/allocating"

using Allocating

# Boards, blanks, layers and passes.
class DiesTest < CoreCase
  PRESS = { "id" => "press", "name" => "Press", "kind" => "die_press", "bed_width" => "10" }.freeze

  def die(*shapes, **more)
    { "id" => "d", "name" => "Board", "kind" => "die", "board" => %w[8 12], "blank" => %w[8 10], "shapes" => shapes, **more.transform_keys(&:to_s) }
  end

  def triangles(count, finished = "2")
    { "patch" => "half_square", "finished" => finished, "count" => count }
  end

  def ask(count, *dies, fabrics: {})
    weigh("die/patches", { "unit" => { "kind" => "half_square", "finished" => "2", "count" => count }, "tools" => [*dies, PRESS], "fabrics" => fabrics })
  end

  def fabric(kind)
    { "form" => "yardage", "cloth" => kind }
  end

  # Count and triangles a layer => layers of each fabric, patches over.
  LAYERS = { [8, 8] => [1, 0], [9, 8] => [2, 7], [24, 8] => [3, 0], [1, 5] => [1, 4], [100, 7] => [15, 5] }.freeze

  def test_layers_are_cut_whole
    LAYERS.each do |(count, each), (layers, over)|
      method = ask(count, die(triangles(each)))

      assert_equal([layers, layers], method["cuts"].map { |cut| cut["count"] })
      assert_equal layers * 80.0, method["fabric"]["light"]["consumed"]
      assert_equal([over, over].reject(&:zero?), method["leftovers"].map { |left| left["count"] })
    end
  end

  # 3 + 3 layers: six cottons go at once; with four batiks the limit is four; with two flannels, two.
  PASSES = { %w[cotton cotton] => 1, %w[cotton batik] => 2, %w[cotton flannel] => 3, %w[flannel flannel] => 3 }.freeze

  def test_passes_by_fabric
    PASSES.each do |(light, dark), passes|
      assert_equal passes, ask(24, die(triangles(8)), fabrics: { "light" => fabric(light), "dark" => fabric(dark) })["effort"]["passes"], [light, dark].inspect
    end
    assert_equal 6, ask(24, die(triangles(8), max_layers: { "cotton" => 1 }))["effort"]["passes"]
  end

  def test_the_die_that_takes_least_fabric_for_each_patch
    small = die(triangles(4)).merge("id" => "small", "blank" => %w[4 6]) # 6 square inches each
    large = die(triangles(16)).merge("id" => "large") # 5 each

    assert_equal "large", ask(16, small, large)["settings"][0]["tool"]
    wide = large.merge("board" => %w[11 12])

    assert_equal "small", ask(16, small, wide)["settings"][0]["tool"] # the other does not go through the press
  end

  # Blanks of 4 × 6 from strips 8 wide: with their length across, along the grain, ten lie on one; the other way round twelve.
  def test_blanks_lie_along_the_grain_where_as_many_can
    taken = lambda do |count|
      blank = Layout::Blank.new(role: :light, size: [4r, 6r], count: count, then_do: :die_cut, drawing: -> { [] }, die: :board)
      Fabrics::Strips.new(width: 8r, count: 1).allocate(blank)
    end

    assert_equal [false, true], [taken.call(10), taken.call(12)].map(&:off_grain)
    assert_empty [taken.call(10), taken.call(12)].filter_map(&:short)
  end

  # A square of 10 gives three blanks of 4 × 6, two beside one another and one along them. Three of light and three of dark from
  # one pile take two squares, and are counted as blanks.
  def test_blanks_of_two_roles_share_a_pile
    ask_of = lambda do |count|
      pile = { "light" => { "form" => "squares", "side" => "10", "count" => count }, "dark" => { "same_as" => "light" } }
      ask(12, die(triangles(4)).merge("blank" => %w[4 6]), fabrics: pile)
    end

    assert_empty ask_of.call(2)["problems"]
    assert_equal({ "light" => 3, "dark" => 3 }, ask_of.call(2)["fabric"].transform_values { |parts| parts["pieces_of_stock"] })
    assert_equal %w[short], codes(ask_of.call(1)).uniq
  end

  # 3 layers of light give 12 triangles, and 6 squares that nobody asked for.
  def test_shapes_that_come_along_are_left_over
    board = die(triangles(4), { "patch" => "square", "finished" => "2", "count" => 2 })
    leftovers = ask(12, board)["leftovers"]

    assert_equal([["square", "2", "light", 6], ["square", "2", "dark", 6]], leftovers.map { |left| left.values_at("kind", "finished", "fabric", "count") })
    assert_in_delta 6 * 6.25, ask(12, board)["fabric"]["light"]["surplus"], CLOSE
  end

  # Blanks of 8 × 10 from strips: the length lies along the lengthwise grain, which is a strip's width.
  def test_the_stock_must_give_the_blanks
    strips = ->(width, count) { { "light" => { "form" => "strips", "width" => width, "count" => count, "usable_length" => "40" } } }

    assert ask(8, die(triangles(8)), fabrics: strips.call("10", 1))["feasible"]
    assert_equal %w[strip_too_narrow], codes(ask(8, die(triangles(8)), fabrics: strips.call("7", 9)))
    assert ask(40, die(triangles(8)), fabrics: strips.call("10", 1))["feasible"] # five blanks of 8 along 40
    assert_equal %w[short], codes(ask(48, die(triangles(8)), fabrics: strips.call("10", 1)))
    assert_equal %w[precut_too_small], codes(ask(8, die(triangles(8)), fabrics: { "light" => { "form" => "squares", "side" => "7" } }))
    assert ask(8, die(triangles(8)), fabrics: { "light" => { "form" => "squares", "side" => "10" } })["feasible"]
    print = { "light" => { "form" => "strips", "width" => "8", "directional" => true } }

    assert_equal %w[strip_too_narrow], codes(ask(8, die(triangles(8)), fabrics: print))
  end

  # Strips of 8 hold the blank's width only: it lies off grain, and that is said. Strips of 10 hold its length.
  def test_blanks_off_grain_are_told
    said = lambda do |width|
      answer = OakenGauge.weigh({ "unit" => { "kind" => "half_square", "finished" => "2", "count" => 8 }, "tools" => [die(triangles(8)), PRESS],
                                  "fabrics" => { "light" => { "form" => "strips", "width" => width } } }, view: true)
      answer["methods"].find { |method| method["family"] == "die" }["steps"].map { |step| step["say"] }
    end

    assert(said.call("8").any? { |words| words.start_with?("Cut 1 blank for the die (light): this fabric only gives it off grain") })
    assert(said.call("8").any? { |words| words.start_with?("Cut 1 blank for the die, lengthwise grain along the feed") }) # the dark
    assert(said.call("10").none? { |words| words.include?("off grain") })
  end

  def test_outlines_in_a_board
    outline = [%w[0 0], %w[4 0], %w[3 2], %w[1 2]]
    method = weigh("die/patches", { "unit" => { "kind" => "shape", "outline" => outline.rotate(1), "count" => 5 },
                                    "tools" => [die({ "outline" => outline, "count" => 2 }), PRESS] })

    assert method["feasible"]
    assert_equal 3, method["cuts"][0]["count"]
    assert_equal([["patch", "shape", 1]], method["leftovers"].map { |left| left.values_at("what", "kind", "count") })
  end

  def test_a_unit_of_two_shapes_needs_both
    geese = { "kind" => "flying_geese", "finished" => %w[2 4], "count" => 6 }
    one = weigh("die/patches", { "unit" => geese, "tools" => [die(triangles(8)), PRESS] })
    both = weigh("die/patches", { "unit" => geese, "tools" => [die(triangles(8), { "patch" => "quarter_square", "finished" => "4", "count" => 2 }), PRESS] })

    assert_equal %w[no_tool], codes(one)
    assert_equal([3, 2], both["cuts"].map { |cut| cut["count"] }) # 6 geese in threes of two, 12 skies in twos of eight
  end

  BOARD = { "id" => "board", "name" => "Board", "kind" => "die", "board" => %w[10 24], "blank" => %w[10 20],
            "shapes" => [{ "patch" => "half_square", "finished" => "4", "count" => 4 }, { "patch" => "rectangle", "finished" => %w[2 4], "count" => 4 },
                         { "patch" => "square", "finished" => "4", "count" => 1 }] }.freeze

  def placed(kind, at, **fabrics)
    { "kind" => kind, "at" => at, "fabrics" => fabrics.transform_keys(&:to_s) }
  end

  # One layer of either fabric: four half-squares, four bars and a square of each.
  def whole_block
    halves = Array.new(4) { |i| placed("half_square", [i, 0], light: "sand", dark: "sea") }
    bars = Array.new(8) { |i| placed("rectangle", [i % 4, 1 + (i / 4)], patch: i < 4 ? "sand" : "sea") }
    { "name" => "Whole", "columns" => %w[4] * 4, "rows" => %w[4 2 2 4],
      "pieces" => [*halves, *bars, placed("square", [0, 3], patch: "sand"), placed("square", [1, 3], patch: "sea")] }
  end

  def from_board(**more)
    unit = { "kind" => "half_square", "finished" => "4", "count" => 48 }
    weigh("die/patches", { "unit" => unit, "tools" => [BOARD, DRAWER.last.merge("bed_width" => "12")], **more.transform_keys(&:to_s) })
  end

  # 12 layers of each fabric give 96 bars and 24 squares besides: over, unless the block needs them.
  def test_a_die_of_a_whole_block
    over = ->(method) { method["leftovers"].group_by { |left| left["kind"] }.transform_values { |same| same.sum { |left| left["count"] } } }
    alone = from_board
    together = from_board(for_block: { "block" => whole_block, "count" => 12 })

    assert_equal [{ "rectangle" => 96, "square" => 24 }, {}], [alone, together].map(&over)
    assert_equal([4, 4], [alone, together].map { |method| method["effort"]["passes"] })
    assert_equal 1, [alone, together].map { |method| method["waste"]["consumed"] }.uniq.size
    [alone, together].each { |method| assert_in_delta method["waste"]["consumed"], method["waste"].values_at("in_units", "surplus", "offcut", "lost").sum }
  end

  # The block has twice as many bars as a layer gives: as many layers more, and half of the half-squares over.
  def test_passes_are_counted_for_the_shape_that_needs_most
    block = whole_block.then { |one| one.merge("pieces" => one["pieces"] + one["pieces"].select { |piece| piece["kind"] == "rectangle" }) }
    method = from_board(for_block: { "block" => block, "count" => 12 })

    assert_equal 8, method["effort"]["passes"]
    assert_equal([48, 48], method["leftovers"].select { |left| left["kind"] == "half_square" }.map { |left| left["count"] })
  end

  def test_a_block_of_other_units_leaves_all_over
    other = { "name" => "Other", "columns" => ["3"], "rows" => ["3"], "pieces" => [placed("square", [0, 0], patch: "sand")] }

    assert_equal from_board["leftovers"], from_board(for_block: { "block" => other, "count" => 5 })["leftovers"]
  end
end
