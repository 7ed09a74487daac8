# frozen_string_literal: true

require "support/core_case"
require "support/sewing"
require "support/making"
require "support/catalogue"

# Units put together with one thing off, or several, against the same done to fabric as polygons.
class ErrorsTest < CoreCase
  include Sewing
  include Making

  S = 0.25

  def test_nothing_off_leaves_what_rounding_adds
    # 2 7/8 is 0.0214 more than 2 + (2 + √2)/4; the unit grows by as much.
    assert_in_delta 2.875 - 2 - ((2 + ROOT) / 4), sizes("rotary/two_at_a_time").first, CLOSE
    # The four-at-a-time square is √2 larger than what it gives: 4 1/8 for 4.0355.
    assert_in_delta (4.125 - ((ROOT * 2.5) + 0.5)) / ROOT, sizes("rotary/four_at_a_time").first, CLOSE
    assert_in_delta 0.0, sizes("die/patches").first, CLOSE
  end

  # Squares cut e too large both ways, sewn d deeper, as polygons.
  def test_two_at_a_time_as_polygons
    [[0.0, 0.02], [0.03, 0.0], [-0.02, 0.015], [0.125, -0.03]].each do |large, deep|
      expected = unit_side(*two_at_a_time(2.875 + large, S + deep)) - 2.5

      sizes("rotary/two_at_a_time", cut: large, seam: deep).each { |size| assert_in_delta expected, size, 1e-5 }
    end
  end

  # Each quarter of the large square; what the square is too large is halved.
  def test_eight_at_a_time_as_polygons
    [[0.0, 0.02], [0.04, 0.0], [-0.05, 0.01]].each do |large, deep|
      expected = unit_side(*two_at_a_time((5.75 + large) / 2, S + deep)) - 2.5

      sizes("rotary/eight_at_a_time", cut: large, seam: deep).each { |size| assert_in_delta expected, size, 1e-5 }
    end
  end

  def test_four_at_a_time_as_polygons
    [[0.0, 0.02], [0.03, 0.0], [-0.02, -0.01]].each do |large, deep|
      cut = 4.125 + large
      quarter = below(below(square(cut), [-1, 1, 0]), [1, 1, cut]).between(S + deep, cut)

      assert_in_delta (quarter.width / ROOT) - 2.5, sizes("rotary/four_at_a_time", cut: large, seam: deep).first, 1e-5
    end
  end

  # Twice over: the sewn square is the square of the second seam.
  def test_hourglass_as_polygons
    hourglass = { "kind" => "hourglass", "finished" => "4" }
    [[0.0, 0.02], [0.03, 0.0], [-0.02, 0.01]].each do |large, deep|
      sewn = unit_side(*two_at_a_time(5.25 + large, S + deep))
      expected = unit_side(*two_at_a_time(sewn, S + deep)) - 4.5

      sizes("rotary/two_at_a_time", hourglass, cut: large, seam: deep).each { |size| assert_in_delta expected, size, 1e-5 }
    end
  end

  # The sewn square of left and right, on the square of the half: a unit is half of one and half of the other,
  # less the seam, (A + B)/2 - √2 (s + d).
  def test_three_triangle_as_polygons
    [[0.0, 0.0, 0.02], [0.03, 0.0, 0.0], [0.0, 0.03, 0.0], [-0.02, 0.04, 0.01]].each do |half, pair, deep|
      sewn = unit_side(*two_at_a_time(5.25 + pair, S + deep))
      expected = ((sewn + 4.875 + half) / 2) - (ROOT * (S + deep)) - 4.5
      three = { "kind" => "three_triangle", "finished" => "4", "count" => { "left" => 2, "right" => 2 } }

      made = make("rotary/two_at_a_time", three, seam: deep) { |sources| cuts(sources, pair, pair, half) }.sizes

      made.each { |size| assert_in_delta expected, size, 1e-5, [half, pair, deep].inspect }
    end
  end

  # What each piece is too large both ways, one after another.
  def cuts(sources, *large)
    sources.each_index.select { |i| is?(sources[i], :cut) }.zip(large.flat_map { |one| [one] * 2 }).to_h
  end

  # A sky square on the corner of the goose's rectangle, sewn d beyond its diagonal, flipped: as polygons,
  # where its corner comes to lie.
  def test_stitch_and_flip_as_polygons
    geese = { "kind" => "flying_geese", "finished" => %w[2 4] }
    [[0.0, 0.02], [0.03, 0.0], [-0.02, 0.01]].each do |large, deep|
      sky = 2.5 + large
      # The rectangle's upper left corner at the origin, the sky square below and to the right of it. Deep is
      # farther from the corner that is folded over: toward the square's inner half.
      line = [1, -1, sky + (deep * ROOT)]
      flipped = fold(OakenGauge::Polygon.new([[0, -sky], [sky, -sky], [sky, 0]]), line)
      left, _, _, high = flipped.bounds
      goose = { cut: 0.0, sky: large, seam: deep }
      made = sizes("rotary/stitch_and_flip", geese, **goose)

      assert_includes_near high, made
      assert_includes_near(-2 * left, made)
    end
  end

  # A sky in a corner of the goose square, sewn beside its diagonal and opened; another in the half's right
  # angle: as polygons, how high and how wide the unit is.
  def small_sky_as_polygons(goose, sky, seam)
    first = [1, 1, goose - (ROOT * seam)]
    right = fold(below(square(sky, goose - sky, 0), [1, 1, goose]), first)
    left = fold(OakenGauge::Polygon.new([[0, 0], [sky, 0], [sky, sky]]), [-1, 1, -ROOT * seam])
    [right.bounds.last - 2.5, left.bounds.last - 2.5, right.bounds[1] - left.bounds.first - 4.5]
  end

  def test_small_sky_as_polygons
    [[0.0, 0.0, 0.02], [0.03, 0.0, 0.0], [0.0, 0.03, 0.0], [-0.02, 0.04, 0.01]].each do |goose, sky, deep|
      expected = small_sky_as_polygons(5.25 + goose, 2.875 + sky, S + deep)
      made = sizes("rotary/four_at_a_time_small_sky", { "kind" => "flying_geese", "finished" => %w[2 4] }, cut: goose, sky: sky, seam: deep)

      expected.sort.zip(made.sort) { |one, other| assert_in_delta one, other, 1e-5, [goose, sky, deep].inspect }
    end
  end

  # A rectangle 0.03 too large both ways carries its sky squares out with its corners.
  def test_stitch_and_flip_on_a_large_rectangle
    sizes("rotary/stitch_and_flip", { "kind" => "flying_geese", "finished" => %w[2 4] }, cut: 0.03, sky: 0.0).each { |size| assert_in_delta 0.03, size, CLOSE }
  end

  # A sky square 0.04 wider than high, sewn from corner to corner and flipped, as polygons: the edge over the goose
  # runs from the seam's end to the flipped corner, so does the one beside it; each is told by its middle.
  def test_stitch_and_flip_with_a_square_that_is_none
    wide = 2.54
    line = [2.5, -wide, 2.5 * wide]
    corner = fold(OakenGauge::Polygon.new([[wide, -2.5], [wide + 0.1, -2.5], [wide, -2.4]]), line).corners.last
    top = corner[1] / 2
    side = corner[0] / 2
    made = make("rotary/stitch_and_flip", { "kind" => "flying_geese", "finished" => %w[2 4] }) do |sources|
      sources.each_index.select { |i| is?(sources[i], :cut) }.drop(2).each_slice(2).to_h { |_, across| [across, 0.04] }
    end

    assert_operator top, :>, 0.019
    assert_in_delta top, made.sizes.max, 8e-4
    assert_in_delta(-2 * side, made.sizes.min, 8e-4)
  end

  # One cut of the ruler 0.01 too far out is in both patches of a pair: 0.02 along 45°. Cut singly it is in one.
  def test_a_pair_shares_its_cuts
    first = ->(sources) { { sources.index { |source| source.kind == :triangle_ruler } => 0.01 } }
    pair, single = %w[strip_pair patches].map { |technique| make("triangle_ruler/#{technique}", &first).sizes.first }

    assert_in_delta 0.02 / ROOT, pair, CLOSE
    assert_in_delta 0.01 / ROOT, single, CLOSE
  end

  def assert_includes_near(expected, list)
    assert(list.any? { |number| (number - expected).abs < 1e-5 }, [expected, list].inspect)
  end

  # side = leg - √2 (seam offset); the legs of both patches count, each by half in its two ends.
  def test_patches_by_the_formula
    assert_in_delta(-ROOT * 0.01, sizes("die/patches", seam: 0.01).first, CLOSE)
    # A patch with every edge 0.01 further out is one whose leg is (2 + √2) × 0.01 longer.
    assert_in_delta (2 + ROOT) * 0.01, sizes("die/patches", die: 0.01).first, CLOSE
    # Pressed 0.008 short across the diagonal seam: 0.008/√2 in the width and the height.
    sizes("die/patches", pressing: 0.008).each { |size| assert_in_delta(-0.008 / ROOT, size, CLOSE) }
  end

  # Both seams of a goose 0.01 too deep: the skies move in by 0.02 along 45°, 0.0141 down and 0.0141 in
  # from either side; the tip moves down too, by 0.0141: what stays above it is right.
  def test_deep_seams_on_a_goose
    made = make("die/patches", { "kind" => "flying_geese", "finished" => %w[2 4] }, tools: Catalogue::TOOLS, seam: 0.01)
    heights, widths = made.sizes.partition { |size| (size + 0.0141421).abs < 1e-5 }

    assert_equal [2, 1], [heights.size, widths.size]
    assert_in_delta(-2 * 0.0141421, widths.first, 1e-5)
    made.points.each { |point| assert_in_delta 0, point, 1e-5 }
  end

  # Sewn 0.02 too deep, the tip comes nearer the base by √2 × 0.02, and so much less is left there to trim.
  def test_deep_seams_leave_less_to_trim_under_a_goose
    base = ->(deep) { make("rotary/four_at_a_time_large_sky", { "kind" => "flying_geese", "finished" => %w[2 4] }, tools: [STRAIGHT], seam: deep).slack.first }

    assert_in_delta base.call(0.0) - (ROOT * 0.02), base.call(0.02), 1e-5
  end

  # Only the goose is cut 0.02 too large all round. Its seams meet 0.02 √2 higher; the skies move out by
  # 0.02 along 45°, their tops 0.02/√2 up. The tip sits higher under the edge by the difference.
  def test_a_goose_cut_too_large_hides_its_tip
    tip = make("die/patches", { "kind" => "flying_geese", "finished" => %w[2 4] }, tools: Catalogue::TOOLS) { |_| { 0 => 0.02, 1 => 0.02, 2 => 0.02 } }

    # The skies are laid on by the middle of the seam; the goose's legs are longer at the base's end by
    # 0.02 (1 + √2) and at the tip by 0.02, so the middle lies 0.02 √2/2 nearer the base.
    up = (0.02 / ROOT) - (0.02 * ROOT / 2 / ROOT)

    assert_in_delta (0.02 * ROOT) - up, tip.points.map(&:abs).max, 1e-5
  end

  # Errors of cutting all go into the size of an untrimmed unit, and none into a trimmed one.
  def test_trimming_takes_the_size_from_the_ruler
    large = make("rotary/two_at_a_time_oversize", cut: 0.04, seam: 0.01)

    large.sizes.each { |size| assert_in_delta 0, size, CLOSE }
    assert_in_delta 0.02, sizes("rotary/two_at_a_time_oversize", trim: 0.02).max, CLOSE
    # Cut 3, not 2.8536, and nothing off: 0.1464 too large, half of it at each side.
    make("rotary/two_at_a_time_oversize").slack.each { |slack| assert_in_delta (3 - 2 - ((2 + ROOT) / 4)) / 2, slack, CLOSE }
  end

  # On two sides, all there is to trim lies at the two that are cut.
  def test_two_sides_have_all_there_is_to_trim
    made = make("rotary/two_at_a_time_oversize", maker: { "trim_sides" => 2 })

    assert_equal 2, made.slack.size
    made.slack.each { |slack| assert_in_delta 3 - 2 - ((2 + ROOT) / 4), slack, CLOSE }
  end

  # 0.146 at the base and a quarter between the pair, half of it each: what the recipe promises.
  def test_large_sky_leaves_what_its_recipe_says
    slack = make("rotary/four_at_a_time_large_sky", { "kind" => "flying_geese", "finished" => %w[2 4] }, tools: [STRAIGHT]).slack.map { |one| one.round(5) }
    base = ((5.5 - 4 - ((2 + (2 * ROOT)) * S)) / 2).round(5)
    between = (((7.0 / 2) - (5.5 / 2) - (2 * S)) / 2).round(5)

    # The base, one side as much, both tops; the other side has the sky's whole margin.
    assert_equal [between, between, base, base], slack.min(4)
    assert_in_delta 3.5 - (ROOT * S) - 2 - S, slack.max, 1e-5
  end

  # A sheet's cell is printed 1/16 larger; its fold takes 0.04 here and two seams 0.01 each, sewn as deep as they come. One fold
  # lies within a unit of two cells. At either side the HST stands out by half of what it is too large: 2 7/8 is 0.0214 more than
  # it needs, and a seam that is 0.01 too deep takes √2 of that.
  def test_a_sheet_by_its_ease_and_folds
    hourglass = { "kind" => "hourglass", "finished" => "4" }
    rounding = 2.875 - 2 - ((2 + ROOT) * S)

    assert_in_delta 0.0625 + rounding, sizes("foundation/panel", hourglass, tools: SHEET).first, CLOSE
    none = Makers::Parameters.of(:error).to_h { |one| [one.name.to_s, 0] }
    hands = { "take_up" => 0.01, "fold_take_up" => 0.04, "laying" => 0.01, "fold" => 0.01 }
    accuracy = weigh("foundation/panel", { "unit" => { **hourglass, "count" => 4 }, "tools" => SHEET, "maker" => { "errors" => none.merge(hands) } })["accuracy"]

    assert_in_delta 0.0625 - 0.06 + rounding - (ROOT * 0.01), accuracy["size_bias"], CLOSE
    # One fold, and both sides as they were laid.
    assert_in_delta Math.sqrt((0.01**2) * 3), accuracy["size_sd"], CLOSE
    # A seam that varies by 0.01 moves either side by half of √2 of that.
    seam = weigh("foundation/panel", { "unit" => { **hourglass, "count" => 4 }, "tools" => SHEET, "maker" => { "errors" => none.merge("seam_line" => 0.01) } })

    assert_in_delta 0.01, seam["accuracy"]["size_sd"], CLOSE
  end

  # The upper wedge stands out by 0.05, all else lies true: the corners beside it are cut where it ends, those
  # below and at the sides where they should.
  def test_corners_are_squared_up_along_the_wedge_of_their_own_side
    ring = way("triangle_ruler/patches", { "kind" => "wedge_ring", "finished" => "6", "large_corners" => true }, tools: Catalogue::TOOLS)
    corners, wedges = ring.unit.frame.outer.partition { |edge| edge.patch >= 8 }
    outside = [*corners.map { |edge| [edge, 0.2] }, *wedges.map { |edge| [edge, beside(edge)] }].to_h.compare_by_identity
    still = Struct.new(:none) { def spread(*) = none }.new(0.0)
    squared, slack = ring.trimming.call(ring.unit.frame, {}, outside, still)

    assert_equal [2, 8], [corners.count { |edge| beside(edge).positive? }, corners.size]
    corners.each { |edge| assert_in_delta beside(edge), squared[edge], CLOSE }
    assert_equal [0.15, 0.15, *([0.2] * 6)], slack.map { |left| left.round(9) }.sort
  end

  def beside(edge)
    edge.normal.imag > 0.9 ? 0.05 : 0.0
  end

  # The kite's square is 1/2 too large: all of it sticks out at its two raw sides and is squared up.
  def test_a_large_kite_is_squared_up
    ruler = { "id" => "w", "name" => "W", "kind" => "wedge_ruler", "tip_degrees" => 45, "marks" => [{ "strip" => "3 1/8", "kite_square" => "3 1/4" }] }
    made = make("triangle_ruler/patches", { "kind" => "web_half", "finished" => "4" }, tools: [STRAIGHT, ruler])

    assert_equal 2, made.slack.size
    made.slack.each { |slack| assert_operator slack, :>, 0.3 }
    made.sizes.each { |size| assert_in_delta 0, size, 0.02 }
  end
end
