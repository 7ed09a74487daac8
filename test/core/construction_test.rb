# frozen_string_literal: true

require "support/core_case"
require "support/sewing"

# The many-at-a-time methods made in fabric, step by step, for several sizes and allowances: what the
# core cuts must come out at the size that was wanted.
class ConstructionTest < CoreCase
  include Sewing

  SIZES = [1r, 3/2r, 2r, 3r, 23/8r].freeze
  SEAMS = [1/8r, 1/4r, 3/8r, 30/127r].freeze

  # The exact sizes that a method cuts, by fabric.
  def exact(id, unit, seam)
    answer = weigh(id, { "unit" => { "count" => 8 }.merge(unit), "seam_allowance" => Length.new(seam).to_s, "grid" => "1/64",
                         "tools" => [{ "id" => "r", "name" => "R", "kind" => "straight_ruler", "width" => "30", "length" => "60" }] })
    answer["cuts"].to_h { |cut| [cut["fabric"].to_sym, cut["exact"].first] }
  end

  def each_case
    SIZES.product(SEAMS) { |size, seam| yield size, seam, seam.to_f }
  end

  def side(finished)
    Length.new(finished).to_s
  end

  def test_two_at_a_time_comes_out_at_the_unfinished_size
    each_case do |finished, seam, s|
      cut = exact("rotary/two_at_a_time", { "kind" => "half_square", "finished" => side(finished) }, seam)[:light]

      assert_in_delta finished + (2 * s), unit_side(*two_at_a_time(cut, s)), 1e-5
    end
  end

  # Each quarter of the large square is a two-at-a-time pair of its own.
  def test_eight_at_a_time
    each_case do |finished, seam, s|
      cut = exact("rotary/eight_at_a_time", { "kind" => "half_square", "finished" => side(finished) }, seam)[:light]

      assert_in_delta finished + (2 * s), unit_side(*two_at_a_time(cut / 2, s)), 1e-5
    end
  end

  # A quarter of the square, its seam along the outer edge, opened: a square with the seam as diagonal.
  def test_four_at_a_time
    each_case do |finished, seam, s|
      cut = exact("rotary/four_at_a_time", { "kind" => "half_square", "finished" => side(finished) }, seam)[:light]
      quarter = below(below(square(cut), [-1, 1, 0]), [1, 1, cut])
      kept = quarter.between(s, cut)

      assert_in_delta (finished + (2 * s))**2, kept.area + fold(kept, [0, 1, s]).area, 1e-5
      assert_in_delta (finished + (2 * s)) * ROOT, kept.width, 1e-5
    end
  end

  # The sewn square is cut as a two-at-a-time square again, across its seam.
  def test_hourglass_and_three_triangle_units
    each_case do |finished, seam, s|
      hourglass = exact("rotary/two_at_a_time", { "kind" => "hourglass", "finished" => side(finished) }, seam)
      sewn = unit_side(*two_at_a_time(hourglass[:light], s))

      assert_in_delta finished + (2 * s), unit_side(*two_at_a_time(sewn, s)), 1e-5
      three = exact("rotary/two_at_a_time", { "kind" => "three_triangle", "finished" => side(finished), "count" => { "left" => 4, "right" => 4 } }, seam)

      assert_in_delta three[:half], unit_side(*two_at_a_time(three[:left], s)), 1e-5
    end
  end

  # The goose square cut on its diagonal; a sky flipped at one end of the long side and one, cut in
  # turn on its own diagonal, at the right angle.
  def test_small_sky_geese
    each_case do |height, seam, s|
      cut = exact("rotary/four_at_a_time_small_sky", geese(height), seam)
      wide, small = cut.values_at(:goose, :sky)
      first_seam = [1, 1, wide - (ROOT * s)]
      second_seam = [-1, 1, -ROOT * s]
      sky = fold(below(square(small, wide - small, 0), [1, 1, wide]), first_seam)
      other = fold(OakenGauge::Polygon.new([[0, 0], [small, 0], [small, small]]), second_seam)

      check_goose(height, s, base: [0, 1, s], seams: [first_seam, second_seam], skies: [sky, other])
    end
  end

  # The finished goose lies between its two seams and the base; the skies reach the unit's corners.
  def check_goose(height, seam, base:, seams:, skies:)
    apex = crossing(*seams)
    ends = seams.map { |line| crossing(line, base) }

    assert_in_delta 2 * height, Math.hypot(ends[0][0] - ends[1][0], ends[0][1] - ends[1][1]), 1e-5
    assert_in_delta height, distance(apex, base), 1e-5
    outer = [[ends[0][0] + seam, apex[1] + seam], [ends[1][0] - seam, apex[1] + seam]]

    skies.zip(outer) { |sky, corner| assert sky.corners.any? { |point| Math.hypot(point[0] - corner[0], point[1] - corner[1]) < 1e-5 }, corner.inspect }
  end

  def crossing((a1, b1, c1), (a2, b2, c2))
    cross = ((a1 * b2) - (a2 * b1)).to_f
    [((c1 * b2) - (c2 * b1)) / cross, ((a1 * c2) - (a2 * c1)) / cross]
  end

  def distance((x, y), (a, b, c))
    ((a * x) + (b * y) - c).abs / Math.hypot(a, b)
  end

  def geese(height)
    { "kind" => "flying_geese", "finished" => [side(height), side(2 * height)] }
  end

  # The goose centred on the sky, sewn and cut; two halves turned against each other, outer edges
  # together, sewn and cut across. What is left beyond the units must be what the recipe promises.
  def test_large_sky_geese_fit_and_leave_what_is_to_trim
    each_case do |height, seam, s|
      sizes = exact("rotary/four_at_a_time_large_sky", geese(height), seam)
      small, large = sizes.values_at(:goose, :sky)
      inset = (large - small) / 2
      first_seam = [1, 1, large - (ROOT * s)]
      goose = fold(below(square(small, inset, inset), [1, 1, large]), first_seam)
      edge = goose.corners.map(&:first).max # the goose's raw edge, level with the other half's sky
      across = [-1, 1, -ROOT * s]
      apex = crossing(first_seam, across)
      base = apex.first + height

      assert_operator small, :>=, (2 * height) + ((2 + (2 * ROOT)) * s) - 1e-6
      assert_in_delta (small - (2 * height) - ((2 + (2 * ROOT)) * s)) / 2, edge - s - base, 1e-5
      assert_operator edge - s - base, :>, 0
      # The other half lies turned half round in the square [0, edge]², so its seam does too; its goose's
      # raw edge, along the bottom, folds over the seam across to stand upright.
      other_apex = crossing([1, 1, (2 * edge) - first_seam.last], across).first
      other_edge = fold(OakenGauge::Polygon.new([[1, 0], [2, 0], [1, 0.1]]), across).corners.map(&:first).min

      assert_in_delta (large / 2) - (small / 2) - (2 * s), apex.first - s - (other_apex + s), 1e-5
      assert_in_delta edge - s - base, other_apex - height - (other_edge + s), 1e-5
    end
  end

  def test_which_fabric_is_cut_to_which_number_is_said
    answer = OakenGauge.weigh({ "unit" => geese(2r).merge("count" => 4) }, view: true)
    steps = answer["methods"].find { |method| method["technique"] == "four_at_a_time_large_sky" }["steps"].map { |step| step["say"] }

    assert_includes steps, "Cut 1 square of 5 1/2 from the strip: goose, 2 layers at a time: 1 cut."
    assert_includes steps, "Cut 1 square of 7 from the strip: sky, 2 layers at a time: 1 cut."
  end

  def test_the_recipe_for_quarter_inch_seams
    sizes = exact("rotary/four_at_a_time_large_sky", geese(2r), 1/4r)

    assert_in_delta 0.1464, ((4 + 1.5) - 4 - ((2 + (2 * ROOT)) / 4)) / 2, 1e-4
    assert_equal(["5 1/2", "7"], weigh("rotary/four_at_a_time_large_sky", { "unit" => geese(2r).merge("count" => 4) })["cuts"].map { |cut| cut["size"][0] })
    assert_operator sizes[:sky], :>, sizes[:goose]
  end

  # Cut s past the first seam, the corner is a patch of leg S - √2 s, sewn s from its long side.
  def test_bonus_units_of_stitch_and_flip
    each_case do |height, _, s|
      side = height + (2 * s)
      corner = below(square(side), [1, 1, side - (ROOT * s)])
      patch = corner.width - ((2 + ROOT) * s)
      method = Methods::Rotary::StitchAndFlip.new(task(geese(height).merge("count" => 1), s))

      assert_in_delta patch, method.send(:cut_off_leg), 1e-6
      assert_equal ([patch, 0].max * 8).floor/8r, method.bonus
    end
  end

  def task(unit, seam)
    OakenGauge.read_weighing({ "unit" => unit, "seam_allowance" => Length.new(seam.rationalize(1/1_000_000r)).to_s, "maker" => { "bonus" => true } })
  end

  # A square sewn from corner to corner and flipped covers the corner that was there.
  def test_a_flipped_square_covers_its_corner
    each_case do |height, _, s|
      side = height + (2 * s)
      flipped = fold(below(square(side), [1, 1, side]), [1, 1, side])

      assert_in_delta side**2, flipped.area + below(square(side), [1, 1, side]).area, 1e-6
    end
  end
end
