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
    sampled(7, 60) do |random|
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
    sampled(11, 80) do |random|
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

  # A flipped square takes off of the tip beneath a triangle with legs of √2·s - m/2, where it was cut larger by m; a sky of
  # 2 × 4 with its whole tip holds 4.0089.
  def test_a_larger_square_takes_off_less_of_the_tip
    unit = OakenGauge.read_unit({ "kind" => "flying_geese", "finished" => %w[2 4], "count" => 1 })
    sky = unit.patches_of(:sky).first
    whole = unit.fabric_in_patch(sky, 1/4r)

    [0r, 1/8r, 1/4r, 1/2r, 5/8r, 3/4r, 2r].each do |margin|
      missing = ([(Math.sqrt(2) / 4) - (margin / 2.0), 0].max**2) / 2

      assert_in_delta whole - missing, unit.fabric_in_flipped_patch(sky, 1/4r, margin), 1e-9, margin
    end
    { "1/8" => 7.9331, "1/2" => 8.0070 }.each do |margin, both|
      method = weigh("rotary/stitch_and_flip_oversize", { "unit" => { "kind" => "flying_geese", "finished" => %w[2 4], "count" => 1 }, "maker" => { "margin" => margin } })

      assert_in_delta both, method["fabric"]["sky"]["in_units"], 1e-4
    end
  end

  # As of geese, of corners: each has two tips.
  def test_a_larger_corner_takes_off_less_of_its_tips
    areas = %w[1/8 1/2].map do |margin|
      weigh("rotary/stitch_and_flip_oversize", { "unit" => { "kind" => "cut_corner", "finished" => "4", "corner" => "1 1/2", "corners" => 1, "count" => 1 },
                                                 "maker" => { "margin" => margin } })["fabric"]["corners"]["in_units"]
    end
    legs = [1/8r, 1/2r].map { |margin| (Math.sqrt(2) / 4) - (margin / 2.0) }

    assert_in_delta 2 * ((legs[0]**2) - (legs[1]**2)) / 2, areas[1] - areas[0], 1e-6
  end
end
