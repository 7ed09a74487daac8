# frozen_string_literal: true

require "support/core_case"
require "support/catalogue"

# How each step is drawn: what lies where is looked at as polygons, whatever draws it.
class StepDrawingsTest < CoreCase
  # Floats to be told apart on a screen.
  SEEN = 1e-3
  # Pieces are cut to the next eighth, and come out that much larger.
  ROUNDED = 0.06
  # Makers who do some steps otherwise: seams open, lines drawn, fabric starched, bonus units.
  MAKERS = [{ "pressing" => "open", "layers" => 4 }, { "starched" => true, "bonus" => true, "trim_sides" => 2 }].freeze
  WITHOUT_AIDS = Catalogue::TOOLS.reject { |tool| %w[aid corner slots].include?(tool["id"]) }

  def test_every_step_of_every_method_is_drawn_and_no_two_alike
    each_method do |way, drawings|
      assert_equal way.work.size, drawings.size
      written = drawings.map { |drawing| Answers::StepDrawingWriter.new(drawing).write }

      assert_equal written.uniq.size, written.size, "#{way.class.id}: #{alike(way, written)}"
      written.each_with_index { |one, i| assert_drawn(one, "#{way.class.id} #{way.work[i].operation.name}") }
    end
  end

  def test_what_is_sewn_shows_the_fabric_that_the_unit_does
    each_method(drawers: [Catalogue::TOOLS], fabrics: [nil], makers: [{}]) do |way, drawings|
      last = way.work.rindex { |step| step.operation.role == :press || step.operation.phase == :trim } or next
      next if way.parts.size > 1

      seen = by_role(drawings[last])

      by_role(drawings[way.work.index { |step| step.operation.name == :check_one } || last]).each do |role, area|
        assert_in_delta 1, seen.fetch(role) / area, apart(way), "#{way.class.id} #{way.unit.class.kind} #{role}"
      end
    end
  end

  def test_two_squares_of_2_7_8_are_sewn_a_quarter_beside_their_diagonal
    drawn = drawn("rotary/two_at_a_time", { "kind" => "half_square", "finished" => "2", "count" => 2 })
    sewn = drawn.fetch("sew_beside_line")

    # The diagonal, and a seam on either side: √2 × 1/4 along a side from the corner.
    assert_equal [[[0, 0], [2.875, 2.875]]], lines(sewn, "mark")
    assert_equal([0.25, 0.25], lines(sewn, "seam").map { |line| from_line(line.first, [0, 0], [1, 1]).round(2) })
    assert_equal(%w[right wrong], sewn["fabric"].map { |layer| layer["side"] })
    # Opened it is a square of 2 7/8 - √2 × 1/4 = 2.521, an ear of a quarter inch past either end.
    assert_equal(%w[dark light], drawn.fetch("press_to_dark")["fabric"].map { |layer| layer["role"] }.sort)
    assert_equal [2.875, 2.875], drawn.fetch("press_to_dark")["size"]
    assert_equal 2, drawn.fetch("trim_ears")["off"].size
    assert_equal(["2 1/2", "2 1/2"], drawn.fetch("measure_round")["labels"].map { |label| label["text"] })
  end

  def test_a_strip_is_drawn_with_the_rulers_line_on_its_edge
    strip = drawn("rotary/two_at_a_time", { "kind" => "half_square", "finished" => "2", "count" => 2 }).fetch("cut_strip")

    # Light above dark; of each the line lies along the squared edge, and the cut 2 7/8 from it.
    assert_equal 2, lines(strip, "lit").size
    lines(strip, "lit").zip(lines(strip, "cut")).each { |lit, cut| assert_in_delta 2.875, cut.first.last - lit.first.last, SEEN }
    assert_equal(["2 7/8", "2 7/8"], strip["labels"].map { |label| label["text"] })
  end

  def test_a_corner_that_is_trimmed_off_lies_past_the_allowance
    goose = { "kind" => "flying_geese", "finished" => %w[2 4], "count" => 4 }
    cut = drawn("rotary/stitch_and_flip", goose).fetch("cut_corner_off")
    leg = 2.5 - (Math.sqrt(2) / 4)

    # A square of 2 1/2 on a corner of 2 1/2 × 4 1/2: of either layer a triangle of leg 2 1/2 - √2/4 comes off.
    assert_equal 2, cut["off"].size
    cut["off"].each { |corner| assert_in_delta (leg**2) / 2, area(corner), SEEN * 5 }
  end

  # Of a goose of 5 1/4 either sky ends √2/4 inside its corner, and a sky of 2 7/8 stands √2/4 lower than it was cut.
  def test_the_skies_of_a_goose_square_open_to_the_sides_and_the_top_of_the_unit
    goose = { "kind" => "flying_geese", "finished" => %w[2 4], "count" => 4 }
    pressed = OakenGauge.step_drawings({ "unit" => goose }, "rotary/four_at_a_time_small_sky").reverse.find { |one| one["step"] == "press_to_sky" }
    skies = pressed["drawing"]["fabric"].select { |layer| layer["role"] == "sky" }
    across, = skies.flat_map { |layer| layer["outline"] }.transpose.map { |side| side.minmax.reverse.inject(:-) }

    assert_in_delta 5.25 - (SQRT2 / 2), across, SEEN
    skies.each { |sky| assert_in_delta 2.875 - (SQRT2 / 4), sky["outline"].map(&:last).max, SEEN }
  end

  # Squares of 4 1/8 sewn all round: what is inside the seams is 3 5/8, and a quarter opens to a square of 3 5/8 / √2, and lies straight.
  def test_a_quarter_of_four_opens_to_a_straight_square
    ears = drawn("rotary/four_at_a_time", { "kind" => "half_square", "finished" => "2", "count" => 4 }).fetch("trim_ears")
    sides = ears["fabric"].flat_map { |layer| layer["outline"] }.transpose.map { |side| side.minmax.reverse.inject(:-) }

    sides.each { |side| assert_in_delta 3.625 / SQRT2, side, SEEN }
  end

  # The tip of a goose lies where its finished seams cross: they run on y = x and on x + y = 4.
  def test_geese_of_a_large_sky_are_trimmed_with_their_tip_in_the_middle
    way = ways({ "kind" => "flying_geese", "finished" => %w[2 4], "count" => 4 }, Catalogue::TOOLS, nil, {}).find { |one| one.class.id.end_with?("large_sky") }
    trim = way.work.zip(StepDrawings::All.new(way).drawings).find { |step, _| step.operation.name == :trim_rest }.last
    edges = trim.fabric.select { |layer| layer.role == :sky }.flat_map { |layer| layer.outline.edges }

    [->(point) { point.imag - point.real }, ->(point) { point.imag + point.real - 4 }].each do |off|
      assert(edges.any? { |edge| edge.all? { |point| off.call(point).abs < SEEN } })
    end
  end

  # Cells of 1/4 in a unit of 24 are 96 either way: the corner of 12 × 12 is drawn, and all 95 folds of the unit.
  def test_of_a_large_piece_of_a_sheet_the_corner_is_drawn
    grid = { "id" => "g", "name" => "G", "kind" => "foundation_grid", "cell" => "1/4", "columns" => 200, "rows" => 200 }
    unit = { "kind" => "hourglass", "finished" => "24", "count" => 2 }
    drawn = OakenGauge.step_drawings({ "unit" => unit, "tools" => [DRAWER.first, grid] }, "foundation/panel")
                      .reverse.to_h { |one| one.values_at("step", "drawing") }

    # A cell is printed with both allowances and 1/16: 13/16.
    assert_equal [12 * 0.8125] * 2, drawn.fetch("fuse_cell")["size"]
    assert_equal [11, 95], [lines(drawn.fetch("fold_and_sew"), "fold").size, lines(last_press(grid, unit), "seam").size]
  end

  def test_nothing_is_drawn_of_what_cannot_be_made
    unit = { "kind" => "half_square", "finished" => "2", "count" => 2 }

    assert_empty OakenGauge.step_drawings({ "unit" => unit, "tools" => [] }, "die/patches")
    assert_empty OakenGauge.step_drawings({ "unit" => unit }, "rotary/nothing")
  end

  private

  def each_method(drawers: [Catalogue::TOOLS, WITHOUT_AIDS], fabrics: [nil, "scraps"], makers: MAKERS)
    units = Catalogue.units.uniq { |unit| unit["kind"] } + Catalogue.units.select { |unit| unit["corners"] || unit["outline"] }
    units.product(drawers, fabrics, makers).each do |unit, tools, fabric, maker|
      ways(unit, tools, fabric, maker).each { |way| yield way, StepDrawings::All.new(way).drawings }
    end
  end

  def ways(unit, tools, fabric, maker)
    roles = Units.kinds.fetch(unit["kind"]).roles
    fabrics = fabric ? { "fabrics" => roles.to_h { |role| [role.to_s, Catalogue::FABRICS[fabric]] } } : {}
    task = OakenGauge.send(:read_weighing, { "unit" => unit, "tools" => tools, "maker" => maker, **fabrics })
    Weighing::Weigher.new(task).outcomes.select(&:feasible?).map(&:way)
  end

  def alike(way, written)
    way.work.zip(written).group_by(&:last).values.select { |same| same.size > 1 }.map { |same| same.map { |step, _| step.say } }
  end

  def assert_drawn(drawing, where)
    high, wide = drawing["size"]

    assert_operator drawing["fabric"].size + drawing["beds"].size, :>, 0, where
    assert((0.01..200).cover?(high) && (0.01..200).cover?(wide), where)
    points = drawing.values_at("fabric", "lines").flatten.flat_map { |one| one["outline"] || one["points"] }

    assert(points.all? { |x, y| x.between?(-SEEN, wide + SEEN) && y.between?(-SEEN, high + SEEN) }, where)
  end

  # What is seen of each fabric: of a layer that which no later one lies on, less what comes off.
  def by_role(drawing)
    drawing.fabric.each_with_index.with_object(Hash.new(0.0)) do |(layer, i), areas|
      over = drawing.fabric.drop(i + 1).map(&:outline) + drawing.off
      areas[layer.role] += StepDrawings::Outside.new(*over.flat_map(&:convex_parts)).of(layer.outline).sum(0.0, &:area)
    end
  end

  # A unit of a sheet is drawn as it should come out; one that is trimmed to size comes out exactly so.
  def apart(way)
    way.trimming ? SEEN * 10 : ROUNDED
  end

  def drawn(method, unit)
    OakenGauge.step_drawings({ "unit" => unit }, method).reverse.to_h { |one| one.values_at("step", "drawing") }
  end

  def last_press(grid, unit)
    OakenGauge.step_drawings({ "unit" => unit, "tools" => [DRAWER.first, grid] }, "foundation/panel").reverse
              .find { |one| one["step"] == "press_seam" }["drawing"]
  end

  def lines(drawing, what)
    drawing["lines"].select { |line| line["what"] == what }.map { |line| line["points"] }
  end

  def from_line(point, from, to)
    Plane.side(Plane.point(from), Plane.point(to), Plane.point(point)).abs / (Plane.point(to) - Plane.point(from)).abs
  end

  def area(corners)
    Polygon.new(corners).area.abs
  end
end
