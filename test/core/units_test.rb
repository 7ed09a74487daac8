# frozen_string_literal: true

require "support/catalogue"
require "support/core_case"

class UnitsTest < CoreCase
  def read(document)
    OakenGauge.read_unit(document)
  end

  def each_unit
    Catalogue.units.each { |document| yield read(document), document }
  end

  def test_every_kind_is_tried
    assert_equal Units.kinds.keys.sort, Catalogue::UNITS.keys.map(&:to_s).sort
  end

  def test_patches_fill_the_unit_and_run_counter_clockwise
    each_unit do |unit, document|
      areas = unit.patches.map { |patch| patch.outline.area.to_f }

      assert areas.all?(&:positive?), document.inspect
      assert_in_delta unit.outline.area.to_f, areas.sum, CLOSE, document.inspect
    end
  end

  def test_patches_lie_where_their_shapes_say_and_do_not_overlap
    each_unit do |unit, document|
      unit.patches.each { |patch| assert_in_delta patch.shape.outline.area.to_f, patch.outline.area.to_f, CLOSE, document.inspect }
      convex = unit.patches.reject { |patch| patch.shape.kind == :shape }

      convex.combination(2) { |one, other| assert_operator one.outline.shared_area(other.outline), :<, CLOSE, document.inspect }
    end
  end

  def test_doubling_the_size_quadruples_the_area
    each_unit do |unit, document|
      next if document["kind"] == "shape"

      twice = document.to_h { |key, value| [key, %w[finished corner].include?(key) ? double(value) : value] }

      assert_in_delta 4 * unit.outline.area, read(twice).outline.area, CLOSE
      unit.patches.zip(read(twice).patches) { |one, two| assert_in_delta 4 * one.outline.area, two.outline.area, CLOSE }
    end
  end

  def test_at_another_size_it_is_the_same_unit
    each_unit do |unit, document|
      other = unit.at(3 * unit.measure_on_beam)
      written = read(other.to_document(:inch))

      assert_equal 3 * unit.measure_on_beam, other.measure_on_beam, document.inspect
      assert_equal unit.proportions, other.proportions, document.inspect
      assert_equal document.except("finished", "outline", "corner"), other.to_document(:inch).except("finished", "outline", "corner")
      assert_in_delta 9 * unit.outline.area, written.outline.area, CLOSE, document.inspect
    end
  end

  def test_sizes_that_a_unit_cannot_be_brought_to
    geese = { "kind" => "flying_geese", "finished" => %w[2 4], "count" => 3 }

    [nil, false, 5, "", "0", "24 1/8"].each do |at|
      error = assert_raises(Documents::Invalid) { OakenGauge.weigh({ "unit" => geese, "at" => at }) }

      assert_equal %w[/at], error.faults.map(&:pointer), at.inspect
    end
    assert_equal %w[24 48], OakenGauge.weigh({ "unit" => geese, "at" => "24" })["unit"]["finished"]
    # In the measure of the size that is asked for.
    assert_equal %w[5cm 10cm], OakenGauge.weigh({ "unit" => geese, "at" => "5cm" })["unit"]["finished"]
  end

  # A corner of 1 1/2 in a side of 4 is three eighths of it.
  def test_a_corner_grows_with_its_square
    unit = read({ "kind" => "cut_corner", "finished" => "4", "count" => 3, "corner" => "1 1/2", "corners" => 2 }).at(6r)

    assert_equal({ "kind" => "cut_corner", "finished" => "6", "count" => 3, "corner" => "2 1/4", "corners" => 2 }, unit.to_document(:inch))
  end

  def test_a_unit_of_every_kind_to_begin_with
    kinds = OakenGauge.kinds["kinds"]

    assert_equal Units.kinds.keys.sort, kinds.map { |kind| kind["kind"] }.sort
    kinds.each do |kind|
      unit = read(kind["starter"])

      assert_equal kind["starter"], unit.to_document(:inch)
      assert_equal unit.class.roles.map(&:to_s), kind["roles"]
      assert_equal unit.patches.size, kind["drawing"]["patches"].size
    end
    assert_equal "halves of web blocks", kinds.find { |kind| kind["kind"] == "web_half" }["title"]
  end

  def double(value)
    value.is_a?(Array) ? value.map { |part| double(part) } : Length.new(2 * Length.parse(value).inches).to_s
  end

  def test_no_patch_is_smaller_than_its_outline_and_allowance
    each_unit do |unit, document|
      unit.shapes.each do |shape|
        width = shape.outline.width
        height = shape.outline.height

        assert_operator shape.cut_outline(1/4r).area, :>, shape.outline.area, document.inspect
        assert_operator shape.piece_size(1/4r).min, :>=, [width, height].min + 0.5 - CLOSE if shape.rotary?
      end
    end
  end

  # Cells of one finished size, by hand: fabrics of a square or a half-square cell, and how many.
  CELLS = {
    [{ "kind" => "flying_geese", "finished" => %w[2 4], "count" => 1 }, 2] => { %i[goose sky] => 2 },
    [{ "kind" => "hourglass", "finished" => "4", "count" => 1 }, 2] => { %i[light dark] => 4 },
    [{ "kind" => "three_triangle", "finished" => "4", "count" => { "left" => 1, "right" => 0 } }, 2] =>
      { %i[half left] => 1, %i[half right] => 1, %i[left right] => 1, %i[half] => 1 },
    [{ "kind" => "square_in_square", "finished" => "4", "count" => 1 }, 2] => { %i[center corners] => 4 },
    [{ "kind" => "half_square", "finished" => "3", "count" => 1 }, 1] => { %i[light dark] => 3, %i[light] => 3, %i[dark] => 3 },
    [{ "kind" => "square", "finished" => "3", "count" => 1 }, 1] => { %i[patch] => 9 },
    [{ "kind" => "cut_corner", "finished" => "4", "corner" => "1", "corners" => 3, "count" => 1 }, 1] => { %i[body corners] => 3, %i[body] => 13 }
  }.freeze

  def test_breakdown_into_cells
    CELLS.each { |(document, cell), wanted| assert_equal wanted, tally(read(document).cells(cell.to_r)), document.inspect }
  end

  def tally(cells)
    assert_equal cells.size, cells.halves.values.sum + cells.squares.values.sum
    cells.halves.merge(cells.squares.transform_keys { |role| [role] })
  end

  # By brute force: every cell of the grid, cut out of every patch.
  def test_cells_are_as_many_as_clipping_finds
    whole = Catalogue.units(1).product([1r, 1/2r, 3/4r]).select { |document, cell| read(document).cells(cell) }

    assert_operator whole.size, :>, 20
    whole.each do |document, cell|
      unit = read(document)

      assert_equal clipped(unit, cell).tally, tally(unit.cells(cell)).transform_keys(&:sort), [document, cell].inspect
    end
  end

  def clipped(unit, cell)
    rows, columns = unit.side_lengths.map { |side| (side / cell).to_i }
    (0...rows).to_a.product((0...columns).to_a).map do |row, column|
      square = Polygon.rectangle(cell, cell).move(column * cell, row * cell)
      unit.patches.select { |patch| patch.outline.shared_area(square) > CLOSE }.map(&:role).uniq.sort
    end
  end

  def test_what_does_not_break_down
    assert_nil read({ "kind" => "half_square", "finished" => "3", "count" => 1 }).cells(2r)
    assert_nil read({ "kind" => "hourglass", "finished" => "3", "count" => 1 }).cells(1r)
    assert_nil read({ "kind" => "wedge_ring", "finished" => "6", "count" => 1 }).cells(1r)
    assert_nil read({ "kind" => "cut_corner", "finished" => "4", "corner" => "1", "corners" => 3, "count" => 1 }).cells(2r)
  end

  def test_finished_areas_by_hand
    octagon = 2 * (Math.sqrt(2) - 1) * 36 # of width 6
    ring = read({ "kind" => "wedge_ring", "finished" => "6", "count" => 1 })

    assert_in_delta octagon, ring.patches.first(8).sum { |patch| patch.outline.area }, CLOSE
    web = read({ "kind" => "web_half", "finished" => "4", "count" => 1 })

    assert_in_delta 8, web.outline.area, CLOSE
    assert_in_delta 4 * (1 - Math.sqrt(0.5)), web.patches.last.outline.points[1].abs, CLOSE # the kite's short side
  end

  def test_documents_read_back_as_they_were_written
    each_unit do |unit, document|
      measure = document["finished"].to_s.include?("cm") ? :cm : :inch

      assert_equal document.merge(document["finished"] == "3.3" ? { "finished" => "3 3/10" } : {}), unit.to_document(measure)
    end
  end

  BAD = {
    { "kind" => "flying_geese", "finished" => %w[2 5], "count" => 1 } => "/unit/finished",
    { "kind" => "flying_geese", "finished" => "2", "count" => 1 } => "/unit/finished",
    { "kind" => "rectangle", "finished" => %w[2 60], "count" => 1 } => "/unit/finished/1",
    { "kind" => "cut_corner", "finished" => "4", "corner" => "4", "corners" => 1, "count" => 1 } => "/unit/corner",
    { "kind" => "cut_corner", "finished" => "4", "corner" => "2 1/8", "corners" => 2, "count" => 1 } => "/unit/corner",
    { "kind" => "cut_corner", "finished" => "4", "corner" => "1", "corners" => 5, "count" => 1 } => "/unit/corners",
    { "kind" => "three_triangle", "finished" => "4", "count" => 8 } => "/unit/count",
    { "kind" => "three_triangle", "finished" => "4", "count" => { "left" => 0, "right" => 0 } } => "/unit/count",
    { "kind" => "three_triangle", "finished" => "4", "count" => { "left" => 1 } } => "/unit/count/right",
    { "kind" => "shape", "outline" => [%w[0 0], %w[1 1]], "count" => 1 } => "/unit/outline",
    { "kind" => "shape", "outline" => [%w[0 0], %w[2 2], %w[2 0], %w[0 2]], "count" => 1 } => "/unit/outline",
    { "kind" => "shape", "outline" => [%w[0 0], %w[0 2], %w[2 0]], "count" => 1 } => "/unit/outline",
    { "kind" => "shape", "outline" => [%w[0 0], %w[2 0], %w[2 2], %w[0 0]], "count" => 1 } => "/unit/outline",
    { "kind" => "shape", "outline" => [%w[0 0], %w[2 0], %w[4 0]], "count" => 1 } => "/unit/outline",
    { "kind" => "shape", "outline" => [%w[0 0], %w[4 0], %w[2 0], %w[2 2]], "count" => 1 } => "/unit/outline",
    { "kind" => "shape", "outline" => [%w[0 0], %w[4 x], %w[2 2]], "count" => 1 } => "/unit/outline/1/1",
    { "kind" => "shape", "outline" => [%w[0 0], 7, %w[2 2]], "count" => 1 } => "/unit/outline/1"
  }.freeze

  def test_units_that_cannot_be
    BAD.each { |document, pointer| assert_includes faults({ "unit" => document }).keys, pointer, document.inspect }
  end

  def test_plain_shapes_are_recognised_however_they_are_drawn
    kind = ->(*points) { Patches.recognise(Polygon.new(points)).kind }

    assert_equal :square, kind.call([0, 0], [2, 0], [2, 2], [0, 2])
    assert_equal :square, kind.call([1, 0], [2, 1], [1, 2], [0, 1])
    assert_equal :rectangle, kind.call([0, 0], [3, 0], [3, 2], [0, 2])
    assert_equal :half_square, kind.call([2, 0], [2, 2], [0, 2])
    assert_equal :half_square, kind.call([0, 0], [4, 0], [2, 2])
    assert_equal :shape, kind.call([0, 0], [4, 0], [1, 2])
  end

  def test_two_drawings_of_one_shape_cost_the_same
    boat = Catalogue::BOAT
    drawings = [boat, boat.rotate(2), boat.map { |x, y| [(x.to_i + 7).to_s, (y.to_i - 3).to_s] }, boat.map { |x, y| ["-#{y}", x] }]
    taken = drawings.map do |outline|
      weigh("template/patches", { "unit" => { "kind" => "shape", "outline" => outline, "count" => 30 }, "tools" => Catalogue::TOOLS })["fabric"]["patch"]
    end

    taken.drop(1).each { |parts| assert_holds taken.first, parts }
  end

  # Somebody who draws a side in two goes draws the same shape.
  def test_a_point_along_a_side_is_no_corner
    plain, halved = [[%w[0 0], %w[4 0], %w[2 3]], [%w[0 0], %w[2 0], %w[4 0], %w[3 3/2], %w[2 3]]].map do |outline|
      OakenGauge.weigh({ "unit" => { "kind" => "shape", "outline" => outline, "count" => 4 },
                         "tools" => [DRAWER[0], { "id" => "t", "name" => "T", "kind" => "template", "outline" => outline }] })
    end

    assert_equal plain, halved
  end
end
