# frozen_string_literal: true

require "support/catalogue"
require "support/core_case"

# Areas counted another way: point by point on a fine lattice, and by the formula for pushed outlines.
class AreasTest < CoreCase
  STEP = 0.02

  def unit(document)
    OakenGauge.read_unit(document)
  end

  # Left of every edge: inside a convex outline.
  def inside?(polygon, x, y)
    polygon.corners.zip(polygon.corners.rotate).all? { |(x1, y1), (x2, y2)| ((x2 - x1) * (y - y1)) - ((y2 - y1) * (x - x1)) >= 0 }
  end

  def lattice_area(*polygons)
    left, right, low, high = polygons.first.bounds
    hits = 0
    (left + (STEP / 2)).step(right, STEP) do |x|
      (low + (STEP / 2)).step(high, STEP) { |y| hits += 1 if polygons.all? { |polygon| inside?(polygon, x, y) } }
    end
    hits * STEP * STEP
  end

  CONVEX = [{ "kind" => "half_square", "finished" => "2" }, { "kind" => "hourglass", "finished" => "2" },
            { "kind" => "flying_geese", "finished" => ["1 1/2", "3"] }, { "kind" => "square_in_square", "finished" => "2" },
            { "kind" => "web_half", "finished" => "3" }, { "kind" => "wedge_ring", "finished" => "3" }].freeze

  def test_fabric_in_a_unit_counted_point_by_point
    CONVEX.each do |document|
      whole = unit(document.merge("count" => 1))
      whole.class.roles.each do |role|
        counted = whole.patches_of(role).sum { |patch| lattice_area(patch.outline.offset(0.25).floating, whole.outline.offset(0.25).floating) }

        assert_in_delta counted, whole.fabric_of(role, 0.25), 0.02 * counted, [document, role].inspect
      end
    end
  end

  # Pushed out by s, a convex outline gains s along every side, and at every corner s² cot(half its angle).
  def test_pushed_outlines_by_formula
    Catalogue.units.flat_map { |document| unit(document).shapes }.uniq.reject { |shape| shape.kind == :shape }.each do |shape|
      outline = shape.outline
      sides = outline.edges.map { |from, to| (to - from).rect }
      around = sides.sum { |side| Math.hypot(*side) }
      corners = sides.each_index.sum { |i| 1 / Math.tan(corner(sides[i - 1], sides[i]) / 2) }

      [0.25, 0.375].each do |s|
        assert_in_delta outline.area + (around * s) + (corners * s * s), outline.offset(s).area, CLOSE, shape.kind
      end
    end
  end

  def corner((ax, ay), (bx, by))
    Math.acos(-((ax * bx) + (ay * by)) / (Math.hypot(ax, ay) * Math.hypot(bx, by)))
  end

  def test_what_two_outlines_share_is_the_same_either_way
    random = Random.new(7)
    60.times do
      one, other = Array.new(2) { convex(random) }

      assert_in_delta one.shared_area(other), other.shared_area(one), CLOSE
      assert_operator one.shared_area(other), :<=, [one.area, other.area].min + CLOSE
    end
  end

  # Corners on a circle, in order round it.
  def convex(random, corners = 3 + random.rand(5))
    angles = Array.new(corners) { |i| (i + 0.1 + (0.8 * random.rand)) * 2 * Math::PI / corners }
    reach = 1 + random.rand
    Polygon.new(angles.map { |angle| [(reach * Math.cos(angle)) + random.rand(3), reach * Math.sin(angle)].then { |x, y| [x - random.rand(0.01), y] } })
           .then { |polygon| convex?(polygon) ? polygon : Polygon.rectangle(reach, 1) }
  end

  def convex?(polygon)
    sides = polygon.edges.map { |from, to| (to - from).rect }
    sides.each_index.all? { |i| (sides[i - 1][0] * sides[i][1]) - (sides[i - 1][1] * sides[i][0]) > 1e-6 }
  end

  # Any convex outline: neighbours along a strip do not overlap, and could not stand closer.
  def test_random_outlines_tile_without_overlap_or_gap
    random = Random.new(11)
    80.times do
      tiling = Tiling.new(convex(random), turning: random.rand < 0.7)
      shapes = tiling.outlines(4)

      shapes.combination(2) { |one, other| assert_operator one.shared_area(other), :<, 1e-6 }
      shapes.each_cons(2) { |one, other| assert_operator one.shared_area(other.move(-0.02, 0)), :>, 1e-7 }
      assert_in_delta tiling.length_of(4), shapes.map { |shape| shape.bounds[1] }.max, CLOSE
    end
  end

  def test_placements_lay_one_outline_on_another
    boat = Polygon.new([[0, 0], [4, 0], [3, 2], [1, 2]])
    turned = boat.half_turn.move(5, -2)

    assert_equal 2, turned.placements(boat).size # as it is, and turned over: its two sides are alike
    turned.placements(boat).each { |placement| assert_in_delta boat.area, placement.call(turned).shared_area(boat), 1e-6 }
    assert_empty Polygon.rectangle(4, 2).placements(boat)
  end

  def test_simple_outlines
    assert_predicate Polygon.new([[0, 0], [4, 0], [2, 1], [2, 4]]), :simple?
    refute_predicate Polygon.new([[0, 0], [2, 2], [2, 0], [0, 2]]), :simple?
    refute_predicate Polygon.new([[0, 0], [4, 0], [2, 0], [2, 2]]), :simple?
    refute_predicate Polygon.new([[0, 0], [4, 0], [4, 2], [2, 0], [0, 2]]), :simple?
  end
end
