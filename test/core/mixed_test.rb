# frozen_string_literal: true

require "support/core_case"
require "support/catalogue"

# Sets of several sizes and single units together.
class MixedTest < CoreCase
  # Units of half-square triangles, finished 2, from yardage, by hand: eights leave four over of 12; fours use squares of
  # 4 1/8, 17.02 for four where two of 2 7/8 use 16.53; so eights and twos, and a single where the number is odd. Whole
  # eights are left alone, and so are seven and fifteen, which two at a time makes with one over as one single would.
  SETS = { 12 => [%w[eight_at_a_time 1], %w[two_at_a_time 2]],
           20 => [%w[eight_at_a_time 2], %w[two_at_a_time 2]], 44 => [%w[eight_at_a_time 5], %w[two_at_a_time 2]], 8 => nil, 24 => nil, 1 => nil, 2 => nil }.freeze

  def ask(count, kind = "half_square", finished = "2", **more)
    weigh("rotary/mixed", { "unit" => { "kind" => kind, "finished" => finished, "count" => count }, "tools" => Catalogue::TOOLS, **more.transform_keys(&:to_s) })
  end

  def ask_for(count, id, maker)
    weigh(id, half_square("2", count, tools: Catalogue::TOOLS, maker: maker))
  end

  def sets(method)
    method["makes"]["parts"].map { |part| [part["technique"], part["sets"].to_s] } if method["feasible"]
  end

  def test_how_units_are_shared_out
    SETS.each { |count, parts| parts ? assert_equal(parts, sets(ask(count)), count) : assert_equal(%w[nothing_to_mix], codes(ask(count))) }
  end

  # On scraps of a hundred sizes as on a few: those of 5 3/4 and of 4 1/8, for a set of eight and one of four, are there.
  def test_on_scraps_of_many_sizes
    [20, 100].each do |count|
      scraps = { "form" => "scraps", "pieces" => Array.new(count) { |i| [OakenGauge::Length.new(4 + Rational(i, 8)).to_s] * 2 } }
      mixed = ask(12, fabrics: { "light" => scraps, "dark" => scraps })

      assert_equal [%w[eight_at_a_time 1], %w[four_at_a_time 1]], sets(mixed), count
      assert_in_delta 2 * ((5.75**2) + (4.125**2)), mixed["waste"]["consumed"]
    end
  end

  # A scrap for the set of eight and one for the set of four: just enough, and for nothing else.
  def test_on_scraps_that_are_just_enough
    scraps = { "form" => "scraps", "pieces" => ["5 3/4", "4 1/8"].map { |side| [side, side] } }
    mixed = ask(12, fabrics: { "light" => scraps, "dark" => scraps })

    assert_equal [%w[eight_at_a_time 1], %w[four_at_a_time 1]], sets(mixed)
    assert_in_delta 2 * ((5.75**2) + (4.125**2)), mixed["waste"]["consumed"]
  end

  # On squares of 10 inches an eight and two twos have least to cut, 99.19, but leave slivers; of two fours and two twos all
  # that is left is kept.
  def test_what_takes_least_is_not_what_has_least_to_cut
    squares = { "form" => "squares", "side" => "10" }
    mixed = ask(12, fabrics: { "light" => squares, "dark" => squares })

    assert_equal [%w[four_at_a_time 2], %w[two_at_a_time 2]], sets(mixed)
    assert_in_delta 2 * ((2 * (4.125**2)) + (2 * (2.875**2))), mixed["waste"]["net"]
  end

  # As much fabric as six twos, in three sets. Cut by cut it is quicker too; where squares are cut in stacks it is not.
  def test_twelve_against_six_twos
    twos = weigh("rotary/two_at_a_time", half_square("2", 12, tools: Catalogue::TOOLS))
    mixed = ask(12)

    assert_in_delta twos["waste"]["net"], mixed["waste"]["net"]
    assert_equal([6, 3], [twos, mixed].map { |method| method["makes"]["sets"] })
    ready = 0.5
    single = [twos, mixed].map.with_index { |_, i| ask_for(12, %w[rotary/two_at_a_time rotary/mixed][i], "layers" => 1)["effort"]["minutes"] }

    assert_operator single.last - ready, :<, single.first
  end

  # No mix of eights, fours, twos and halves of squares leaves less over than the one that is answered.
  def test_nothing_leaves_less_over
    whole = weigh("rotary/two_at_a_time", half_square("2", 1, tools: Catalogue::TOOLS))["waste"]["surplus"]
    (3..40).each do |count|
      mixed = ask(count)
      next unless mixed["feasible"]

      assert_in_delta count.odd? ? whole : 0, mixed["waste"]["surplus"], 1e-6, count
      assert_equal count, mixed["makes"]["made"] - mixed["makes"]["surplus"]
    end
  end

  UNITS = [["half_square", "2", 12], ["half_square", "3 3/8", 13], ["flying_geese", %w[2 4], 7], ["flying_geese", %w[3 6], 22],
           ["hourglass", "4", 13]].freeze

  def test_what_is_made_and_where_the_fabric_goes
    UNITS.product(Catalogue::FABRICS.values.first(5)) do |(kind, finished, count), fabric|
      roles = Units.kinds.fetch(kind).roles.map(&:to_s)
      mixed = ask(count, kind, finished, fabrics: roles.to_h { |role| [role, fabric] })
      next unless mixed["feasible"]

      waste = mixed["waste"]

      assert_in_delta waste["consumed"], waste.values_at("in_units", "surplus", "offcut", "lost").sum
      assert_operator waste["lost"], :>=, 0
      assert_operator mixed["makes"]["parts"].sum { |part| part["sets"] }, :>, 1
    end
  end

  def way(kind, finished, count)
    task = OakenGauge.read_weighing({ "unit" => { "kind" => kind, "finished" => finished, "count" => count }, "tools" => Catalogue::TOOLS })
    Methods::Rotary::Mixed.new(task)
  end

  def counted(steps)
    steps.group_by { |step| step.operation.name }.transform_values { |same| same.sum(&:count) }
  end

  # Every seam, cut and pressing of the parts is done, and no more, in as many rounds as the longest of them has.
  def test_the_work_of_the_parts_in_rounds
    UNITS.each do |unit|
      mixed = way(*unit)

      made = counted(mixed.steps.select { |step| step.round.positive? })

      assert_equal counted(mixed.parts.flat_map(&:making_steps)), made.except(:trim_ears, :measure_round)
      assert_equal counted(mixed.parts.flat_map(&:steps))[:trim_ears], made[:trim_ears]
      assert_equal mixed.parts.map { |part| part.steps.last.round }.max, mixed.steps.last.round
    end
  end

  # Eight of twelve come out as eights do, four as twos: the shares are means, the spread holds what the two differ by.
  def test_how_true_they_come_out
    mixed = way("half_square", "2", 12)
    eights, twos = mixed.parts.map(&:accuracy)

    assert_in_delta ((8 * eights.within) + (4 * twos.within)) / 12, mixed.accuracy.within, 1e-9
    assert_in_delta ((8 * eights.good_share) + (4 * twos.good_share)) / 12, mixed.accuracy.good_share, 1e-9
    mean = ((8 * eights.size.mean) + (4 * twos.size.mean)) / 12
    square = ((8 * ((eights.size.sd**2) + (eights.size.mean**2))) + (4 * ((twos.size.sd**2) + (twos.size.mean**2)))) / 12

    assert_in_delta square - (mean**2), mixed.accuracy.size.sd**2, 1e-12
    assert_in_delta 0.9, mixed.accuracy.size.between(*[0.05, 0.95].map { |part| mixed.accuracy.size.at(part) }), 1e-4
  end

  def test_units_made_at_random_agree
    UNITS.each { |unit| assert_predicate way(*unit).sample(count: 20_000, seed: 3), :agrees? }
  end

  # Three pairs, or two and the odd ones single: as many of each hand as are wanted at least.
  def test_lefts_and_rights
    [[8, 3], [5, 2], [1, 6]].each do |left, right|
      mixed = ask({ "left" => left, "right" => right }, "three_triangle", "4")
      next assert_equal(%w[nothing_to_mix], codes(mixed)) unless mixed["feasible"]

      assert_equal([left, right], %w[left right].map { |hand| mixed["makes"][hand]["made"] - mixed["makes"][hand]["surplus"] })
      assert_equal(%w[two_at_a_time patches], mixed["makes"]["parts"].map { |part| part["technique"] })
    end
  end

  # Eight at a time are cut from 6¼, two from 3⅛: strips of 5½ hold the latter only, strips of 3 neither. That the largest sets do
  # not fit is no reason to say that none do.
  def test_sets_that_are_too_large_have_no_part
    from = lambda do |form, count|
      fabrics = { "light" => form, "dark" => { "same_as" => "light" } }
      weigh("rotary/mixed", { "unit" => { "kind" => "half_square", "finished" => "2 1/4", "count" => count }, "fabrics" => fabrics })
    end
    scraps = [%w[4 20], %w[6 19], %w[18 12], %w[6 11], %w[9 5]]

    assert_equal(%w[nothing_to_mix strip_too_narrow], ["5 1/2", "3"].flat_map { |width| codes(from.call({ "form" => "strips", "width" => width }, 40)) })
    assert from.call({ "form" => "scraps", "pieces" => scraps }, 37)["feasible"]
  end

  def test_a_plan_of_a_mix
    pick = ->(count) { { "unit" => { "kind" => "half_square", "finished" => "2", "count" => count }, "method" => "rotary/mixed", "fabrics" => { "light" => "sand", "dark" => "ink" } } }
    document = ->(count) { { "stock" => { "sand" => [{ "form" => "yardage" }], "ink" => [{ "form" => "yardage" }] }, "picks" => [pick.call(count)] } }
    letters = OakenGauge.plan(document.call(12))["letters"].map { |letter| letter.values_at("size", "count") }

    assert_equal [[["5 3/4", "5 3/4"], 2], [["2 7/8", "2 7/8"], 4]], letters
    fault = assert_raises(Documents::Invalid) { OakenGauge.plan(document.call(24)) }.faults.first

    assert_equal "/picks/0/method", fault.pointer
    assert_match(/A mix saves nothing here/, fault.message)
  end
end
