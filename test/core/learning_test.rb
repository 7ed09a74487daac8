# frozen_string_literal: true

require "support/core_case"

# What tests of her own teach of a maker's hands.
class LearningTest < CoreCase
  RULER = { "kind" => "straight_ruler", "id" => "r", "name" => "R", "width" => "6", "length" => "24" }.freeze

  def learn(*measured, **more)
    OakenGauge.learn({ "measured" => measured, "tools" => [RULER], **more.transform_keys(&:to_s) })
  end

  def moved(answer, name)
    answer["moved"].find { |one| one["value"] == name }
  end

  # CRAFT: readings 1 and 63/64 are 0 and +0.0078 deep; she sews 0.010 scant. (4 × 0.010 + 0.010 + 0.0178) / 6 = 0.0113.
  def test_the_seam_test_moves_what_the_fold_takes
    take_up = moved(learn({ "test" => "three_strips", "middle" => ["1", "63/64"] }), "take_up")

    assert_equal [0.01, 2], take_up.values_at("from", "count")
    assert_in_delta ((4 * 0.01) + 0.01 + (0.01 + (1 / 128.0))) / 6, take_up["to"], 1e-5
  end

  # Of readings a 1/32 apart each pair of seams differs by 1/64: √2 times (1/64)/√2 to either side, less the reading's own.
  def test_its_spread_is_that_of_one_seam
    spread = moved(learn({ "test" => "three_strips", "middle" => ["1", "31/32"] }), "seam_foot")
    squares = ((((1 / 64.0) * Math.sqrt(2) / 2)**2) * 2) - (((1 / 32.0) / Math.sqrt(12) / Math.sqrt(2))**2)

    assert_in_delta Math.sqrt(((4 * (0.015**2)) + squares) / 5), spread["to"], 1e-5
  end

  def test_one_reading_tells_no_spread_and_what_was_measured_counts_on
    once = learn({ "test" => "three_strips", "middle" => ["1"] })

    assert_equal(["take_up"], once["moved"].map { |one| one["value"] })
    again = learn({ "test" => "three_strips", "middle" => %w[1 1] }, maker: once["maker"])

    assert_equal 3, moved(again, "take_up")["count"]
  end

  # Nobody's fold gives fabric back.
  def test_nothing_is_less_than_none
    assert_in_delta(0.0, moved(learn({ "test" => "three_strips", "middle" => Array.new(40, "1 3/32") }), "take_up")["to"])
  end

  # One strip in five set to the next line: (4 × 0.01 + 1) / 9; on a half-inch line nothing is told of misreading.
  def test_the_ruler_test_parts_bad_cuts_from_lines_read_wrong
    between = learn({ "test" => "strips", "tool" => "r", "wanted" => "2 7/8", "found" => ["2 7/8", "2 57/64", "2 55/64", "3", "2 7/8"] })

    assert_in_delta 1.04 / 9, moved(between, "misread")["to"], 1e-5
    assert_equal 4, moved(between, "ruler_between")["count"]
    main = learn({ "test" => "strips", "tool" => "r", "wanted" => "2 1/2", "found" => ["2 1/2", "2 1/2"] })

    assert_equal(["ruler_main"], main["moved"].map { |one| one["value"] })
  end

  # Many readings outweigh what was assumed.
  def test_many_measurements_are_believed
    found = [["2 113/128"] * 200, ["2 111/128"] * 200].flatten.first(200).each_slice(2).flat_map { |_| ["2 113/128", "2 111/128"] }
    spread = moved(learn({ "test" => "strips", "tool" => "r", "wanted" => "2 7/8", "found" => found }), "ruler_between")

    assert_in_delta Math.sqrt(((4 * (0.018**2)) + (200 * ((1 / 128.0)**2)) - (199 * ((5/254r / Math.sqrt(12))**2))) / 203), spread["to"], 1e-4
    assert_equal 200, spread["count"]
  end

  def test_what_no_test_is_is_refused
    { { "test" => "juggling" } => "/measured/0/test", { "test" => "three_strips", "middle" => ["1/2"] } => "/measured/0/middle",
      { "test" => "strips", "tool" => "s", "wanted" => "2", "found" => %w[2 2] } => "/measured/0/tool", nil => "/measured/0" }.each do |test, pointer|
      error = assert_raises(OakenGauge::Documents::Invalid) { learn(test) }

      assert_equal pointer, error.faults.first.pointer
    end
  end
end
