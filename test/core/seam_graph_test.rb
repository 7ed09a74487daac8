# frozen_string_literal: true

require "support/core_case"
require "support/catalogue"

# Which seam waits for which, and the steps that follow.
class SeamGraphTest < CoreCase
  def rounds(document, seam = 1/4r)
    Construction::SeamGraph.new(OakenGauge.read_unit({ "count" => 1, **document }).frame, seam).rounds
  end

  # By pencil: what meets or overlaps in one piece waits.
  ROUNDS = {
    { "kind" => "half_square", "finished" => "2" } => [[0]],
    { "kind" => "hourglass", "finished" => "4" } => [[0, 1], [2]], # pairs, then the long seam
    { "kind" => "flying_geese", "finished" => %w[2 4] } => [[0], [1]], # the skies meet at the tip
    { "kind" => "square_in_square", "finished" => "4" } => [[0, 1], [2, 3]], # opposite sides first
    { "kind" => "cut_corner", "finished" => "4", "corner" => "2", "corners" => 4 } => [[0, 1], [2, 3]],
    { "kind" => "cut_corner", "finished" => "6", "corner" => "1 1/2", "corners" => 4 } => [[0, 1, 2, 3]], # three inches apart
    { "kind" => "cut_corner", "finished" => "4", "corner" => "1 7/8", "corners" => 4 } => [[0, 1], [2, 3]], # a quarter apart: squares overlap
    { "kind" => "cut_corner", "finished" => "4", "corner" => "1 3/4", "corners" => 4 } => [[0, 1, 2, 3]] # a half apart: they just touch
  }.freeze

  def test_rounds_by_pencil
    ROUNDS.each { |document, found| assert_equal found, rounds(document), document }
  end

  # A wider allowance overlaps sooner.
  def test_the_allowance_counts
    corners = { "kind" => "cut_corner", "finished" => "4", "corner" => "1 3/4", "corners" => 4 }

    assert_equal([[[0, 1, 2, 3]], [[0, 1], [2, 3]]], [1/4r, 3/8r].map { |seam| rounds(corners, seam) })
  end

  # Two squares of two corners, as cut and laid on the body, overlap just when one waits for the other.
  def test_squares_that_overlap_wait
    waited = (4..32).count do |sixteenths|
      corner = sixteenths/16r
      overlap = (2 * (corner + (1/2r))) > 4 + (1/2r)

      assert_equal overlap, rounds({ "kind" => "cut_corner", "finished" => "4", "corner" => "#{sixteenths}/16", "corners" => 4 }).size > 1, corner
      overlap
    end

    assert_operator waited, :>, 2
  end

  PHASES = %w[mark lay look fuse sew fold flip cut open snip press trim measure].freeze

  def steps
    Catalogue.units.each do |unit|
      OakenGauge.weigh({ "unit" => unit, "tools" => Catalogue::TOOLS })["methods"].each do |method|
        yield method["steps"], method, unit if method["feasible"]
      end
    end
  end

  def assert_in_order(round, about)
    order = round.map { |step| PHASES.index(step["step"][/\A[a-z]+/]) }

    assert_equal order.sort, order, about
    assert(round.any? { |step| step["step"].match?(/\A(sew|fold)/) }, about)
    assert(round.any? { |step| step["step"].start_with?("press") }, about)
  end

  # Rounds follow one another; in each: mark, lay, sew, cut, open, snip, press, trim; what is sewn is pressed in the same round.
  def test_steps_are_listed_as_hands_do_them
    listed = 0
    steps do |list, method, unit|
      numbers = list.map { |step| step["round"] }

      assert_equal numbers.sort, numbers, [unit, method["method"]]
      list.group_by { |step| step["round"] }.except(0).each_value { |round| assert_in_order(round, [unit, method["method"]]) }
      listed += numbers.max
    end

    assert_operator listed, :>, 150
  end

  # As many rounds as the unit's own seams need: no method may sew down what lies in the way.
  def test_no_method_takes_fewer_rounds_than_its_seams
    steps do |list, method, unit|
      needed = Construction::SeamGraph.new(OakenGauge.read_unit(unit).frame, 1/4r).rounds.size

      assert_operator list.last["round"], :>=, needed, [unit, method["method"]] unless OakenGauge.read_unit(unit).joins.empty?
    end
  end

  def test_stitch_and_flip_goes_one_square_after_the_other
    method = weigh("rotary/stitch_and_flip", { "unit" => { "kind" => "flying_geese", "finished" => %w[2 4], "count" => 8 } })
    sewn = method["steps"].reject { |step| step["round"].zero? }.map { |step| step.values_at("round", "step", "count") }

    assert_equal [[1, "mark_diagonal", 8], [1, "sew_on_line", 8], [1, "cut_corner_off", 8], [1, "press_to_sky", 8], [1, "measure_round", 1],
                  [2, "mark_diagonal", 8], [2, "sew_on_line", 8], [2, "cut_corner_off", 8], [2, "press_to_sky", 8], [2, "measure_round", 1]], sewn
  end

  def test_a_sheet_is_folded_one_way_pressed_and_then_the_other
    method = weigh("foundation/panel", { "unit" => { "kind" => "hourglass", "finished" => "4", "count" => 4 }, "tools" => Catalogue::TOOLS })
    folded = method["steps"].select { |step| step["step"].match?(/fold_and_sew|snip|press/) }.map { |step| step.values_at("round", "step") }

    assert_equal [[1, "press_seam"], [2, "fold_and_sew"], [2, "snip_crossing"], [2, "press_seam"], [3, "fold_and_sew"], [3, "press_seam"]], folded
  end

  def test_starch_and_the_first_one_have_their_steps
    fabric = { "form" => "yardage", "starched" => true }
    method = weigh("rotary/two_at_a_time", half_square("2", 8, fabrics: { "light" => fabric }))
    plain = weigh("rotary/two_at_a_time", half_square("2", 8))

    assert_equal "Starch the light fabric and let it dry before you cut.", method["steps"].first["say"]
    assert_in_delta (60 + 30) / 60.0, method["effort"]["minutes"] - plain["effort"]["minutes"], 0.011
    assert_includes(plain["steps"].map { |step| step["say"] }, "Make 1 whole and measure it before you go on: 2 1/2 square, unfinished.")
  end
end
