# frozen_string_literal: true

require "support/catalogue"
require "support/core_case"

class ToolsTest < CoreCase
  def read(document)
    OakenGauge.read_tool(document)
  end

  def drawer(*documents)
    documents.map { |document| read({ "id" => "t", "name" => "T" }.merge(document)) }
  end

  CHART = { "id" => "card", "name" => "Card", "kind" => "chart", "makes" => "flying_geese", "method" => "four_at_a_time_small_sky",
            "marks" => [{ "mark" => "3", "finished" => %w[3 6], "squares" => { "goose" => "7 1/4", "sky" => "3 7/8" } }] }.freeze

  def test_every_kind_is_tried_and_reads_back_as_it_was_written
    tools = [*Catalogue::TOOLS, CHART]

    assert_empty Tools.kinds.keys - tools.map { |tool| tool["kind"] }
    tools.each do |document|
      tool = read(document)

      assert_equal tool, read(tool.to_document)
      assert_equal tool.to_document, read(tool.to_document).to_document
      assert_equal tool, read(tool.to_document(:cm)), "written in centimetres"
      assert_empty (tool.to_document.keys - document.keys) - %w[reads tip_degrees]
    end
  end

  BAD = {
    { "kind" => "slotted_ruler", "slot_step" => "1/2", "reach" => "1/4", "length" => "20" } => "/reach",
    { "kind" => "geese_trimmer", "marks" => [] } => "/marks",
    { "kind" => "geese_trimmer", "marks" => [{ "mark" => "D", "finished" => ["2"], "goose_square" => "5", "sky_square" => "7" }] } => "/marks/0/finished",
    { "kind" => "geese_trimmer", "marks" => [{ "mark" => "D", "finished" => %w[2 4], "goose_square" => "5", "sky_square" => "7" }] * 2 } => "/marks",
    { "kind" => "seam_lock_trimmer", "makes" => "quilt", "finished" => "2" } => "/makes",
    { "kind" => "unit_trimmer", "makes" => %w[hourglass quilt], "marks" => %w[2] } => "/makes/1",
    { "kind" => "unit_trimmer", "makes" => %w[hourglass], "reads" => "finished", "marks" => %w[2] } => "/reads",
    { "kind" => "wedge_ruler", "marks" => [{ "strip" => "3" }, { "strip" => "2" }] } => "/marks",
    { "kind" => "wedge_ruler", "tip_degrees" => 60, "marks" => [{ "strip" => "3" }] } => "/tip_degrees",
    { "kind" => "template" } => "/makes",
    { "kind" => "template", "makes" => "square" } => "/finished",
    { "kind" => "template", "outline" => [%w[0 0], %w[1 0], %w[0 1]], "includes_seam" => true, "made_for_seam" => "1" } => "/outline",
    { "kind" => "template", "outline" => [%w[0 0], %w[1 1], %w[1 0], %w[0 1]] } => "/outline",
    { "kind" => "corner_trimmer", "round" => "third" } => "/round",
    { "kind" => "foundation_grid", "cell" => "1", "columns" => 0, "rows" => 4 } => "/columns",
    { "kind" => "marking_aid", "aids" => ["glue"] } => "/aids/0",
    { "kind" => "straight_ruler", "width" => "6", "length" => "24", "colour" => "red" } => "/colour"
  }.freeze

  def test_bad_tools
    BAD.each do |document, pointer|
      error = assert_raises(Documents::Invalid, document.inspect) { read({ "id" => "t", "name" => "T" }.merge(document)) }

      assert_includes error.faults.map(&:pointer), pointer, document.inspect
    end
  end

  def test_slot_sequences
    slots = drawer({ "kind" => "slotted_ruler", "slot_step" => "1/2", "reach" => "12", "length" => "20" }).first
    placements = ->(width, count) { slots.sequence(Length.parse(width).inches, count) }

    assert_equal [[0r, [5/2r, 5r, 15/2r, 10r]]], placements.call("2 1/2", 4).map(&:to_a)
    assert_equal [[1/4r, [1r, 7/2r]], [0r, [5/2r, 5r]]], placements.call("1 1/4", 4).map(&:to_a)
    assert_equal [3/8r, 1/4r, 1/8r, 0r], placements.call("2 7/8", 4).map(&:shift)
    assert_equal 2, placements.call("2 1/2", 8).size # four at once, laid down twice
    assert_empty placements.call("13", 1)
  end

  def test_every_slot_of_a_sequence_cuts_a_whole_number_of_widths
    slots = drawer({ "kind" => "slotted_ruler", "slot_step" => "1/2", "reach" => "12", "length" => "20" }).first
    ["1", "1 1/2", "1 3/8", "2 7/8", "3 1/4", "5", "1 5/16"].each do |width|
      inches = Length.parse(width).inches
      cuts = slots.sequence(inches, 17).flat_map { |placement| placement.slots.map { |slot| placement.shift + slot } }

      assert_equal (1..17).map { |cut| cut * inches }, cuts.sort, width
      (0..17).each { |count| assert_equal slots.sequence(inches, count).size, slots.placements(inches, count), [width, count].inspect }
      assert(slots.sequence(inches, 17).flat_map(&:slots).all? { |slot| (slot % slots.slot_step).zero? })
    end
  end

  def test_the_heavy_line_is_chosen
    lines = ->(at) { { "id" => "r#{at}", "name" => "R #{at}", "kind" => "straight_ruler", "width" => "6", "length" => "24", "main_lines_at" => at } }
    cut = weigh("rotary/two_at_a_time", half_square("2", 2).merge("tools" => [lines.call("0"), lines.call("7/8")]))

    assert_equal "r7/8", cut["settings"][0]["tool"]
    assert_match(/2 7.8 on R 7.8, a main line\./, cut["settings"][0]["say"])
  end

  # Cut 2 7/8, 3, 3 1/4 and 2 15/16 for finished 2, 2 1/8, 2 3/8 and 2 1/16 (2.9161 on sixteenths).
  def test_a_line_is_called_by_where_it_stands
    said = { ["2", "1/8"] => "an eighth line: read it twice", ["2 1/8", "1/8"] => "an inch line", ["2 3/8", "1/8"] => "a quarter-inch line: read it twice",
             ["2 1/16", "1/16"] => "a sixteenth line: read it twice" }
    said.each do |(finished, grid), line|
      ruler = { "id" => "r", "name" => "R", "kind" => "straight_ruler", "width" => "6", "length" => "24", "grid" => grid }
      cut = weigh("rotary/two_at_a_time", half_square(finished, 2).merge("tools" => [ruler], "grid" => grid))

      assert_includes cut["settings"].first["say"], line, finished
    end
  end

  def test_a_square_wider_than_the_ruler_gets_an_added_line
    setting = weigh("rotary/two_at_a_time", half_square("8", 2))["settings"][0]

    assert_equal "8 7/8", setting["mark"]
    assert_match("lay the ruler's whole width of 6 1/2, butt a second ruler to it, and add 2 3/8", setting["say"])
  end

  def test_a_slotted_ruler_says_how_many_placements
    settings = weigh("rotary/patches", { "unit" => { "kind" => "square", "finished" => "2 3/8", "count" => 20 }, "tools" => Catalogue::TOOLS })["settings"]

    assert_match(/4 from 4 placements of Slots/, settings.find { |setting| setting["tool"] == "slots" }["say"])
  end

  # A wedge 3 high is cut 3 + 0.25 + 0.25/sin 22.5° = 3.9033 with a sharp tip.
  def test_wedge_rulers_by_their_tips
    ask = lambda do |strip, blunt|
      ruler = { "id" => "w", "name" => "W", "kind" => "wedge_ruler", "marks" => [{ "strip" => strip }], "tip_blunt" => blunt }.compact
      weigh("triangle_ruler/patches", { "unit" => { "kind" => "wedge_ring", "finished" => "6", "count" => 1 }, "tools" => [DRAWER[0], ruler] })
    end

    assert ask.call("3 1/2", nil)["feasible"]
    assert ask.call("4", "0")["feasible"]
    assert ask.call("3 5/8", "3/8")["feasible"]
    refute ask.call("4", nil)["feasible"]
    assert_match(%r{a strip of 3 1/2; the lines are 4}, ask.call("4", nil)["problems"][0]["say"])
  end

  # A kite of a block of 4: 4/2 + (1 + 1/(√2 sin 22.5°))/4 = 2.7119; the wedge is 4/√2 cos 22.5° = 2.6131 high, strip 3 1/8.
  def test_kites_from_the_square_under_the_strip
    ask = lambda do |kite|
      ruler = { "id" => "w", "name" => "W", "kind" => "wedge_ruler", "marks" => [{ "strip" => "3 1/8", "kite_square" => kite }] }
      weigh("triangle_ruler/patches", { "unit" => { "kind" => "web_half", "finished" => "4", "count" => 6 }, "tools" => [DRAWER[0], ruler] })
    end
    large = ask.call("3")

    assert_equal [{ "fabric" => "kite", "shape" => "square", "size" => %w[3 3], "exact" => [2.71194, 2.71194], "count" => 6, "then" => "cut_kite" }],
                 large["cuts"].drop(1)
    refute ask.call("2 1/2")["feasible"]
  end

  def test_a_geese_trimmer_names_both_squares
    method = weigh("rotary/four_at_a_time_large_sky",
                   { "unit" => { "kind" => "flying_geese", "finished" => %w[2 4], "count" => 4 },
                     "tools" => [DRAWER[0], { "id" => "g", "name" => "G", "kind" => "geese_trimmer",
                                              "marks" => [{ "mark" => "D", "finished" => %w[2 4], "goose_square" => "5 5/8", "sky_square" => "7 1/4" }] }] })

    assert_equal(["5 5/8", "7 1/4"], method["cuts"].map { |cut| cut["size"][0] })
    assert_equal %w[D letter], method["settings"].last.values_at("mark", "reads")
  end

  # A square of 5 5/8 needs a sky of 6 5/8 at least; a trimmer for the other school is left alone.
  def test_a_trimmer_for_the_large_goose_is_not_used_for_the_large_sky
    trimmer = { "id" => "g", "name" => "G", "kind" => "geese_trimmer",
                "marks" => [{ "mark" => "D", "finished" => %w[2 4], "goose_square" => "7", "sky_square" => "5 1/2" }] }
    method = weigh("rotary/four_at_a_time_large_sky",
                   { "unit" => { "kind" => "flying_geese", "finished" => %w[2 4], "count" => 4 }, "tools" => [DRAWER[0], trimmer] })

    assert_equal(["5 1/2", "7"], method["cuts"].map { |cut| cut["size"][0] })
  end

  # Cut 2 1/2: with 3/8 it finishes at 1 3/4. A triangle of the same die has no such luck.
  def test_squares_made_for_another_allowance_finish_at_another_size
    die = { "id" => "d", "name" => "D", "kind" => "die", "board" => %w[6 8], "blank" => %w[6 7],
            "shapes" => [{ "patch" => "square", "finished" => "2", "count" => 4 }, { "patch" => "half_square", "finished" => "2", "count" => 4 }] }
    ask = lambda do |kind, finished|
      weigh("die/patches", { "unit" => { "kind" => kind, "finished" => finished, "count" => 4 }, "tools" => [die, DRAWER[3]], "seam_allowance" => "3/8" })
    end

    assert_equal %w[2 0], ask.call("square", "1 3/4")["settings"][0].values_at("mark", "off_by")
    assert_equal %w[no_mark], codes(ask.call("square", "2"))
    assert_equal %w[seam_mismatch], codes(ask.call("half_square", "1 3/4"))
  end

  # Unfinished 2 3/4 is 2 with 3/8: the trimmer's number is right, a groove made for 1/4 is not.
  def test_trimmers_with_another_allowance
    settings = weigh("rotary/two_at_a_time_oversize",
                     half_square("2", 4, seam_allowance: "3/8").merge("tools" => DRAWER.take(1) + [
                       { "id" => "line", "name" => "L", "kind" => "unit_trimmer", "makes" => %w[half_square], "marks" => ["2 1/2", "2 3/4"] },
                       { "id" => "groove", "name" => "G", "kind" => "seam_lock_trimmer", "makes" => "half_square", "finished" => "2" }
                     ]))["settings"]

    assert_equal [%w[line unfinished], ["2 3/4"]], [settings.last.values_at("tool", "reads"), [settings.last["mark"]]]
  end

  def test_templates_are_matched_by_shape_wherever_they_were_drawn
    moved = [%w[9 5], %w[9 9], %w[7 8], %w[7 6]] # the boat, standing on its stern
    made = lambda do |outline|
      weigh("template/patches", { "unit" => { "kind" => "shape", "outline" => Catalogue::BOAT, "count" => 2 },
                                  "tools" => [{ "id" => "t", "name" => "T", "kind" => "template", "outline" => outline }] })["feasible"]
    end

    assert made.call(moved)
    refute made.call([%w[0 0], %w[4 0], %w[3 2], ["1 1/8", "2"]])
  end

  # Drawn with its allowance, a square of 2 1/2 is a template for a finished 2.
  def test_a_template_that_includes_its_seam
    template = drawer({ "kind" => "template", "outline" => [%w[0 0], ["2 1/2", "0"], ["2 1/2", "2 1/2"], ["0", "2 1/2"]], "includes_seam" => true }).first

    assert_equal Patches::Square.new(2r), template.shape
  end

  def test_panels
    ask = lambda do |finished, *sheets|
      weigh("foundation/panel", { "unit" => { "kind" => "hourglass", "finished" => finished, "count" => 30 }, "tools" => [DRAWER[0], *sheets] })
    end
    sheet = ->(cell, columns, **more) { { "id" => "s#{cell}", "name" => "S", "kind" => "foundation_grid", "cell" => cell, "columns" => columns, "rows" => 4, **more.transform_keys(&:to_s) } }

    assert_equal "2", ask.call("4", sheet.call("1", 8), sheet.call("2", 8))["settings"][0]["mark"] # the largest cell
    assert_match(/8 to a sheet, 4 sheets/, ask.call("4", sheet.call("2", 8))["settings"][0]["say"])
    assert_equal %w[no_cell], codes(ask.call("3 1/2", sheet.call("1", 8)))
    assert_equal %w[panel_too_small], codes(ask.call("8", sheet.call("1", 6), sheet.call("3", 2)))
    assert_equal %w[seam_mismatch], codes(ask.call("4", sheet.call("2", 8, made_for_seam: "3/8")))
    assert_equal %w[no_tool], codes(ask.call("4"))
  end

  # The square under the strip is believed, and squared up; she may cut exact, or large, all the same.
  def test_the_corners_of_a_ring_as_the_ruler_prints_them
    corners = lambda do |square: "3", unit: {}, **maker|
      line = { "strip" => "3 1/2", "kite_square" => "3 1/4", "corner_square" => square }.compact
      ruler = { "id" => "w", "name" => "W", "kind" => "wedge_ruler", "tip_degrees" => 45, "marks" => [line] }
      method = weigh("triangle_ruler/patches", { "unit" => { "kind" => "wedge_ring", "finished" => "6", "count" => 4, **unit }, "tools" => [DRAWER[0], ruler],
                                                 "maker" => maker.transform_keys(&:to_s) })
      [method["cuts"].find { |cut| cut["fabric"] == "corners" }["size"].first, method["steps"].any? { |step| step["step"] == "trim_square" }]
    end

    assert_equal ["3", true], corners.call
    assert_equal ["3", true], corners.call(corners: "ruler")
    assert_equal ["2 5/8", false], corners.call(square: nil)
    assert_equal ["2 5/8", false], corners.call(corners: "exact")
    assert_equal ["3 1/8", true], corners.call(corners: "large")
    assert_equal ["3 1/8", true], corners.call(corners: "exact", unit: { "large_corners" => true })
    # One that is too small to be true is not believed.
    assert_equal ["2 5/8", false], corners.call(square: "2 1/2")
  end
end
