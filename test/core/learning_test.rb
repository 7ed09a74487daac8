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

  UNIT = { "kind" => "half_square", "finished" => "2", "count" => 8 }.freeze

  def units(*sizes, at: nil, **more)
    { "test" => "units", "unit" => UNIT, "method" => "rotary/patches", "at" => at, "sizes" => sizes.map { |size| [size, size] },
      **more.transform_keys(&:to_s) }.compact
  end

  # What a reading moves by for each source: half of what both sides move by.
  def coefficients
    budget = ErrorModel::Budget.new(Weighing::Question.new(unit: Units::HalfSquare.new(finished: 2r, count: 8), tools: [Tools::StraightRuler.new(
      id: "r", name: "R", width: 6r, length: 24r
    )]).task.way(Methods::Rotary::Patches))
    rows = budget.sides.first(2).map(&:shares)
    moves = rows.transpose.map { |one, other| (one + other) / 2 }
    budget.sources.zip(moves).select { |source, move| source.sd.positive? && !move.zero? }.group_by { |source, _| source.kind }
          .transform_values { |own| own.map(&:last) }
  end

  # Ten units of 2 17/32, 1/32 too large, less the rounding of 2 7/8 in place of 2.8536, which is 0.0214. Of one group what each
  # source moved by is σ²/4 · a · d / (S/10 + Σ σ²/4 · a²).
  def test_finished_units_move_every_step_by_its_part
    answer = learn(units(*["2 17/32"] * 10))
    found = coefficients.transform_values { |moves| [moves.sum, moves.sum { |move| move**2 }] }
    sd = Makers::Profile.new.values
    missing = (1 / 32.0) - (2.875 - 2 - ((2 + Math.sqrt(2)) / 4))
    whole = ((found.sum { |kind, (_, squares)| squares * (sd[kind]**2) } + (0.0045**2)) / 10) + found.sum { |kind, (sum, _)| (sum**2) * (sd[kind]**2) / 4 }
    moved_by = ->(kind) { (sd[kind]**2) / 4 * found[kind].first * missing / whole }

    assert_in_delta 0.010 + moved_by.call(:seam_foot), moved(answer, "take_up")["to"], 2e-5
    assert_in_delta moved_by.call(:ruler_between), answer["maker"]["errors"]["ruler_between"]["bias"], 2e-5
    assert_equal %w[seam_foot ruler_between ruler_main bias pressing].sort, answer["points_to"]["values"].sort
  end

  # The same by the steadiest hands: what a size is read to counts for more than all they do.
  def test_what_a_size_is_read_to_counts
    fine = { "seam_foot" => 0.001, "ruler_between" => 0.001, "ruler_main" => 0.001, "bias" => 0.0005, "pressing" => 0.0005 }
    answer = learn(units(*["2 17/32"] * 10), maker: { "errors" => fine })
    found = coefficients.to_h { |kind, moves| [kind, [moves.sum, moves.sum { |move| move**2 }, fine.fetch(kind.to_s)**2]] }.values
    missing = (1 / 32.0) - (2.875 - 2 - ((2 + Math.sqrt(2)) / 4))
    whole = ((found.sum { |_, squares, variance| squares * variance } + (0.0045**2)) / 10) + found.sum { |sum, _, variance| (sum**2) * variance / 4 }

    assert_in_delta (0.001**2) / 4 * coefficients[:ruler_between].sum * missing / whole, answer["maker"]["errors"]["ruler_between"]["bias"], 1e-5
  end

  # Patches that are as they should be leave the seam: the cut is told apart, and pressing and seam are not.
  def test_patches_measured_on_the_way_tell_steps_apart
    both = learn(units(*["2 17/32"] * 10), units(*["2 7/8"] * 10, at: { "patch" => "light" }))

    refute_includes both["points_to"]["values"], "ruler_between"
    assert_match(/cannot tell apart. To tell: sew three strips/, both["points_to"]["say"])
    assert_operator both["maker"]["errors"]["ruler_between"]["bias"].abs, :<, 0.001
  end

  # Four readings all alike: their own spread is nothing, so every spread falls; one reading says nothing of a spread.
  def test_spreads_move_as_far_as_readings_vary
    alike = moved(learn(units(*["2 1/2"] * 4)), "seam_foot")
    one = moved(learn(units("2 1/2")), "seam_foot")
    wild = moved(learn(units("2 3/8", "2 5/8", "2 7/16", "2 9/16")), "seam_foot")

    assert_operator alike["to"], :<, 0.015
    assert_in_delta 0.015, one["to"], 1e-9
    assert_operator wild["to"], :>, 0.015
  end

  # Each 1/256 larger than the last; and to and fro.
  def test_a_batch_that_grows
    growing = learn(units(*Array.new(10) { |i| (2.5 + (i/256r)).to_f.to_s }))["drift"]

    assert_in_delta 1 / 256.0, growing["per_unit"], 1e-6
    assert_operator growing["sure"], :>, 0.99
    assert_nil learn(units(*["2 1/2", "2 17/32"] * 5))["drift"]
    # y = 0, 1, 1, 3: slope 0.9, what is left 0.7; t = 0.9 / √(0.7 / 2 / 5) = 3.40, of two degrees 92 in 100.
    assert_in_delta 0.923, Learning::Drift.new([0.0, 1.0, 1.0, 3.0]).sure, 0.001
  end

  def test_a_reading_that_is_far_off_is_asked_about
    far = assert_raises(Documents::Invalid) { learn(units("2 1/2", "3 1/2")) }.faults

    assert_equal([["/measured/0/sizes/1", "is more than 1/2 from what it should be: measure it again, or say that you are sure"]],
                 far.map { |fault| [fault.pointer, fault.message] })
    assert learn(units("2 1/2", "3 1/2", sure: true))
    assert learn(units("2 1/2", "3"))
    assert_equal ["/measured/0/sizes/1"], refused(units("2 1/2", "3 1/64"))
    assert_raises(Documents::Invalid) { learn(ruler("2 1/2", "63.5")) }
    assert learn(ruler("2 1/2", "3 1/8").merge("sure" => true))
    { { at: { "round" => 99 } } => "/measured/0/at", { at: { "patch" => "sky" } } => "/measured/0/at", { at: {} } => "/measured/0/at/patch",
      { method: "rotary/strips" } => "/measured/0/method" }.each do |change, pointer|
      assert_includes assert_raises(Documents::Invalid) { learn(units("2 1/2", **change)) }.faults.map(&:pointer), pointer, change
    end
  end
end
