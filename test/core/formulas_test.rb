# frozen_string_literal: true

require "support/core_case"

# What every method cuts, beside the formula a quilter knows it by: the core works from outlines, this
# table from arithmetic.
class FormulasTest < CoreCase
  ROOT = Math.sqrt(2)
  SIN = Math.sin(Math::PI / 8)
  SEAMS = { "1/4" => 0.25, "3/16" => 0.1875, "3/8" => 0.375, "6mm" => 6 / 25.4 }.freeze
  RULES = [{ "id" => "r", "name" => "R", "kind" => "straight_ruler", "width" => "40", "length" => "90" }].freeze

  HALF = ->(size, s) { size + ((2 + ROOT) * s) }
  QUARTER = ->(size, s) { size + ((2 + (2 * ROOT)) * s) }
  PLAIN = ->(size, s) { size + (2 * s) }

  # Kind and method => fabric => [exact side for a unit of a size, pieces for 24 units].
  SQUARES = {
    %w[half_square rotary/patches] => { "light" => [HALF, 12], "dark" => [HALF, 12] },
    %w[half_square rotary/two_at_a_time] => { "light" => [HALF, 12], "dark" => [HALF, 12] },
    %w[half_square rotary/two_at_a_time_oversize] => { "light" => [->(f, s) { HALF[f, s] + 0.125 }, 12], "dark" => [->(f, s) { HALF[f, s] + 0.125 }, 12] },
    %w[half_square rotary/four_at_a_time] => { "light" => [->(f, s) { (ROOT * (f + (2 * s))) + (2 * s) }, 6],
                                               "dark" => [->(f, s) { (ROOT * (f + (2 * s))) + (2 * s) }, 6] },
    %w[half_square rotary/eight_at_a_time] => { "light" => [->(f, s) { 2 * HALF[f, s] }, 3], "dark" => [->(f, s) { 2 * HALF[f, s] }, 3] },
    %w[hourglass rotary/patches] => { "light" => [QUARTER, 12], "dark" => [QUARTER, 12] },
    %w[hourglass rotary/two_at_a_time] => { "light" => [QUARTER, 12], "dark" => [QUARTER, 12] },
    %w[hourglass rotary/two_at_a_time_oversize] => { "light" => [->(f, s) { QUARTER[f, s] + 0.125 }, 12],
                                                     "dark" => [->(f, s) { QUARTER[f, s] + 0.125 }, 12] },
    %w[square rotary/patches] => { "patch" => [PLAIN, 24] },
    %w[square_in_square rotary/patches] => { "center" => [->(f, s) { (f / ROOT) + (2 * s) }, 24], "corners" => [->(f, s) { HALF[f / 2, s] }, 48] }
  }.freeze

  SIZES = { "1" => 1.0, "1 1/2" => 1.5, "2" => 2.0, "2 3/8" => 2.375, "3" => 3.0, "4" => 4.0, "6" => 6.0, "9 3/4" => 9.75, "12" => 12.0 }.freeze

  # Several methods are looked up in one answer.
  def self.answers
    @answers ||= {}
  end

  def cuts(kind, method, seam, **unit)
    document = { "unit" => { "kind" => kind, "count" => 24, **unit.transform_keys(&:to_s) }, "seam_allowance" => seam, "tools" => RULES, "fabrics" => {} }
    methods = self.class.answers[document] ||= OakenGauge.weigh(document)["methods"].to_h { |one| [one["method"], one] }
    methods.fetch(method)["cuts"].group_by { |cut| cut["fabric"] }
  end

  def eighth_above(size)
    ((size - 1e-9) * 8).ceil/8r
  end

  def check(cut, exact, count, asked)
    assert_in_delta exact, cut["exact"].max, CLOSE, asked.inspect
    assert_equal Length.new(eighth_above(exact)).to_s, cut["size"].max_by { |side| Length.parse(side) }, asked.inspect
    assert_equal count, cut["count"], asked.inspect
  end

  def test_squares_by_formula
    SQUARES.each do |(kind, method), fabrics|
      SIZES.to_a.product(SEAMS.to_a) do |(size, f), (seam, s)|
        found = cuts(kind, method, seam, finished: size)
        fabrics.each { |fabric, (exact, count)| check(found[fabric].first, exact[f, s], count, [kind, method, size, seam]) }
      end
    end
  end

  # Goose and sky by height: exact sides and pieces for 24.
  GEESE = {
    "rotary/patches" => { "goose" => [->(h, s) { QUARTER[2 * h, s] }, 6], "sky" => [HALF, 24] },
    "rotary/four_at_a_time_small_sky" => { "goose" => [->(h, s) { QUARTER[2 * h, s] }, 6], "sky" => [HALF, 24] },
    "rotary/stitch_and_flip" => { "goose" => [->(h, s) { PLAIN[2 * h, s] }, 24], "sky" => [PLAIN, 48] }
  }.freeze

  def test_geese_by_formula
    GEESE.each do |method, fabrics|
      { "1" => 1.0, "1 1/2" => 1.5, "2" => 2.0, "3" => 3.0 }.to_a.product(SEAMS.to_a) do |(height, h), (seam, s)|
        found = cuts("flying_geese", method, seam, finished: [height, Length.new((2 * h).rationalize).to_s])
        fabrics.each { |fabric, (exact, count)| check(found[fabric].first, exact[h, s], count, [method, height, seam]) }
      end
    end
  end

  # At a quarter inch: w + 1 1/2 and w + 3.
  def test_large_sky_numbers
    { "1" => ["3 1/2", "5"], "1 1/2" => ["4 1/2", "6"], "2" => ["5 1/2", "7"], "3" => ["7 1/2", "9"], "4" => ["9 1/2", "11"] }.each do |height, (goose, sky)|
      found = cuts("flying_geese", "rotary/four_at_a_time_large_sky", "1/4", finished: [height, Length.new(2 * Length.parse(height).inches).to_s])

      assert_equal [[goose] * 2, [sky] * 2, 6, 6],
                   [*found.values_at("goose", "sky").map { |list| list[0]["size"] }, *found.values_at("goose", "sky").map { |list| list[0]["count"] }], height
    end
  end

  def test_three_triangle_squares
    SEAMS.each do |seam, s|
      found = cuts("three_triangle", "rotary/two_at_a_time", seam, finished: "4", count: { "left" => 9, "right" => 5 })
      { "half" => [HALF, 9], "left" => [QUARTER, 5], "right" => [QUARTER, 5] }.each do |fabric, (exact, count)|
        check(found[fabric].first, exact[4, s], count, [fabric, seam])
      end
    end
  end

  # The magic numbers at a quarter inch, as they are taught.
  TAUGHT = { "half_square" => { "1" => "1 7/8", "2" => "2 7/8", "2 1/2" => "3 3/8", "3" => "3 7/8", "4 1/2" => "5 3/8" },
             "hourglass" => { "2" => "3 1/4", "3" => "4 1/4", "4" => "5 1/4", "4 1/2" => "5 3/4" } }.freeze

  def test_the_numbers_that_are_taught
    TAUGHT.each do |kind, numbers|
      numbers.each { |size, cut| assert_equal [cut, cut], cuts(kind, "rotary/patches", "1/4", finished: size)["light"][0]["size"], [kind, size].inspect }
    end
  end

  def test_wedges_and_kites
    SEAMS.each_value do |s|
      [2.0, 3.0, 4.5].each { |height| assert_in_delta height + s + (s / SIN), Patches::Wedge.new(height).cut_outline(s).height, CLOSE }
      [4.0, 6.0].each { |side| assert_in_delta (side / 2) + ((1 + (1 / (ROOT * SIN))) * s), Patches::Kite.new(side).piece_size(s).first, CLOSE }
    end

    assert_in_delta 3.613, 1 + (1 / SIN), 0.0005
    assert_in_delta 2.848, 1 + (1 / (ROOT * SIN)), 0.0005
  end

  def test_runs_along_strips
    SIZES.values.product(SEAMS.values, [1, 2, 5, 8]) do |size, s, count|
      half = Tiling.new(Patches::HalfSquare.new(size).strip_outline(s))
      quarter = Tiling.new(Patches::QuarterSquare.new(size).strip_outline(s))
      pairs, one = count.divmod(2)

      assert_in_delta (pairs * (size + ((2 + (2 * ROOT)) * s))) + (one * HALF[size, s]), half.length_of(count), CLOSE
      assert_in_delta (count * (size + (4 * ROOT * s)) / 2) + (size / 2) + (2 * s), quarter.length_of(count), CLOSE
    end
  end

  def test_wedge_ring_corners
    { "6" => 6.0, "8" => 8.0, "12" => 12.0 }.each do |size, side|
      unit = Units::WedgeRing.new(finished: side.to_r, count: 1)

      assert_in_delta side * (1 - (1 / ROOT)), unit.patches.last.shape.finished, CLOSE, size
      assert_equal side / 2, unit.patches.first.shape.finished
    end
  end
end
