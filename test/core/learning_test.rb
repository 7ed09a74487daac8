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

  # Of readings of one seam: x are 0.010 and 0.0256; what was known, 0.010 and 0.015/√2, counts as four.
  def test_its_spread_is_that_of_one_seam
    spread = moved(learn({ "test" => "three_strips", "middle" => ["1", "31/32"] }), "seam_foot")
    apart = 1 / 64.0
    squares = (4 * (0.015**2) / 2) + ((apart**2) / 2) + (4 * 2 / 6.0 * ((apart / 2)**2))

    assert_in_delta Math.sqrt(squares / 6) * Math.sqrt(2), spread["to"], 1e-5
  end

  # Two tests of one reading teach what one test of two teaches, here and one after another.
  def test_tests_add_up
    one = ->(*middles) { { "test" => "three_strips", "middle" => middles } }
    together = learn(one.call("15/16", "15/16"))

    assert_equal together, learn(one.call("15/16"), one.call("15/16"))
    assert_equal [0.02042, 2], moved(together, "take_up").values_at("to", "count")
    again = learn(one.call("15/16"), maker: learn(one.call("15/16"))["maker"])

    %w[take_up seam_foot].each { |name| assert_in_delta moved(together, name)["to"], moved(again, name)["to"], 2e-5, name }
    mixed = learn(one.call("1"), ruler("2 7/8", "2 7/8"), one.call("63/64"), ruler("2 7/8", "2 57/64"))

    assert_equal learn(one.call("1", "63/64"), ruler("2 7/8", "2 7/8", "2 57/64")), mixed
  end

  def ruler(wanted, *found)
    { "test" => "strips", "tool" => "r", "wanted" => wanted, "found" => found }
  end

  # A seam that is too narrow gives fabric back: (4 × 0.010 - 10 × 0.02125) / 14.
  def test_a_seam_may_take_less_than_nothing
    learnt = learn({ "test" => "three_strips", "middle" => ["1 1/16"] * 10 })

    assert_in_delta(-0.01232, moved(learnt, "take_up")["to"])
    assert_operator weigh("rotary/patches", half_square("2", 8, maker: learnt["maker"]))["accuracy"]["size_bias"], :>, 0.03
  end

  # Ten strips all 1/32 wide: 10/14 of it is a bias; the rest, √((4 × 0.012² + 40/14 × 0.03125²) / 14), spread.
  def test_a_ruler_has_a_bias
    learnt = learn(ruler("2 1/2", *(["2 17/32"] * 10)))
    known = learnt["maker"]["errors"]["ruler_main"]

    assert_equal [0.01551, 0.02232, 10], known.values_at("value", "bias", "count")
    assert_in_delta 0.0150, moved(learnt, "ruler_main")["bias_interval"].first, 1e-4
    plain, wide = [{}, learnt["maker"]].map { |maker| weigh("rotary/patches", { "unit" => { "kind" => "square", "finished" => "2", "count" => 8 }, "maker" => maker }) }

    assert_in_delta 0.02232, wide["accuracy"]["size_bias"] - plain["accuracy"]["size_bias"], 1e-5
    sampled = OakenGauge.weigh({ "unit" => { "kind" => "square", "finished" => "2", "count" => 8 }, "maker" => learnt["maker"] }, sample: { count: 4000, seed: 3 })

    assert sampled["methods"].find { |method| method["method"] == "rotary/patches" }["accuracy"]["sample"]["agrees"]
  end

  def test_what_was_measured_counts_on
    once = learn({ "test" => "three_strips", "middle" => ["1"] })
    again = learn({ "test" => "three_strips", "middle" => %w[1 1] }, maker: once["maker"])

    assert_equal 3, moved(again, "take_up")["count"]
    assert_equal once["maker"], OakenGauge.read_hands(once["maker"]).to_document
  end

  # One strip in five set to the next line: (4 × 0.01 + 1) / 9; on a half-inch line nothing is told of misreading.
  def test_the_ruler_test_parts_bad_cuts_from_lines_read_wrong
    between = learn(ruler("2 7/8", "2 7/8", "2 57/64", "2 55/64", "3", "2 7/8"))

    assert_in_delta 1.04 / 9, moved(between, "misread")["to"], 1e-5
    assert_equal 4, moved(between, "ruler_between")["count"]
    assert_equal(["ruler_main"], learn(ruler("2 1/2", "2 1/2"))["moved"].map { |one| one["value"] })
  end

  # A time varies by a third of itself until it is measured; a share by the Beta of what was seen.
  def test_times_and_shares
    learnt = learn({ "test" => "time", "value" => "press", "seconds" => [10, 12] }, { "test" => "share", "value" => "misread", "of" => 20, "hits" => 1 })

    assert_in_delta ((4 * 8) + 22) / 6.0, learnt["maker"]["press"]["value"], 1e-5
    assert_in_delta 1.04 / 24, learnt["maker"]["errors"]["misread"]["value"], 1e-5
    assert_in_delta (((4 * 8) + 22) / 6.0) - (1.9432 * Math.sqrt(((4 * ((8 / 3.0)**2)) + 2 + (8 / 6.0 * 9)) / 6 / 6)), moved(learnt, "press")["bias_interval"].first, 1e-3
    assert_equal ["/measured/0/hits"], refused({ "test" => "share", "value" => "misread", "of" => 2, "hits" => 3 })
  end

  def refused(test)
    assert_raises(OakenGauge::Documents::Invalid) { learn(test) }.faults.map(&:pointer)
  end

  # As tables have them.
  def test_quantiles
    quantiles = Learning::Quantiles

    [[1.94318, quantiles.t(0.95, 6)], [1.690924, quantiles.t(0.95, 34)], [6.570631, quantiles.chi_square(0.05, 14)], [23.68479, quantiles.chi_square(0.95, 14)],
     [238.322, quantiles.chi_square(0.95, 204)], [0.04102317, quantiles.beta(0.05, 2, 8)], [0.04146975, quantiles.beta(0.95, 0.04, 5)]].each do |expected, found|
      assert_in_delta expected, found, 1e-4 * expected
    end
  end

  # Hands drawn as was assumed of them, readings to the next 1/64: nine in ten intervals hold what they speak of.
  def test_intervals_hold
    chance = Random.new(7)
    normal = -> { Math.sqrt(-2 * Math.log(1 - chance.rand)) * Math.cos(2 * Math::PI * chance.rand) }
    reading = (1 / 64.0) / Math.sqrt(12)
    [1, 3, 30].each do |count|
      held = Array.new(1000) do
        spread = Math.sqrt(4 * (0.010**2) / Array.new(4) { normal.call**2 }.sum)
        mean = normal.call * spread / 2
        found = Array.new(count) { ((mean + (normal.call * spread)) * 64).round / 64.0 }
        sample = Learning::Sample.new(found, mean: 0.0, spread: 0.010)
        [mean.between?(*sample.mean_between), Math.sqrt((spread**2) + (reading**2)).between?(*sample.spread_between)]
      end

      held.transpose.each { |list| assert_includes 860..960, list.count(true), count }
    end
  end

  def test_what_no_test_is_is_refused
    { { "test" => "juggling" } => "/measured/0/test", { "test" => "three_strips", "middle" => ["1/2"] } => "/measured/0/middle",
      { "test" => "strips", "tool" => "s", "wanted" => "2", "found" => %w[2 2] } => "/measured/0/tool", nil => "/measured/0" }.each do |test, pointer|
      error = assert_raises(OakenGauge::Documents::Invalid) { learn(test) }

      assert_equal pointer, error.faults.first.pointer
    end
  end
end
