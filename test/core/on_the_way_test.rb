# frozen_string_literal: true

require "minitest/autorun"
require "oaken_gauge"

# Units that are measured before they are finished, and of which sides a reading is.
class OnTheWayTest < Minitest::Test
  include OakenGauge

  RULER = { "id" => "r", "kind" => "straight_ruler", "name" => "R", "width" => "6", "length" => "24" }.freeze
  GRID = { "id" => "g", "kind" => "foundation_grid", "name" => "G", "cell" => "1", "columns" => 10, "rows" => 10 }.freeze
  HOURGLASS = { "kind" => "hourglass", "finished" => "4", "count" => 8 }.freeze
  GOOSE = { "kind" => "flying_geese", "finished" => %w[2 4], "count" => 8 }.freeze

  def learn(unit, method, sizes, at: nil, tools: [RULER])
    test = { "test" => "units", "unit" => unit, "method" => method, "sizes" => sizes, "at" => at }.compact
    OakenGauge.learn({ "measured" => [test], "tools" => tools })
  end

  # Of each source the sum of what its draws move a reading by, and the sum of their squares.
  def told(unit, method, round)
    node = Documents::Node.new(unit)
    at = round && Learning::UnitsTest::At.new(round: round)
    measured = Learning::Measured.new(Kinds::UNIT.read(node), method, at, drawer: Tools::Drawer.new([ruler]))
    measured.group([measured.size]).sources.transform_values { |pair| pair.map { |number| number.round(4) } }
  end

  def ruler
    Tools::StraightRuler.new(id: "r", name: "R", width: 6r, length: 24r)
  end

  def faults(*asked, **more)
    assert_raises(Documents::Invalid) { learn(*asked, **more) }.faults
  end

  # The square of two triangles out of two of 5 1/4: a seam that is deeper by d takes d√2 of height and of width. What the
  # square with the line is too wide by e turns the line, and comes to e/2 of one side, e/4 of a reading; so do all four cuts,
  # 1 in all and 4/16. Laid off across the line by d, both sides are d/√2 smaller; along it, one larger and one smaller.
  def test_the_first_square_of_an_hourglass
    assert_equal({ ruler_between: [1.0, 0.25], seam_line: [-1.4142, 2.0], pressing: [-0.7071, 0.5], laying: [-0.7071, 0.5] },
                 told(HOURGLASS, "rotary/two_at_a_time", 1))
  end

  # The piece's own cuts come to half a reading each. A square too wide by e turns the fold: half the top e/2 higher, the side
  # e/2 less out, (e/4 - e/2)/2 = -e/8; too high by e the other way. A fold that is deeper by d takes d√2 of the side and of half
  # the top: 3√2/4.
  def test_the_first_corner_of_a_goose
    told = told(GOOSE, "rotary/stitch_and_flip", 1)

    assert_equal [1.0, ((1/4r) + (1/4r) + (1/64r) + (1/64r)).to_f.round(4)], told[:ruler_main]
    assert_equal [-1.0607, 1.125], told[:seam_line]
  end

  # Finished, a seam on either side: each d√2 of the width and of half the height, a reading 3√2/4 of each.
  def test_a_finished_goose_is_read_of_its_height_and_its_width
    assert_equal [-2.1213, 2.25], told(GOOSE, "rotary/stitch_and_flip", nil)[:seam_line]
  end

  # 5 1/4 less √2/4 is 4.8964; 1/32 smaller is nearly 4 7/8, which points to the seam.
  def test_what_the_first_square_teaches
    answer = learn(HOURGLASS, "rotary/two_at_a_time", [%w[4.8652 4.8652]] * 12, at: { "round" => 1 })
    seam = answer["moved"].find { |one| one["value"] == "take_up" }

    assert_operator seam["to"], :>, seam["from"]
    assert_equal 12, answer["moved"].find { |one| one["value"] == "seam_line" }["count"]
  end

  def test_where_there_is_nothing_to_measure
    [0, 3].each do |round|
      assert_equal ["/measured/0/at"], faults(HOURGLASS, "rotary/two_at_a_time", [%w[4 4]], at: { "round" => round }).map(&:pointer), round
    end
    assert_equal ["/measured/0/at"], faults(GOOSE, "rotary/four_at_a_time_small_sky", [%w[4 4]], at: { "round" => 1 }).map(&:pointer)
    assert_equal ["/measured/0/sizes/0"], faults(HOURGLASS, "rotary/two_at_a_time", [%w[4 4]], at: { "round" => 1 }).map(&:pointer)
  end

  # A mix is sewn by several techniques, each of which errs in its own way.
  def test_a_mix_is_told_by_its_techniques
    assert_equal ["/measured/0/method"], faults(HOURGLASS, "rotary/mixed", [["4 1/2", "4 1/2"]]).map(&:pointer)
  end

  def test_on_a_foundation_sheet_that_is_there
    assert_equal ["/measured/0/method"], faults(GOOSE, "foundation/panel", [["2 1/2", "4 1/2"]]).map(&:pointer)
    assert_includes learn(GOOSE, "foundation/panel", [["2 1/2", "4 1/2"]], tools: [RULER, GRID])["moved"].map { |one| one["value"] }, "fold"
  end
end
