# frozen_string_literal: true

require "support/core_case"
require "support/catalogue"

# Finished units as lines: their seams, their sides, their points.
class FrameTest < CoreCase
  ROOT = Math.sqrt(2)

  def unit(kind, **rest)
    OakenGauge.read_weighing({ "unit" => { "kind" => kind.to_s, "count" => 1, **rest.transform_keys(&:to_s) } }).unit
  end

  # Seams in the order of sewing, by hand.
  def test_seams_are_as_long_as_the_sides_they_join
    { unit(:half_square, finished: "2") => [2 * ROOT], unit(:hourglass, finished: "4") => [4 / ROOT, 4 / ROOT, 4 * ROOT],
      unit(:three_triangle, finished: "4", count: { "left" => 1, "right" => 0 }) => [4 / ROOT, 4 * ROOT],
      unit(:flying_geese, finished: %w[2 4]) => [2 * ROOT] * 2, unit(:square_in_square, finished: "4") => [4 / ROOT] * 4,
      unit(:cut_corner, finished: "6", corner: "1 1/2", corners: 3) => [1.5 * ROOT] * 3, unit(:square, finished: "2") => [] }.each do |made, lengths|
      assert_equal lengths.size, made.seams.size
      made.seams.zip(lengths) { |seam, length| assert_in_delta length, seam, 1e-6, made.class.kind }
    end
  end

  # Eight wedges with sides of 3/cos 22.5°; the halves are joined along two of them, and each corner has a side
  # of the octagon, 6 (√2 - 1).
  def test_seams_of_a_ring
    side = 3 / Math.cos(Math::PI / 8)
    expected = [*[side] * 6, 2 * side, *[6 * (ROOT - 1)] * 4]

    unit(:wedge_ring, finished: "6").seams.zip(expected) { |seam, length| assert_in_delta length, seam, 1e-6 }
  end

  # Both wedges of a web lie against the kite, along its long sides: 4 × tan 22.5° / sin 45° less, by its corners.
  def test_seams_of_a_web
    near = 4 * (1 - (1 / ROOT))

    unit(:web_half, finished: "4").seams.each { |seam| assert_in_delta Math.hypot(2 - near, 2), seam, 1e-6 }
  end

  def test_every_edge_is_sewn_or_outside
    Catalogue.units(3).each do |document|
      made = OakenGauge.read_weighing({ "unit" => document }).unit
      frame = made.frame
      sewn = frame.joints.flat_map { |joint| (joint.first + joint.second).map(&:first) }

      assert_equal frame.edges.flatten.size, (sewn.uniq + frame.outer).size, document.inspect
      assert_in_delta perimeter(made.outline), frame.outer.sum(&:length), 1e-6, document.inspect
      frame.joints.each { |joint| [joint.first, joint.second].each { |side| assert_in_delta 1, side.sum(&:last), 1e-9 } }
    end
  end

  def perimeter(polygon)
    polygon.edges.sum { |from, to| (to - from).abs }
  end

  # Outward is away from the middle of the patch, and square to the edge.
  def test_edges_look_outward
    unit(:wedge_ring, finished: "6").frame.edges.each do |edges|
      middle = edges.sum(&:from) / edges.size

      edges.each { |edge| assert_operator edge.reach(middle), :<, 0 }
    end
  end

  # A goose: two heights (either sky over the goose), one width; tips at the top and both lower corners.
  def test_what_is_measured_on_a_goose
    frame = unit(:flying_geese, finished: %w[2 4]).frame

    assert_equal 3, frame.spans.size
    assert_equal 3, frame.points.size
    assert_empty frame.crossings
  end

  # An hourglass: a height and a width, its four corners, and where the short seams meet.
  def test_what_is_measured_on_an_hourglass
    frame = unit(:hourglass, finished: "4").frame

    assert_equal [2, 4, 1], [frame.spans.size, frame.points.size, frame.crossings.size]
    assert_equal frame.joints.last, frame.crossings.first.first
  end

  def test_what_is_measured_on_other_units
    { half_square: [2, 2, 0], square_in_square: [4, 4, 0], three_triangle: [2, 3, 0] }.each do |kind, expected|
      more = kind == :three_triangle ? { count: { "left" => 1, "right" => 1 } } : {}
      frame = unit(kind, finished: "4", **more).frame

      assert_equal expected, [frame.spans.size, frame.points.size, frame.crossings.size], kind
    end
  end

  # Half of a web: its legs against the far corners, since nothing lies straight across.
  def test_a_triangle_is_measured_to_its_corners
    frame = unit(:web_half, finished: "4").frame

    assert(frame.spans.all? { |_, far| far.is_a?(Construction::Frame::Corner) })
    assert_equal 3, frame.corners.size
    assert_nil frame.corner_at(Complex(2.0, 2.0))
    assert_equal Complex(4.0, 0.0), frame.corner_at(Complex(4.0, 0.0)).point
  end

  def test_which_edge_comes_to_lie_on_the_first
    triangle = Polygon.new([[0, 0], [3, 0], [0, 2]])
    moved = Polygon.new([[5, 5], [5, 8], [3, 5]].rotate(1))

    assert_equal 1, triangle.first_edge_on(moved)
    assert_raises(ArgumentError) { triangle.first_edge_on(triangle.mirror) }
  end

  def test_lines_by_hand
    lines = Construction::Lines
    # x pushed by 2 and y by 3 meet at (2, 3); a slanted line instead of y: x + y = 3√2 at x = 2.
    assert_equal [2.0, 3.0], Plane.meeting(Complex(1.0, 0.0), 2.0, Complex(0.0, 1.0), 3.0)
    x, y = Plane.meeting(Complex(1.0, 0.0), 2.0, Complex(1 / ROOT, 1 / ROOT), 3.0)

    assert_in_delta 2, x, CLOSE
    assert_in_delta (3 * ROOT) - 2, y, CLOSE
    assert_in_delta 5.0, lines.along([3.0, 4.0], Complex(0.6, 0.8)), CLOSE
    assert_in_delta(-4.0, lines.along([3.0, 4.0], Complex(0.0, -1.0)), CLOSE)
  end
end
