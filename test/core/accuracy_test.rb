# frozen_string_literal: true

require "support/core_case"
require "support/making"
require "support/catalogue"

# Budgets by hand, and what moves them which way.
class AccuracyTest < CoreCase
  include Making

  GEESE = { "kind" => "flying_geese", "finished" => %w[2 4] }.freeze
  PLAIN = [STRAIGHT, *DRAWER.last(3)].freeze

  def accuracy(id, unit = HALF_SQUARE, tools: PLAIN, **rest)
    weigh(id, { "unit" => { "count" => 8 }.merge(unit), "tools" => tools, **rest.transform_keys(&:to_s) })["accuracy"]
  end

  # What a value of the profile makes of a figure.
  def with(id, figure, errors, unit = HALF_SQUARE, **rest)
    accuracy(id, unit, maker: { "errors" => errors.transform_keys(&:to_s) }, **rest)[figure]
  end

  # Every seam takes 0.01 in both patches: √2 × 0.01 of a half-square unit, twice that of a goose's width
  # and of an hourglass; rounding 2.8536 to 2 7/8 gives 0.0214 back.
  def test_biases_by_hand
    root = Math.sqrt(2)
    bias = ->(id, unit = HALF_SQUARE, **more) { with(id, "size_bias", { scant: 0 }, unit, **more) }

    assert_in_delta(-root * 0.01, bias.call("die/patches"), CLOSE)
    assert_in_delta 2.875 - 2 - ((2 + root) / 4) - (root * 0.01), bias.call("rotary/two_at_a_time"), CLOSE
    assert_in_delta(-2 * root * 0.01, bias.call("die/patches", GEESE, tools: Catalogue::TOOLS), CLOSE)
    assert_in_delta 0, bias.call("rotary/two_at_a_time_oversize"), CLOSE
  end

  # Unless she says otherwise she sews scant by just what the fold takes up.
  def test_a_scant_seam_gives_back_what_the_fold_takes
    assert_in_delta 0, accuracy("die/patches")["size_bias"], CLOSE
    assert_in_delta 2.875 - 2 - ((2 + Math.sqrt(2)) / 4), accuracy("rotary/two_at_a_time")["size_bias"], CLOSE
  end

  # Stitch and flip: what fold and thread take is given back by sewing a thread inside the line. Without
  # that, each seam takes 0.02 along 45°, 0.0141 of the height and twice that of the width.
  def test_a_thread_inside_the_line_gives_back_what_the_fold_takes
    assert_in_delta 0, accuracy("rotary/stitch_and_flip", GEESE)["size_bias"], CLOSE
    assert_in_delta(-2 * Math.sqrt(2) * 0.01, with("rotary/stitch_and_flip", "size_bias", { thread: 0 }, GEESE), CLOSE)
    # There is no allowance to be scant of.
    assert_in_delta 0, with("rotary/stitch_and_flip", "size_bias", { scant: 0.01 }, GEESE), CLOSE
  end

  # From dies: a hypotenuse of either patch, 0.006/√2 each; four legs, 0.006/2 each (as the patches are
  # matched by both ends of the seam, a leg moves the other patch half as far as itself); the seam
  # √2 × 0.015; pressing and laying 0.008/√2 and 0.006/√2; the bias edge of each patch 0.02/(2√2).
  def test_a_spread_by_hand
    parts = [*[0.006 / Math.sqrt(2)] * 2, *[0.006 / 2] * 4, Math.sqrt(2) * 0.015, 0.008 / Math.sqrt(2), 0.006 / Math.sqrt(2)]
    stretch = [0.02 / (2 * Math.sqrt(2))] * 2

    assert_in_delta Math.sqrt((parts + stretch).sum { |part| part**2 }), accuracy("die/patches")["size_sd"], 1e-6
  end

  def test_one_value_of_the_profile_moves_what_it_should
    # Seams twice as far off: twice (√2)² × (0.03² - 0.015²) in the variance; the bias stays.
    wide = with("die/patches", "size_sd", { seam_foot: 0.03 })

    assert_in_delta 2 * ((0.03**2) - (0.015**2)), (wide**2) - (accuracy("die/patches")["size_sd"]**2), 1e-5
    assert_in_delta accuracy("die/patches")["size_bias"], with("die/patches", "size_bias", { seam_foot: 0.03 }), CLOSE
    # A scant seam of 0.01 gives back what fold and thread take.
    assert_in_delta 0, with("die/patches", "size_bias", { scant: 0.01 }), CLOSE
    assert_in_delta accuracy("die/patches")["size_sd"], with("die/patches", "size_sd", { scant: 0.01 }), CLOSE
  end

  def test_each_value_touches_only_what_it_belongs_to
    { die: ["die/patches", "rotary/patches"], ruler_between: ["rotary/patches", "die/patches"], seam_line: ["rotary/two_at_a_time", "die/patches"],
      triangle_ruler: ["triangle_ruler/patches", "rotary/patches"], bias: ["rotary/patches", "rotary/two_at_a_time"],
      seam_foot: ["rotary/four_at_a_time", "rotary/eight_at_a_time"] }.each do |value, (moved, still)|
      worse = { value => 0.05 }

      assert_operator with(moved, "size_sd", worse), :>, accuracy(moved)["size_sd"] + 0.002, value
      assert_operator with(moved, "within_sixteenth", worse), :<, accuracy(moved)["within_sixteenth"], value
      assert_in_delta accuracy(still)["size_sd"], with(still, "size_sd", worse), CLOSE, value
    end
  end

  def test_trimming_is_what_tells_the_size_of_a_trimmed_unit
    assert_in_delta 0.012, accuracy("rotary/two_at_a_time_oversize")["size_sd"], CLOSE
    assert_in_delta 0.03, with("rotary/two_at_a_time_oversize", "size_sd", { trim_line: 0.03 }), CLOSE
    assert_in_delta 0.012, with("rotary/two_at_a_time_oversize", "size_sd", { seam_line: 0.04, ruler_main: 0.04 }), CLOSE
    groove = [*PLAIN, { "id" => "lock", "name" => "Lock", "kind" => "seam_lock_trimmer", "makes" => "half_square", "finished" => "2" }]

    assert_in_delta 0.008, accuracy("rotary/two_at_a_time_oversize", tools: groove)["size_sd"], CLOSE
  end

  # An hourglass trimmed still has its two seams where they were sewn.
  def test_trimming_does_not_mend_points
    sewn = { "kind" => "hourglass", "finished" => "4" }
    worse = with("rotary/two_at_a_time_oversize", "point_sd", { laying: 0.03 }, sewn)

    assert_operator worse, :>, accuracy("rotary/two_at_a_time_oversize", sewn)["point_sd"] + 0.005
  end

  def test_a_larger_margin_leaves_more_to_trim
    shares = %w[1/64 1/16 1/8 1/4].map { |margin| accuracy("rotary/two_at_a_time_oversize", grid: "1/64", maker: { "margin" => margin, "errors" => { "seam_line" => 0.04 } })["too_small_to_trim"] }

    assert_equal shares.sort.reverse, shares
    assert_operator shares.first, :>, 0.25
    assert_operator shares.last, :<, 0.01
    assert_in_delta 0, accuracy("rotary/two_at_a_time")["too_small_to_trim"], CLOSE
  end

  def test_two_sides_leave_twice_as_much_to_trim
    rest = { "errors" => { "seam_line" => 0.03 }, "margin" => "1/16" }

    assert_operator accuracy("rotary/two_at_a_time_oversize", maker: { **rest, "trim_sides" => 2 })["too_small_to_trim"], :<,
                    accuracy("rotary/two_at_a_time_oversize", maker: { **rest, "trim_sides" => 4 })["too_small_to_trim"] / 2
  end

  # The ruler whose heavy lines stand at seven eighths: no line between, nothing to read wrong.
  def test_the_line_that_is_easy_to_find
    eighths = [STRAIGHT.merge("main_lines_at" => "7/8"), *PLAIN.drop(1)]
    found, hard = [eighths, PLAIN].map { |tools| accuracy("rotary/patches", tools: tools) }

    assert_operator found["size_sd"], :<, hard["size_sd"] - 0.001
    assert_in_delta found["within_sixteenth"], with("rotary/patches", "within_sixteenth", { misread: 0.2 }, tools: eighths), CLOSE
    assert_operator with("rotary/patches", "within_sixteenth", { misread: 0.2 }), :<, hard["within_sixteenth"] - 0.05
    assert_in_delta hard["size_bias"], with("rotary/patches", "size_bias", { misread: 0.2 }), CLOSE
  end

  # 0.008 for 0.020 in each of the two bias edges, wherever the starch is said.
  def test_starch
    raw = accuracy("rotary/patches")
    said = accuracy("rotary/patches", maker: { "starched" => true })
    fabric = accuracy("rotary/patches", fabrics: %w[light dark].to_h { |role| [role, { "form" => "yardage", "starched" => true }] })

    assert_equal said, fabric
    assert_in_delta 2 * ((0.02**2) - (0.008**2)) / 8, (raw["size_sd"]**2) - (said["size_sd"]**2), 1e-5
    assert_equal [2, 2, 0, 4], [raw["bias_edges"], said["bias_edges"], *%w[two four].map { |many| accuracy("rotary/#{many}_at_a_time")["bias_edges"] }]
  end

  def test_bias_edges_by_hand
    assert_equal({ "rotary/patches" => 4, "rotary/four_at_a_time_small_sky" => 0, "rotary/stitch_and_flip" => 0 },
                 %w[rotary/patches rotary/four_at_a_time_small_sky rotary/stitch_and_flip].to_h { |id| [id, accuracy(id, GEESE)["bias_edges"]] })
    assert_equal 8, accuracy("rotary/patches", { "kind" => "hourglass", "finished" => "4" })["bias_edges"]
    assert_equal 4, accuracy("rotary/patches", { "kind" => "square_in_square", "finished" => "4" })["bias_edges"]
  end

  def test_aids_lead_the_seam_and_save_the_lines
    light = [*PLAIN, { "id" => "aid", "name" => "Aid", "kind" => "marking_aid", "aids" => "light" }]
    by_line, led, drawn = [[PLAIN, {}], [light, {}], [light, { "marking" => "drawn_line" }]].map do |tools, maker|
      weigh("rotary/two_at_a_time", { "unit" => { **HALF_SQUARE, "count" => 8 }, "tools" => tools, "maker" => maker })
    end

    assert_in_delta 2 * ((0.012**2) - (0.01**2)), (by_line["accuracy"]["size_sd"]**2) - (led["accuracy"]["size_sd"]**2), 1e-6
    # Four lines of 8 s, and setting up to draw them.
    assert_in_delta ((4 * 8) + 30) / 60.0, by_line["effort"]["minutes"] - led["effort"]["minutes"], 0.006
    # The light leads the seams between units all the same.
    assert_equal by_line["accuracy"].except("basis", "rows"), drawn["accuracy"].except("basis", "rows")
    assert_equal([4, 0], [by_line, led].map { |method| method["accuracy"]["alignments"] - led["accuracy"]["alignments"] })
  end

  # A light leads an edge as well as a line; a gauge draws lines truer, but has to draw them.
  def test_what_each_aid_leads
    aided = ->(aid) { [*PLAIN, { "id" => "aid", "name" => "Aid", "kind" => "marking_aid", "aids" => aid }] }
    saved = ->(id, aid) { (accuracy(id)["size_sd"]**2) - (accuracy(id, tools: aided.call(aid))["size_sd"]**2) }

    %w[light tape seam_guide].each { |aid| assert_in_delta 2 * ((0.015**2) - (0.01**2)), saved.call("rotary/patches", aid), 1e-6, aid }
    %w[light tape gauge].each { |aid| assert_in_delta 2 * ((0.012**2) - (0.01**2)), saved.call("rotary/two_at_a_time", aid), 1e-6, aid }
    %w[seam_guide drawn_line].each { |aid| assert_in_delta 0, saved.call("rotary/two_at_a_time", aid), CLOSE, aid }
    slips = %w[light tape gauge seam_guide].to_h { |aid| [aid, accuracy("rotary/two_at_a_time", tools: aided.call(aid))["alignments"]] }

    assert_equal({ "light" => 0, "tape" => 0, "gauge" => 4, "seam_guide" => 4 }, slips.transform_values { |all| all - slips["light"] })
  end

  def test_a_quarter_inch_foot
    foot = [*PLAIN, { "id" => "aid", "name" => "Aid", "kind" => "marking_aid", "aids" => "quarter_foot" }]

    assert_in_delta 2 * ((0.015**2) - (0.012**2)), (accuracy("rotary/patches")["size_sd"]**2) - (accuracy("rotary/patches", tools: foot)["size_sd"]**2), 1e-6
    assert_in_delta accuracy("rotary/two_at_a_time")["size_sd"], accuracy("rotary/two_at_a_time", tools: foot)["size_sd"], CLOSE
  end

  def test_more_ease_makes_a_sheet_larger
    biases = %w[0 1/32 1/16 1/8].map { |ease| accuracy("foundation/panel", { "kind" => "hourglass", "finished" => "4" }, tools: [SHEET[0], SHEET[1].merge("ease" => ease)])["size_bias"] }

    assert_equal biases.sort, biases
    assert_in_delta 0.125, biases.last - biases.first, CLOSE
  end

  def each_outcome
    Catalogue.units.each do |unit|
      task = OakenGauge.read_weighing({ "unit" => unit, "tools" => Catalogue::TOOLS })
      Weighing::Weigher.new(task).outcomes.select(&:feasible?).each { |outcome| yield outcome, [unit["kind"], outcome.way.class.id].inspect }
    end
  end

  def test_parts_of_the_steps_add_up
    each_outcome do |outcome, about|
      accuracy = outcome.accuracy

      assert_in_delta accuracy.size.sd**2, accuracy.parts.sum { |part| part.size_sd**2 }, 1e-6, about
      assert_in_delta accuracy.point.sd**2, accuracy.parts.sum { |part| part.point_sd**2 }, 1e-6, about
      assert_in_delta 1.0, accuracy.parts.sum(&:share), 1e-5, about
      assert_in_delta accuracy.size.mean, accuracy.rounding + accuracy.parts.sum(&:size_bias), 1e-5, about
    end
  end

  # Every error belongs to a step that is done, and every step that can go wrong has one.
  def test_errors_belong_to_steps_that_are_done
    each_outcome do |outcome, about|
      shown = outcome.accuracy.parts.map(&:step)

      names = outcome.way.operations.map(&:name)

      assert_empty shown - names - [:mix], about
      sewn = names.grep(/sew_/) - %i[sew_bonus] - (names.include?(:fold_and_sew) ? %i[sew_beside_line sew_beside_guide] : [])

      assert_empty sewn - shown, about
    end
  end

  # What is good in everything at once: no more than in what is off most often, and what is bad in two of them at once
  # is not bad twice.
  def test_good_is_good_in_everything_at_once
    each_outcome do |outcome, about|
      accuracy = outcome.accuracy
      good = outcome.way.sample(count: 20_000, seed: 7).all_good

      # Four times what chance leaves of 20,000, and what is drawn.
      assert_in_delta good, accuracy.good_share, (4 * Math.sqrt(good * (1 - good) / 20_000)) + 0.006, about
      assert_operator accuracy.good_share, :<=, [accuracy.within, accuracy.points_within, 1 - accuracy.too_small].min + 0.005, about
    end
    assert_operator accuracy("template/patches", GEESE, tools: Catalogue::TOOLS)["good"], :<, accuracy("template/patches", GEESE, tools: Catalogue::TOOLS)["within_sixteenth"]
  end

  # Straighten, strips, squares, line, sew, cut, press: seven, and a line between. From patches one step fewer
  # and two raw edges more.
  # Nothing is read in it, so it is normal: 1.645 standard deviations either way.
  def test_where_nine_in_ten_come_out
    figures = accuracy("die/patches")
    low, high = figures["middle_nine_tenths"]

    assert_in_delta figures["size_bias"] - (1.644854 * figures["size_sd"]), low, 2e-6
    assert_in_delta figures["size_bias"] + (1.644854 * figures["size_sd"]), high, 2e-6
  end

  def test_what_there_is_to_learn_by_hand
    two, patches = %w[rotary/two_at_a_time rotary/patches].map { |id| Weighing::Outcome.new(way(id, tools: [STRAIGHT])).difficulty }

    assert_equal [9, 10], [two, patches]
    assert_equal 8, Weighing::Outcome.new(way("rotary/two_at_a_time", tools: [STRAIGHT.merge("main_lines_at" => "7/8")])).difficulty
  end

  # k units in a row have k - 1 seams between them; each takes 0.010 too much of both units, and strays by 0.015 on both.
  def test_a_row_of_units
    figures = accuracy("die/patches", maker: { "errors" => { "scant" => 0 } })

    figures["rows"].each do |row|
      units = row["units"]

      assert_in_delta (units * figures["size_bias"]) - (2 * (units - 1) * 0.010), row["bias"], 1e-5
      assert_in_delta Math.sqrt((units * (figures["size_sd"]**2)) + (4 * (units - 1) * (0.015**2))), row["sd"], 1e-5
    end
    assert_equal([2, 4, 8, 12], figures["rows"].map { |row| row["units"] })
    # Sewn scant, seams between units take nothing.
    assert_in_delta 0, accuracy("die/patches")["rows"].last["bias"], CLOSE
  end

  def test_measured_only_when_everything_in_it_was
    assert_equal "assumed", accuracy("die/patches")["basis"]
    assert_equal "assumed", with("die/patches", "basis", { die: 0.006 })
    all = { die: 0.006, take_up: 0.01, seam_foot: 0.015, laying_blunt: 0.006, pressing: 0.008, bias: { "value" => 0.02, "count" => 12 } }

    assert_equal "measured", with("die/patches", "basis", all)
    assert_equal "assumed", with("die/patches", "basis", all.except(:bias))
  end

  def test_bad_values_are_named
    maker = { "errors" => { "die" => -1, "seam_foot" => "wide", "glue" => 1, "bias" => { "value" => 0.1, "count" => 0 } }, "school" => "old", "trim_sides" => 3 }

    assert_equal %w[/maker/errors/bias/count /maker/errors/die /maker/errors/glue /maker/errors/seam_foot /maker/school /maker/trim_sides],
                 faults({ "unit" => { **HALF_SQUARE, "count" => 8 }, "maker" => maker }).keys.sort
  end

  def test_a_maker_that_is_no_object
    unit = { **HALF_SQUARE, "count" => 8 }

    { "maker" => 3, "priorities" => [1] }.each { |key, value| assert_equal ["/#{key}"], faults({ "unit" => unit, key => value }).keys }
    assert_equal ["/maker/errors"], faults({ "unit" => unit, "maker" => { "errors" => [0.1] } }).keys
  end

  # Notched corners, or tips trimmed first, in a unit whose triangles sit inside a longer side.
  def test_blunt_tips_show_where_a_patch_lies
    plain = [{ "id" => "d", "name" => "D", "kind" => "die", "notched" => false, "board" => %w[6 9], "blank" => %w[6 8],
               "shapes" => [{ "patch" => "half_square", "finished" => "2", "count" => 8 }] }, DRAWER.last]
    sharp, notched = [plain, [plain[0].except("notched"), plain[1]]].map { |tools| accuracy("die/patches", tools: tools) }

    assert_in_delta ((0.01**2) - (0.006**2)) / 2, (sharp["size_sd"]**2) - (notched["size_sd"]**2), 1e-6
  end

  def test_a_corner_trimmer_pays_in_time_for_points
    square = { "kind" => "square_in_square", "finished" => "4", "count" => 6 }
    trimmer = { "id" => "c", "name" => "Corner", "kind" => "corner_trimmer", "round" => "inner" }
    plain, trimmed = [PLAIN, [*PLAIN, trimmer]].map { |tools| weigh("rotary/patches", { "unit" => square, "tools" => tools }) }

    assert_operator trimmed["accuracy"]["size_sd"], :<, plain["accuracy"]["size_sd"]
    # Two tips of each of 24 corners, 4 s a tip, at the mat where they were cut; no dog ears after either round, two at each of
    # the corners, 3 s each, and no going back to the mat for them twice.
    assert_in_delta ((24 * 2 * 4) - (48 * 3) - 60) / 60.0, trimmed["effort"]["minutes"] - plain["effort"]["minutes"], 0.011
    other = [*PLAIN, trimmer.merge("made_for_seam" => "3/8")]

    assert_equal plain["accuracy"], weigh("rotary/patches", { "unit" => square, "tools" => other })["accuracy"]
  end
end
