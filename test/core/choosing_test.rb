# frozen_string_literal: true

require "support/core_case"
require "support/chosen"

# One method for each unit, all together: held against every combination there is.
class ChoosingTest < CoreCase
  STOCK = { "sand" => [{ "form" => "yardage" }], "ink" => [{ "form" => "yardage" }] }.freeze
  # Minutes of a weighing are told to a hundredth.
  TOLD = 1e-3

  def test_it_is_the_least_of_all_combinations
    seeds_of(1..120).each do |seed|
      document = Chosen.document(Random.new(seed))
      hand = Chosen.new(document)
      answer = OakenGauge.choose(document)
      least = hand.least
      next refute_empty(answer["faults"], seed) unless least

      assert_in_delta least, hand.worth_of(answer["picks"]), TOLD, "seed #{seed}: #{document}"
      assert_in_delta least, answer["objective"], TOLD * 100, "seed #{seed}"
      assert answer["proved"], seed
    end
  end

  def test_totals_are_those_of_the_weighings
    (1..8).each do |seed|
      document = Chosen.document(Random.new(seed)).except("limits")
      answer = OakenGauge.choose(document)
      by_hand = Chosen.new(document).totals_of(answer["picks"])

      %w[net surplus good].each { |figure| assert_in_delta by_hand[figure], answer["totals"][figure], CLOSE, figure }
      assert_in_delta by_hand["minutes"], answer["totals"]["minutes"], 0.05
      assert_equal by_hand.values_at("visits", "tools", "settings", "techniques"),
                   [answer["totals"]["visits"], *answer["totals"].values_at("tools", "settings", "techniques").map(&:size)]
    end
  end

  # A triangle ruler is the best for either alone; with one tool to carry both are cut with the straight ruler.
  def test_best_apart_with_two_tools_and_together_with_one
    both = { "units" => [half("small", "2", 60), half("large", "2 1/2", 8)], "stock" => STOCK, "tools" => Chosen::TOOLS.values_at(0, 2),
             "priorities" => { "fabric" => 1, "time" => 1, "accuracy" => 1, "surplus" => 1 } }
    one = both.merge("limits" => { "tools_at_most" => 1 })

    assert_equal %w[rule triangle], OakenGauge.choose(both.merge("priorities" => { "fabric" => 3, "time" => 3 }))["totals"]["tools"].sort
    assert_equal ["rule"], OakenGauge.choose(one)["totals"]["tools"]
    assert_in_delta Chosen.new(one).least, OakenGauge.choose(one)["objective"], TOLD
  end

  def test_a_fabric_that_is_short_turns_to_what_it_does_for
    document = { "units" => [half("wave", "2", 30), half("crest", "3", 20)], "stock" => STOCK }
    free = OakenGauge.choose(document)
    used = Rational(OakenGauge::Length.parse(free["lengths"]["sand"]["used"]).inches)
    just = OakenGauge.choose(document.merge("stock" => STOCK.merge("sand" => [{ "form" => "yardage", "length" => used.to_s }])))
    short = OakenGauge.choose(document.merge("stock" => STOCK.merge("sand" => [{ "form" => "yardage", "length" => (used - (1/8r)).to_s }])))

    assert_equal free["picks"], just["picks"]
    assert_operator short["tried"], :>, 1
    assert_operator short["objective"], :>=, free["objective"]
    assert_in_delta free["objective"], short["bound"], CLOSE
    refute_equal free["picks"], short["picks"]
  end

  # Five in a hundred less than the least that any choice takes: every one of a few is tried, and it is told what to find.
  def test_too_short_for_all_says_how_much_is_missing
    document = { "units" => [half("wave", "2", 30)], "stock" => STOCK, "tools" => Chosen::TOOLS.first(1) }
    least = Chosen.new(document).methods.first.map { |method| length_of(document, method["method"]) }.min
    answer = OakenGauge.choose(document.merge("stock" => STOCK.merge("sand" => [{ "form" => "yardage", "length" => (least * 95/100r).to_s }])))

    refute answer.key?("picks"), answer
    assert_equal(["wave"], answer["faults"].map { |fault| fault["unit"] })
    assert_equal "Find #{answer['short']['sand']} more of sand.", answer["faults"].first["mend"]
    assert_in_delta least * 0.05, OakenGauge::Length.parse(answer["short"]["sand"]).inches.to_f, 0.2
  end

  def test_nothing_feasible_says_the_one_change_that_mends_it
    units = [half("wave", "2", 30)]
    good = OakenGauge.choose({ "units" => units, "stock" => STOCK, "limits" => { "good_at_least" => 1 } })["faults"].first

    assert_equal "wave", good["unit"]
    share = good["mend"][/(\d+) good in 100/, 1].to_i / 100.0

    assert OakenGauge.choose({ "units" => units, "stock" => STOCK, "limits" => { "good_at_least" => share } }).key?("picks"), good
    only = { "units" => units, "stock" => STOCK, "tools" => Chosen::TOOLS, "limits" => { "only_tools" => ["press"] } }

    assert_equal "Allow Die too: that is single patches, die cut.", OakenGauge.choose(only)["faults"].first["mend"]
    assert OakenGauge.choose(only.merge("limits" => { "only_tools" => %w[press die] })).key?("picks")
    none = OakenGauge.choose({ "units" => units, "stock" => STOCK, "tools" => [] })["faults"].first

    assert_equal ["wave", false], [none["unit"], none["mend"].empty?]
  end

  # What is told, asked for, does; a hair less does not.
  def test_limits_on_all_say_what_would_do
    base = { "units" => [half("wave", "2", 30), half("crest", "3", 20), goose("geese", 12)], "stock" => STOCK }
    fault = OakenGauge.choose(base.merge("limits" => { "minutes_at_most" => 5 }))["faults"].first
    minutes = fault["mend"][/\d+/].to_i

    assert_nil fault["unit"]
    assert OakenGauge.choose(base.merge("limits" => { "minutes_at_most" => minutes })).key?("picks")
    refute OakenGauge.choose(base.merge("limits" => { "minutes_at_most" => minutes - 1 })).key?("picks")
    two = OakenGauge.choose(base.merge("limits" => { "minutes_at_most" => 5, "techniques_at_most" => 1 }))["faults"]

    assert_equal 1, two.size, two
  end

  def test_all_weights_on_one_figure
    units = [half("wave", "2", 30), goose("geese", 12), { "id" => "glass", "unit" => { "kind" => "hourglass", "finished" => "4", "count" => 7 }, "fabrics" => { "light" => "sand", "dark" => "ink" } }]
    %w[fabric time accuracy surplus ease].each do |figure|
      weights = %w[fabric time accuracy surplus ease].to_h { |name| [name, name == figure ? 1 : 0] }
      document = { "units" => units, "stock" => STOCK, "priorities" => weights }

      answer = OakenGauge.choose(document)
      net, minutes = Chosen.new(document).first_of_equals

      assert_in_delta Chosen.new(document).least, answer["objective"], TOLD, figure
      assert_in_delta net, answer["totals"]["net"], CLOSE, figure
      assert_in_delta minutes, answer["totals"]["minutes"], 0.05, figure
    end
    nothing = OakenGauge.choose({ "units" => units, "stock" => STOCK, "priorities" => { "fabric" => 0, "time" => 0, "accuracy" => 0, "surplus" => 0 } })

    assert_equal nothing["apart"], nothing["picks"]
    assert_empty nothing["changes"]
  end

  def test_alike_are_one_unless_different_picks_stay
    units = [half("wave", "2", 30), half("crest", "2", 6)]
    together = OakenGauge.choose({ "units" => units, "stock" => STOCK })

    assert_equal [%w[wave crest]], together["merged"]
    assert_equal 1, together["picks"].values.uniq.size
    kept = units.zip(%w[rotary/patches rotary/two_at_a_time]).map { |unit, keep| unit.merge("keep" => keep) }
    apart = OakenGauge.choose({ "units" => kept, "stock" => STOCK })

    assert_empty apart["merged"]
    assert_equal({ "wave" => "rotary/patches", "crest" => "rotary/two_at_a_time" }, apart["picks"])
    one = OakenGauge.choose({ "units" => [kept.first, units.last], "stock" => STOCK })

    assert_equal [%w[wave crest]], one["merged"]
    assert_equal ["rotary/patches"], one["picks"].values.uniq
  end

  # Eight at a time of 30 leaves 2 over: of 2 1/4 finished, to be trimmed to 2 for a unit that wants just 2.
  def test_extra_units_are_taken_over
    units = [half("large", "2 1/4", 30).merge("keep" => "rotary/eight_at_a_time"), half("small", "2", 2).merge("keep" => "rotary/two_at_a_time")]
    answer = OakenGauge.choose({ "units" => units, "stock" => STOCK })

    assert_equal [{ "from" => "large", "to" => "small", "count" => 2 }], answer["taken_over"]
    far = OakenGauge.choose({ "units" => [units.first, half("small", "1 1/2", 2).merge("keep" => "rotary/two_at_a_time")], "stock" => STOCK })

    assert_empty far["taken_over"]
    other = [units.first, units.last.merge("fabrics" => { "light" => "ink", "dark" => "sand" })]

    assert_empty OakenGauge.choose({ "units" => other, "stock" => STOCK })["taken_over"]
  end

  # Alone from the first-ranked: the totals of the same choice with that unit made otherwise.
  def test_what_each_change_saves_alone
    document = { "units" => [half("wave", "2", 30), goose("geese", 14)], "stock" => STOCK, "priorities" => { "fabric" => 5, "time" => 1 } }
    answer = OakenGauge.choose(document)
    hand = Chosen.new(document)
    answer["changes"].each do |change|
      before, after = [answer["apart"], answer["apart"].merge(change["unit"] => change["to"])].map { |picks| hand.totals_of(picks) }

      assert_in_delta before["net"] - after["net"], change["net"], CLOSE
      assert_in_delta before["minutes"] - after["minutes"], change["minutes"], 0.05
      assert_in_delta after["good"] - before["good"], change["good"], CLOSE
    end

    assert_equal(answer["picks"].reject { |id, method| answer["apart"][id] == method }.keys, answer["changes"].map { |change| change["unit"] })
  end

  # Of each fabric what a plan of all picks takes, as it is asked for by itself.
  def test_lengths_are_those_of_the_plan
    document = { "units" => [half("wave", "2", 30), goose("geese", 14), half("crest", "3", 9)], "stock" => STOCK }
    answer = OakenGauge.choose(document)
    %w[picks apart].zip(%w[used apart]).each do |picks, length|
      asked = document["units"].map { |one| one.slice("unit", "fabrics").merge("method" => answer[picks][one["id"]]) }
      plan = OakenGauge.plan({ "stock" => STOCK, "picks" => asked })["fabrics"]

      assert_equal(plan.transform_values { |fabric| fabric["used_length"] }, answer["lengths"].transform_values { |one| one[length] })
    end
    question = OakenGauge.send(:read_choice, document)
    choice = OakenGauge::Choosing::Choice.new(question)

    assert_equal OakenGauge::Planning::Question.fields.find { |field| field.name == "effort" }.default, choice.cutting(choice.apart).plan.document.effort
  end

  # Less than 0.07 of all that counts, by itself.
  def test_what_makes_no_real_difference_is_said_to
    told = (1..12).flat_map do |seed|
      document = Chosen.document(Random.new(seed)).except("limits")
      answer = OakenGauge.choose(document)
      hand = Chosen.new(document)
      slight = 0.07 * OakenGauge.priorities(document["priorities"]).values.sum
      answer["changes"].map do |change|
        gain = hand.worth_of(answer["apart"]) - hand.worth_of(with_alike(answer, change))
        next if (gain.abs - slight).abs < 0.01

        assert_equal gain.abs < slight, change["say"] == "By itself no real difference.", [seed, change, gain, slight].inspect
        gain.abs < slight
      end
    end

    assert_equal [true, false], told.compact.uniq.sort_by(&:to_s).reverse
  end

  # On a screen where nothing is picked yet each is held against the one that is best for it by itself.
  def test_what_is_said_where_nothing_is_picked
    document = { "units" => [half("wave", "2", 30), goose("geese", 14), half("crest", "3", 9)], "stock" => STOCK }
    fixed = document.merge("priorities" => { "fabric" => 5, "time" => 1, "accuracy" => 0 })
    told = [document, fixed].flat_map { |one| OakenGauge.choose(one, now: {})["changes"] }

    assert(told.all? { |change| change["from"].nil? && change["to_title"] })
    told.each { |change| assert_match(/\ABest by itself, too\.\z|\A.* would be best by itself(; no real difference\.|\. Against that: .+)\z/, change["say"]) }
    now = %w[rotary/patches rotary/two_at_a_time].find { |method| method != OakenGauge.choose(document)["picks"]["wave"] }
    one = OakenGauge.choose(document, now: { "wave" => now })["changes"].find { |change| change["unit"] == "wave" }

    assert_equal now, one["from"]
    refute_match(/would be best/, one["say"])
  end

  # 115.5 square inches of a bolt 40 wide: 2.89 inches of it, at 12 a yard of 36.
  def test_what_it_costs
    stock = { "sand" => [{ "form" => "yardage", "price" => 12, "currency" => "EUR" }],
              "ink" => [{ "form" => "squares", "side" => "10", "count" => 20, "price" => 0.5, "currency" => "GBP" }] }
    answer = OakenGauge.choose({ "units" => [half("wave", "2", 24).merge("keep" => "rotary/two_at_a_time")], "stock" => stock })
    weighed = OakenGauge.weigh({ "unit" => { "kind" => "half_square", "finished" => "2", "count" => 24 },
                                 "fabrics" => { "light" => stock["sand"].first, "dark" => stock["ink"].first } })
    fabric = weighed["methods"].find { |method| method["method"] == "rotary/two_at_a_time" }["fabric"]

    assert_in_delta 12 * (fabric["light"]["consumed"] - fabric["light"]["offcut"]) / 36 / 40, answer["totals"]["cost"]["EUR"], CLOSE
    assert_in_delta 0.5 * fabric["dark"]["pieces_of_stock"], answer["totals"]["cost"]["GBP"], CLOSE
  end

  def test_what_cannot_be_read
    told = ->(document) { assert_raises(OakenGauge::Documents::Invalid) { OakenGauge.choose(document) }.faults.to_h { |fault| [fault.pointer, fault.message] } }
    unit = half("wave", "2", 3)

    assert_match(/no stock/, told.call("units" => [unit], "stock" => { "sand" => STOCK["sand"] })["/units/0/fabrics/dark"])
    assert_match(/one unit an id/, told.call("units" => [unit, unit], "stock" => STOCK)["/units/1/id"])
    assert_match(/a method that makes/, told.call("units" => [unit.merge("keep" => "rotary/four_at_a_time_large_sky")], "stock" => STOCK)["/units/0/keep"])
    assert_match(/no tool of the drawer/, told.call("units" => [unit], "stock" => STOCK, "limits" => { "only_tools" => ["saw"] })["/limits/only_tools/0"])
  end

  private

  # The first-ranked, with one unit, and all that are made with it, changed.
  def with_alike(answer, change)
    ids = answer["merged"].find { |same| same.include?(change["unit"]) } || [change["unit"]]
    answer["apart"].merge(ids.to_h { |id| [id, change["to"]] })
  end

  def half(id, finished, count)
    { "id" => id, "unit" => { "kind" => "half_square", "finished" => finished, "count" => count }, "fabrics" => { "light" => "sand", "dark" => "ink" } }
  end

  def goose(id, count)
    { "id" => id, "unit" => { "kind" => "flying_geese", "finished" => %w[2 4], "count" => count }, "fabrics" => { "goose" => "sand", "sky" => "ink" } }
  end

  # What a plan of the one method takes of sand.
  def length_of(document, method)
    unit = document["units"].first
    plan = OakenGauge.plan("stock" => STOCK, "tools" => document["tools"], "picks" => [{ "unit" => unit["unit"], "method" => method, "fabrics" => unit["fabrics"] }])
    OakenGauge::Length.parse(plan["fabrics"]["sand"]["used_length"]).inches
  end
end
