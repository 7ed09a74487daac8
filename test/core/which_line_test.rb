# frozen_string_literal: true

require "support/core_case"

# Which line of which tool: the numbers, how they are laid, and what helps where there is none.
class WhichLineTest < CoreCase
  WhichLine = OakenGauge::WhichLine

  def answer(kind, finished, tools = OakenGauge.usual_tools, **more)
    count = kind == "three_triangle" ? { "left" => 2, "right" => 2 } : 4
    OakenGauge.which_line({ "unit" => { "kind" => kind, "finished" => finished, "count" => count }, "tools" => tools, **more.transform_keys(&:to_s) })
  end

  def laying(answer, tool, title = nil)
    groups = answer["groups"].select { |group| title.nil? || group["title"] == title }
    groups.flat_map { |group| group["layings"] }.find { |one| one["tool"] == tool }
  end

  def lacking(answer, tool)
    answer["groups"].flat_map { |group| group["missing"] }.find { |one| one["tool"] == tool }&.fetch("say")
  end

  # HST 2: 2 7/8 on a ruler, 2 finished, 2 1/2 strip; trimmed to 2 1/2.
  def test_each_tool_says_its_own_number_for_one_size
    two = answer("half_square", "2")
    said = %w[long-ruler finished-triangle strip-triangle die-hst-2 seam-square sheet-2].to_h { |tool| [tool, laying(two, tool)["mark"]] }

    assert_equal({ "long-ruler" => "2 7/8", "finished-triangle" => "2", "strip-triangle" => "2 1/2", "die-hst-2" => "2", "seam-square" => "2 1/2",
                   "sheet-2" => "2" }, said)
    assert_equal [%w[2 2], ["2 1/2", "2 1/2"]], two.values_at("finished", "unfinished")
    assert_includes laying(two, "finished-triangle")["steps"].join, "rotate the ruler 180°, don't flip it"
  end

  # A goose of 2 × 4: the QST of 4 from a strip 2 1/2, the HST of 2 from a strip 2 1/2; squares 5 1/4 and 2 7/8; letter C.
  def test_a_goose_asks_for_each_of_its_patches
    goose = answer("flying_geese", %w[2 4])

    assert_equal ["4", "5 1/4"], [laying(goose, "finished-triangle", "Quarter-square triangle")["mark"], laying(goose, "long-ruler")["mark"]]
    assert_equal(["2", "2 7/8"], %w[finished-triangle long-ruler].map { |tool| laying(goose, tool, "Half-square triangle")["mark"] })
    assert_equal "C", laying(goose, "geese-trimmer")["mark"]
    assert_includes laying(goose, "geese-trimmer")["steps"].first, "goose square is cut 5 1/2, the sky square 7"
  end

  def test_where_there_is_no_line_the_nearest_are_told_and_what_to_do
    between = answer("half_square", "2 3/8")

    assert_equal "No line for 2 3/8 finished: the nearest are 2 and 2 1/2. Cut at 2 1/2 and trim the sewn unit to 2 7/8, or change the size.",
                 lacking(between, "finished-triangle")
    assert_match(/is no whole number of cells/, lacking(between, "sheet-2"))
    assert_match(/counts|made for a seam allowance of 1/, lacking(answer("half_square", "2", seam_allowance: "3/8"), "finished-triangle"))
  end

  # 9 7/8 is wider than 6 1/2 by 3 3/8, which the other ruler has.
  def test_two_rulers_are_joined_for_a_wider_cut
    rulers = [["a", "24"], ["b", "6 1/2"]].map { |id, long| { "kind" => "straight_ruler", "id" => id, "name" => id.upcase, "width" => "6 1/2", "length" => long } }

    assert_includes laying(answer("half_square", "9", rulers), "a")["steps"].first, "all of this one, 6 1/2, and the line 3 3/8 of B"
    assert_includes laying(answer("half_square", "9", rulers.first(1)), "a")["steps"].first, "lay it across the strip"
    assert_match(/longer than this ruler/, lacking(answer("half_square", "24", rulers.last(1)), "b"))
  end

  # 3 1/2 less two quarters is 3; 2 and 2 3/8 are no unfinished sizes that anybody types; 6.5 cm less 1.5 is 5.
  def test_a_size_that_smells_of_an_unfinished_one_is_asked_about
    assert_equal %w[3 3], answer("half_square", "3 1/2")["asks"]["finished"]
    assert_nil answer("half_square", "2")["asks"]
    assert_nil answer("half_square", "2 3/8")["asks"]
    assert_equal %w[5cm 5cm], answer("half_square", "6.5cm", seam_allowance: "0.75cm")["asks"]["finished"]
  end

  # CRAFT: strip 2 1/2 gives F = 4, corner square 2.0251, L = 3.0615, kite square 2.2427, 28 wedges in 40.
  def test_the_chart_of_wedges_is_as_it_was_worked_out
    rows = WhichLine::WedgeChart.new(1/4r).rows.to_h { |row| [row.strip, row] }

    { 5/2r => [4, 2.0251, 3.0615, 2.2427, 28], 7/2r => [6, 2.6109, 4.5922, 3.0080, 21], 9/2r => [8, 3.1967, 6.1229, 3.7734, 17] }.each do |strip, expected|
      expected.zip(rows[strip].to_h.values.drop(1)).each { |wanted, got| assert_in_delta wanted, got, 5e-5, strip }
    end

    assert_equal 5/2r, WhichLine::WedgeChart.new(1/4r).strip_for(4)
  end

  # With a tip blunted by 0.2 less than the flat one, the wedge from the same strip is 0.2 lower.
  def test_a_blunted_tip_moves_the_chart
    flat = (1 / Math.sin(Math::PI / 8) * 0.25) - 0.25
    ruler = OakenGauge.read_tool({ "kind" => "wedge_ruler", "id" => "w", "name" => "W", "tip_blunt" => format("%.4f", flat - 0.2), "marks" => [{ "strip" => "4" }] })

    assert_in_delta 2 * (3.5 - 0.2), WhichLine::WedgeChart.new(1/4r, ruler).rows.first.ring, 1e-3
  end

  SIZES = { "half_square" => "2", "flying_geese" => %w[2 4], "three_triangle" => "4", "wedge_ring" => "6", "rectangle" => %w[2 3] }.freeze

  # Of every patch of some units with every usual tool: the tool, and how it lies.
  def scenes
    groups = SIZES.flat_map { |kind, size| answer(kind, size)["groups"] }.reject { |group| group["title"] == "The whole unit" }
    groups.flat_map { |group| group["layings"] }.filter_map { |laying| laying.values_at("tool", "scene") if laying["scene"] }
  end

  def polygons(outlines)
    outlines.map { |corners| OakenGauge::Polygon.new(corners) }.select { |one| one.area.abs > 1e-6 }
  end

  # By polygons: what is cut lies on the fabric, and nothing overlaps.
  def test_what_is_cut_lies_on_the_fabric_and_apart
    assert_operator scenes.size, :>, 15
    scenes.each do |tool, scene|
      fabric, pieces = scene.values_at("fabric", "pieces").map { |list| polygons(list) }

      pieces.each { |piece| assert_in_delta piece.area, piece.shared_area(fabric.first), 2e-3, tool }
      pieces.combination(2) { |one, other| assert_in_delta 0, one.shared_area(other), 2e-3, tool }
    end
  end

  def test_the_line_of_a_triangle_ruler_lies_on_the_lower_edge_and_its_tip_on_the_upper
    scene = laying(answer("half_square", "2"), "strip-triangle")["scene"]
    body = scene["bodies"].first.map(&:last)

    assert_in_delta 2.5, body.max, 1e-3
    assert_equal [0.0], scene["lit"].flat_map { |line| [line["from"], line["to"]].map(&:last) }.uniq
  end

  # A half of a web of 6 takes the strip 4 1/2 and the square 3 7/8. The kite's sides run 22.5 degrees to either side of the
  # diagonal, so it is the square less two triangles of 3 7/8 by 3 7/8 times tan 22.5.
  def test_a_kite_is_cut_from_corner_to_corner_of_its_square
    scene = laying(answer("web_half", "6"), "wedge-ruler", "Kite")["scene"]
    square, kite, ruler = %w[fabric pieces bodies].map { |name| polygons(scene[name]).first }

    assert_in_delta (3.875**2) * (1 - Math.tan(Math::PI / 8)), kite.area, 2e-3
    assert_in_delta kite.area, kite.shared_area(square), 2e-3
    # Its tip is blunted by 0.25 / sin 22.5 - 0.25 = 0.4033; what is missing is a triangle as high, 45 degrees at the tip.
    assert_in_delta kite.area - ((0.4033**2) * Math.tan(Math::PI / 8)), kite.shared_area(ruler), 2e-3
    assert_equal([[[0.0, 0.0], [3.875, 3.875]]], scene["lit"].map { |line| line.values_at("from", "to") })
  end

  # Cells of 2 are printed 2 + 1/2 + 1/16. A goose of 2 by 4 takes two, one seam in each, which meet at its tip; one of 4 by 8
  # takes eight, and four seams.
  def test_a_unit_lies_on_the_first_cells_of_a_sheet_its_seams_on_the_ticks
    small, large = [%w[2 4], %w[4 8]].map { |size| laying(answer("flying_geese", size), "sheet-2")["scene"] }

    assert_equal([2, 2, 8, 4], [small, large].flat_map { |scene| scene.values_at("fabric", "lit").map(&:size) })
    assert_equal [[0.0, 0.0], [2.5625, 2.5625], [2.5625, 2.5625], [5.125, 0.0]], small["lit"].flat_map { |line| line.values_at("from", "to") }.sort
  end

  # 20 × 20 cells of a quarter are drawn; of 40 × 40 a picture would be all lines.
  def test_what_is_too_fine_to_be_seen_is_not_drawn
    sheet = [{ "kind" => "foundation_grid", "id" => "fine", "name" => "Fine", "cell" => "1/4", "columns" => 200, "rows" => 200 }]
    small, large = %w[5 10].map { |side| laying(answer("half_square", side, sheet), "fine") }

    assert_equal [400, nil], [small["scene"]["fabric"].size, large["scene"]]
    assert_includes large["steps"].first, "40 × 40 cells"
  end

  # Nine cells do not go beside one another on eight columns; they go above one another on ten rows.
  def test_what_is_too_wide_for_a_sheet_lies_the_other_way_round
    scene = laying(answer("rectangle", %w[2 18]), "sheet-2")["scene"]

    assert_equal [2.5625, 9 * 2.5625], scene["fabric"].flatten(1).transpose.map(&:max)
    assert_equal [3 * 2.5625, 10 * 2.5625], scene["bodies"].first.transpose.map(&:max)
    goose = laying(answer("flying_geese", %w[10 20]), "sheet-2")["scene"]["lit"].flat_map { |line| line.values_at("from", "to") }

    assert_equal([[0, 5], [0, 10]], goose.transpose.map { |places| places.minmax.map { |place| (place / 2.5625).round } })
    assert_equal 2, goose.count([0.0, (5 * 2.5625).round(4)]), "both skies meet at the tip, which is turned to the side"
  end

  # The patch lies wholly under the ruler, tip under tip, and the ruler's lines lie on it.
  def test_the_ruler_covers_the_patch_that_is_cut
    { "Half-square triangle" => 2, "Quarter-square triangle" => 2 }.each_key do |title|
      scene = laying(answer("flying_geese", %w[2 4]), "finished-triangle", title)["scene"]
      body, under = polygons([scene["bodies"].first, scene["pieces"][2]])

      assert_in_delta under.area, under.shared_area(body), 2e-3, title
      scene["lines"].flat_map { |line| line.values_at("from", "to") }.each do |x, y|
        assert x.between?(*body.bounds.first(2).then { |least, most| [least - 1e-3, most + 1e-3] }), "#{title} #{x} #{y}"
      end
    end
  end

  def test_an_inch_ruler_keeps_its_inches_in_a_metric_project
    metric = answer("half_square", "5cm", measure: "cm")

    assert_equal "2 7/8in (7.30cm)", laying(metric, "long-ruler")["mark"]
    assert_match(%r{nearest are 1 1/2in \(3.81cm\) and 2in \(5.08cm\)}, lacking(metric, "finished-triangle"))
  end

  def layings(unit, *tools)
    OakenGauge.which_line({ "unit" => { "count" => 1, **unit }, "tools" => tools })["groups"].first["layings"]
  end

  # 2 2/3 and two quarters are 3 1/6.
  def test_a_size_between_lines_says_how_it_was_rounded
    said = ->(finished) { layings({ "kind" => "square", "finished" => finished }, DRAWER.first).first["steps"].first }

    assert_equal "3 1/6 lies between the lines: cut at 3 1/4, 1/12 more.", said.call("2 2/3")
    assert_match(%r{\ACut a strip 2 1/2 wide}, said.call("2"))
    assert_match(%r{\ACut a strip 2 7/8 wide}, layings({ "kind" => "half_square", "finished" => "2" }, DRAWER.first).first["steps"].first)
  end

  # On the strip's edge, or past it by what the document says: words and picture.
  def test_where_the_tip_of_a_ruler_lies
    ruler = ->(past) { { "id" => "t", "name" => "T", "kind" => "strip_triangle_ruler", "sides" => [{ "makes" => "half_square", "reads" => "finished", "marks" => %w[1 2], **past }] } }
    on_edge, past = [{}, { "tip_past" => "1/8" }].map { |more| layings({ "kind" => "half_square", "finished" => "2" }, ruler.call(more)).first }
    high = ->(laying) { laying["scene"]["bodies"].first.map(&:last).max }

    assert_includes on_edge["steps"][1], "Lay the blunt tip on the upper edge of the strip"
    assert_includes past["steps"][1], "Let the tip stand out 1/8 past the upper edge of the strip"
    assert_equal [2.5, 2.625], [on_edge, past].map(&high)
  end

  # A geese trimmer has letters printed on it, and no sizes.
  def test_a_lettered_trimmer_shows_its_letter
    unit = { "kind" => "flying_geese", "finished" => %w[2 4], "count" => 8 }
    answer = OakenGauge.which_line({ "unit" => unit, "tools" => OakenGauge.usual_tools })
    laid = answer["groups"].flat_map { |group| group["layings"] }.find { |one| one["tool"] == "geese-trimmer" }

    assert_equal ["C", "letter C"], [laid["mark"], laid["scene"]["label"]["text"]]
  end
end
