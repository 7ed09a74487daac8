# frozen_string_literal: true

require "support/catalogue"
require "support/core_case"

# What is drawn says the same as the figures beside it.
class ViewTest < CoreCase
  # Several tests look at the same answers.
  def self.weighed
    @weighed ||= {}
  end

  def each_drawing
    Catalogue::FABRICS.values.product(Catalogue.units(13)) do |fabric, unit|
      (self.class.weighed[[unit, fabric]] ||= feasible(unit, fabric)).each do |method|
        method["drawings"].each { |role, drawings| drawings.each { |drawing| yield drawing, method, role } }
      end
    end
  end

  def feasible(unit, fabric)
    roles = Units.kinds.fetch(unit["kind"]).roles.map(&:to_s)
    answer = OakenGauge.weigh({ "unit" => unit, "tools" => Catalogue::TOOLS, "fabrics" => roles.to_h { |role| [role, fabric] } }, view: true)
    answer["methods"].select { |method| method["feasible"] }
  end

  def test_pieces_lie_on_their_fabric_and_clear_of_the_offcut
    each_drawing do |drawing, method, *|
      height, length = drawing["size"]
      left, low, width, high = drawing["offcut"]
      points = drawing["outlines"].flatten(1)

      assert(points.all? { |x, y| x.between?(-1e-3, length + 1e-3) && y.between?(-1e-3, height + 1e-3) }, method["method"])
      next unless left

      assert_operator left + width, :<=, length + 1e-3
      assert_operator low + high, :<=, height + 1e-3
      offcut = Polygon.rectangle(width, high).move(left, low)

      near = drawing["outlines"].map { |outline| Polygon.new(outline) }.select { |outline| offcut.near?(outline) }

      near.each { |outline| assert_operator offcut.shared_area(outline), :<, 0.02, method["method"] }
    end
  end

  def test_as_much_fabric_is_drawn_as_is_taken
    taken = Hash.new { |hash, key| hash[key] = [0.0, nil] }
    each_drawing do |drawing, method, role|
      entry = taken[[method.object_id, role]]
      entry[0] += drawing["size"].inject(:*) * drawing["repeats"]
      entry[1] = method["fabric"][role]["consumed"]
    end

    taken.each_value { |drawn, consumed| assert_in_delta consumed, drawn, CLOSE }
  end

  # As many pieces as are cut; of a folded strip only the upper layer is seen.
  def test_as_many_pieces_are_drawn_as_are_cut
    answer = OakenGauge.weigh(half_square("2", 30), view: true)
    { "rotary/two_at_a_time" => 15, "rotary/eight_at_a_time" => 4, "triangle_ruler/strip_pair" => 30 }.each do |id, count|
      drawings = answer["methods"].find { |method| method["method"] == id }["drawings"]["light"]

      assert_equal count, drawings.sum { |drawing| drawing["outlines"].size * drawing["repeats"] }, id
    end
  end

  def beam(unit, tools = Catalogue::TOOLS)
    OakenGauge.weigh({ "unit" => unit, "tools" => tools }, view: true)["beam"]
  end

  def row(beam, tool, side)
    beam["rows"].find { |one| one["tool"] == tool && one["side"] == side }
  end

  def test_marks_for_patches_stand_at_the_size_of_the_unit
    hourglass = beam({ "kind" => "hourglass", "finished" => "4", "count" => 1 })
    geese = beam({ "kind" => "flying_geese", "finished" => %w[2 4], "count" => 1 })
    framed = beam({ "kind" => "square_in_square", "finished" => "4", "count" => 1 })

    assert_equal "2 1/2", row(hourglass, "tri", "quarter_square")["locked"] # strip 2 1/2 makes a long side of 4
    assert_equal(["2 1/2", "2"], [row(geese, "tri", "quarter_square"), row(geese, "tri", "half_square")].map { |one| one["locked"] })
    assert_equal "D", row(geese, "letters", "flying_geese")["locked"]
    assert_equal "2", row(framed, "tri", "half_square")["locked"] # corners of leg 2
    assert_equal [2.0, 4.0], [geese["at"], framed["at"]]
  end

  # An hourglass breaks down to cells two by two; on a sheet of 20 × 24 all of the scale fits.
  def test_a_foundation_sheet_stands_where_the_unit_breaks_down
    hourglass = row(beam({ "kind" => "hourglass", "finished" => "4", "count" => 1 }), "sheet-1", "cell")
    geese = row(beam({ "kind" => "flying_geese", "finished" => ["1 1/2", "3"], "count" => 1 }), "sheet-2", "cell")

    assert_equal [%w[2 4 6 8], "1"], [hourglass["marks"].map { |mark| mark["finished"] }, hourglass["locked"]]
    assert_equal [["1 1/2", "3", "4 1/2", "6", "7 1/2"], "1 1/2"], [geese["marks"].map { |mark| mark["finished"] }, geese["locked"]]
    assert(hourglass["marks"].all? { |mark| mark["main"] })
    assert_nil row(beam({ "kind" => "wedge_ring", "finished" => "6", "count" => 1 }), "sheet-1", "cell")
  end

  # A sheet of 12 × 3 cells takes geese of up to 3 × 6 cells, and hourglasses of 2 × 2, whichever way they lie.
  def test_a_narrow_sheet_takes_what_fits_on_it
    sheets = [[12, 3], [3, 12]].map do |columns, rows|
      { "id" => "narrow-#{columns}", "name" => "Narrow", "kind" => "foundation_grid", "cell" => "1", "columns" => columns, "rows" => rows }
    end
    marks = lambda do |unit|
      beam(unit, sheets)["rows"].map { |one| one["marks"].map { |mark| mark["finished"] } }
    end

    assert_equal [%w[1 2 3]] * 2, marks.call({ "kind" => "flying_geese", "finished" => %w[2 4], "count" => 1 })
    assert_equal [%w[2]] * 2, marks.call({ "kind" => "hourglass", "finished" => "4", "count" => 1 })
  end

  def test_gaps_to_the_nearest_marks
    die = beam({ "kind" => "half_square", "finished" => "2 3/8", "count" => 1 })["rows"].find { |one| one["tool"] == "d-tri" }

    assert_nil die["locked"]
    assert_equal ["-3/8", "1 5/8"], die["gaps"]
    # Of many marks the two beside it.
    assert_equal %w[-1/16 1/16], row(beam({ "kind" => "half_square", "finished" => "2 1/16", "count" => 1 }), "tri", "half_square")["gaps"]
  end

  # A goose's line is not its sky's.
  def test_a_straight_ruler_says_what_it_cuts_where_there_are_several
    geese, half = [{ "kind" => "flying_geese", "finished" => %w[2 4], "count" => 1 }, { "kind" => "half_square", "finished" => "2", "count" => 1 }].map { |unit| beam(unit) }

    assert_equal ["goose", "5 1/4"], row(geese, "rule", nil).values_at("role", "locked")
    assert_nil row(half, "rule", nil)["role"]
    assert_nil row(geese, "half", nil)&.fetch("role")
  end

  def test_a_straight_ruler_shows_the_line_that_is_cut_at
    ruler = row(beam({ "kind" => "half_square", "finished" => "2", "count" => 1 }), "rule", nil)
    lines = ruler["marks"].to_h { |mark| [mark["finished"], [mark["printed"], mark["main"]]] }

    assert_equal "2 7/8", ruler["locked"]
    assert_equal [["3", true], ["3 1/8", false]], lines.values_at("2 1/8", "2 1/4")
  end

  # From 1/2, or 1 cm; with a smaller unit from the stop that it stands on, or stands after.
  def test_the_beam_begins_where_the_unit_is
    { "2" => "1/2", "1/2" => "1/2", "3/8" => "3/8", "5/16" => "1/4", "1/8" => "1/8", "2cm" => "1cm", "0.8cm" => "0.5cm", "0.4cm" => "0.5cm" }.each do |size, begins|
      scale = beam({ "kind" => "half_square", "finished" => size, "count" => 1 })

      assert_equal begins, scale["stops"].first, size
      assert_in_delta OakenGauge::Length.parse(begins).to_f, scale["from"], 1e-9, size
    end
  end

  def test_the_fence_stops_at_every_eighth_and_the_scale_grows_with_the_unit
    small = beam({ "kind" => "half_square", "finished" => "2", "count" => 1 })
    large = beam({ "kind" => "half_square", "finished" => "11 1/4", "count" => 1 })

    assert_equal [61, "1/2", "8"], [small["stops"].size, small["stops"].first, small["stops"].last]
    assert_equal [12.0, "12"], [large["to"], large["stops"].last]
  end

  def test_tools_made_for_another_allowance_have_no_row
    rows = OakenGauge.weigh({ "unit" => { "kind" => "half_square", "finished" => "2", "count" => 1 }, "tools" => DRAWER, "seam_allowance" => "3/8" }, view: true)

    assert_equal(%w[rule], rows["beam"]["rows"].map { |one| one["tool"] })
  end

  def test_the_steps_add_up_to_the_figures
    OakenGauge.weigh(half_square("2", 24), view: true)["methods"].select { |method| method["feasible"] }.each do |method|
      assert_in_delta method["effort"]["minutes"], method["steps"].sum { |step| step["minutes"] }, 0.06, method["method"]
      assert_equal method["cares"], OakenGauge::Methods::Cautions.of(method["steps"].filter_map { |step| step["care"]&.to_sym }.uniq)
    end
  end

  # A blade is a blade, and where one is used its caution stands.
  def test_every_cut_has_its_caution
    Methods::Operations.all.each_value do |operation|
      assert_equal :blade, operation.care, operation.name if operation.cuts.positive?
      assert_equal :press, operation.care if operation.passes.positive?
    end
  end
end
