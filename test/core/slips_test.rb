# frozen_string_literal: true

require "support/core_case"
require "support/catalogue"

# One error by itself, and where it shows; what tools change of it.
class SlipsTest < CoreCase
  NONE = Makers::Parameters.all.values.select { |value| value.group == :error }.to_h { |value| [value.name.to_s, 0] }.freeze

  def ask(kind, finished, id, count: 8, tools: Catalogue::TOOLS, **more)
    weigh(id, { "unit" => { "kind" => kind, "finished" => finished, "count" => count }, "tools" => tools, **more.transform_keys(&:to_s) })
  end

  def alone(kind, finished, id, **errors)
    ask(kind, finished, id, tools: DRAWER.first(1), maker: { "errors" => NONE.merge(errors.transform_keys(&:to_s)) })["accuracy"]["size_sd"]
  end

  # A goose square cut 0.02 too wide makes its geese wider, and so does each of two skies: 0.02 and 0.02. Half of a square takes its width on one side
  # and another square's on the other, and turns a little when its square is out of square: nearly 0.02/√2; a quarter of a
  # large square, half of that.
  def test_a_line_read_a_little_off
    assert_in_delta 0.02 * Math.sqrt(2), alone("flying_geese", %w[2 4], "rotary/four_at_a_time_small_sky", ruler_between: 0.02), 2e-4
    assert_in_delta 0.02 / Math.sqrt(2), alone("half_square", "2", "rotary/two_at_a_time", ruler_between: 0.02), 1e-3
    assert_in_delta 0.01 / Math.sqrt(2), alone("half_square", "2", "rotary/eight_at_a_time", ruler_between: 0.02), 6e-3
  end

  # 2 1/2 is on the half-inch line, 2 7/8 between.
  def test_halves_are_plain_to_see
    assert_in_delta 0, alone("square", "2", "rotary/patches", ruler_between: 0.02, misread: 0.5)
    assert_operator alone("square", "2 3/8", "rotary/patches", ruler_between: 0.02), :>, 0.015
  end

  def way(kind, finished, count, tools)
    task = OakenGauge.read_weighing({ "unit" => { "kind" => kind, "finished" => finished, "count" => count }, "tools" => [*DRAWER.first(1), *tools] })
    Methods.making(task.unit).find { |one| one.id == "foundation/panel" }.new(task)
  end

  # A goose takes two cells: one fold of its own, whichever sheet it is cut from.
  def test_every_piece_of_a_sheet_is_folded_by_itself
    sheet = { "id" => "s", "name" => "S", "kind" => "foundation_grid", "cell" => "2", "columns" => 20, "rows" => 20 }
    folds = ->(count) { way("flying_geese", %w[2 4], count, [sheet]).steps.select { |step| step.operation.name == :fold_and_sew }.map(&:count) }

    assert_equal [[1], [30], [200]], [folds.call(1), folds.call(30), folds.call(200)]
  end

  # Eight at a time over 7.6 needs a square of 17: quartered first, a ruler of 24 does, only the line is longer.
  def test_a_square_is_quartered_before_its_diagonals_are_cut
    large = ask("half_square", "8", "rotary/eight_at_a_time")

    assert large["feasible"]
    assert_includes(large["warnings"].map { |one| one["code"] }, "long_line")
    assert_match(%r{\AThe drawn line is 25 1/8 long}, large["warnings"].find { |one| one["code"] == "long_line" }["say"])
    refute_includes(ask("half_square", "4", "rotary/eight_at_a_time")["warnings"].map { |one| one["code"] }, "long_line")
  end

  def test_a_print_that_may_not_be_turned
    said = lambda do |directional|
      unit = { "kind" => "half_square", "finished" => "2", "count" => 8 }
      fabric = { "form" => "yardage", "directional" => directional }
      method = OakenGauge.weigh({ "unit" => unit, "tools" => Catalogue::TOOLS, "fabrics" => { "light" => fabric, "dark" => fabric } }, view: true)["methods"]
                         .find { |one| one["method"] == "triangle_ruler/patches" }
      [method["steps"].map { |step| step["say"] }.join(" "), method["warnings"].map { |one| one["code"] }]
    end

    assert_match(/rotating the ruler 180°/, said.call(false).first)
    assert_includes said.call(false).last, "turned_over"
    refute_match(/rotat/, said.call(true).first)
    refute_includes said.call(true).last, "turned_over"
  end

  # A die is no mark where no press takes it.
  def test_sizes_ask_what_weighing_asks
    die = { "id" => "d", "name" => "D", "kind" => "die", "board" => %w[6 10], "blank" => %w[5 9], "shapes" => [{ "patch" => "half_square", "finished" => "2", "count" => 4 }] }
    press = { "id" => "p", "name" => "P", "kind" => "die_press", "bed_width" => "6" }
    marks = lambda do |*tools|
      ladder = OakenGauge.sizes({ "units" => [{ "kind" => "half_square", "share" => "1/3" }], "block" => { "from" => "6", "to" => "6", "step" => "1" }, "tools" => tools })
      ladder["ladder"].first["units"].first["marks"]
    end

    assert_equal([[], ["d"], []], [marks.call(die), marks.call(die, press), marks.call(die, press.merge("bed_width" => "5"))].map { |list| list.map { |mark| mark["tool"] } })
  end

  # A ruler with a sharp tip leaves the patches sharp: they are laid less surely.
  def test_a_sharp_ruler_leaves_sharp_tips
    ruler = ->(blunt) { { "id" => "t", "name" => "T", "kind" => "strip_triangle_ruler", "sides" => [{ "makes" => "half_square", "reads" => "finished", "marks" => %w[2], "blunt_tip" => blunt }] } }
    spread = [true, false].map { |blunt| ask("half_square", "2", "triangle_ruler/patches", tools: [*DRAWER.first(1), ruler.call(blunt)])["accuracy"]["point_sd"] }

    assert_operator spread.first, :<, spread.last
  end

  # Corners of 2.3431 finished are cut from 3 1/4 squares, or a half larger: then the setting says so, and they are trimmed.
  def test_large_corners_are_one_thing
    ring = ->(large) { weigh("triangle_ruler/patches", { "unit" => { "kind" => "wedge_ring", "finished" => "8", "count" => 4, "large_corners" => large }, "tools" => Catalogue::TOOLS }) }
    exact, large = [false, true].map { |yes| ring.call(yes) }

    assert_equal(["3 1/4", "3 3/4"], [exact, large].map { |method| method["cuts"].find { |cut| cut["fabric"] == "corners" }["size"].first })
    assert_includes(exact["settings"].map { |setting| setting["mark"] }, "3 1/4")
    assert_includes(large["settings"].map { |setting| setting["mark"] }, "3 3/4")
    refute_includes(large["settings"].map { |setting| setting["mark"] }, "3 1/4")
    assert_includes large["steps"].last(2).map { |step| step["step"] }, "trim_square"
    assert_operator large["accuracy"]["good"], :>, exact["accuracy"]["good"]
  end

  def test_a_powered_press_is_switched_off
    tools = Catalogue::TOOLS.map { |tool| tool["kind"] == "die_press" ? tool.merge("powered" => false) : tool }
    said = ->(drawer) { ask("half_square", "2", "die/patches", tools: drawer)["settings"].map { |one| one["say"] }.join }

    assert_match(/Press is powered: switch it off to clear it/, said.call(Catalogue::TOOLS))
    refute_match(/switch it off/, said.call(tools))
  end
end
