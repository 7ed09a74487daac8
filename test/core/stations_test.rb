# frozen_string_literal: true

require "support/core_case"

# How far a project is, and its units as a table.
class StationsTest < CoreCase
  def test_each_station_says_what_is_open_there
    [[{ quilt: false, units: 0, picked: 0 }, ["not set", "none yet", "nothing yet"], ["add units", "units"]],
     [{ quilt: true, units: 0, picked: 0, short: 0 }, [nil, "none yet", nil], ["weigh the units of its quilt", "quilt"]],
     [{ quilt: false, units: 3, picked: 2, short: 0 }, ["not set", "1 to pick", nil], ["pick a method for 1 unit", "units"]],
     [{ quilt: true, units: 3, picked: 3, short: 2 }, [nil, nil, "2 short"], ["buy 2 fabrics", "buy"]],
     [{ quilt: true, units: 3, picked: 3, short: 2, counting: true }, [nil, nil, "counting"], ["buy 2 fabrics", "buy"]],
     [{ quilt: true, units: 3, picked: 3 }, [nil, nil, "counting"], ["cut and sew, step by step", "steps"]],
     [{ quilt: true, units: 3, picked: 3, short: 0 }, [nil, nil, nil], ["cut and sew, step by step", "steps"]]].each do |facts, open, following|
      assert_equal open, OakenGauge.stations(**facts).map { |station| station["open"] }, facts
      assert_equal following, OakenGauge.next_step(**facts).values_at("say", "station"), facts
    end
  end

  def test_units_at_home_are_summed_over_what_is_picked
    told = OakenGauge.units_at_home([{ "unit" => half_square(24), "answer" => answer(100.4, 70, 24, 0.9, 0) },
                                     { "unit" => half_square(8), "answer" => nil },
                                     { "unit" => half_square(12), "answer" => answer(50.4, 61.2, 16, 0.7, 4) }], "inch")

    assert_equal(%w[24 8 12], told["units"].map { |row| row["count"] })
    assert_equal ["100 sq in", "70 min", "90 in 100", 0], told["units"].first["pick"].values_at("fabric", "minutes", "good", "extra")
    assert_nil told["units"][1]["pick"]
    # 131.2 minutes; (24 x 0.9 + 16 x 0.7) of 40 units that are made.
    assert_equal({ "picked" => "2 of 3", "fabric" => "151 sq in", "minutes" => "2 h 11 min", "good" => "82 in 100", "extra" => 4 }, told["totals"])
  end

  def test_what_is_of_two_hands_and_what_cannot_be_read_are_told
    handed = { "kind" => "three_triangle", "finished" => "4", "count" => { "left" => 8, "right" => 4 } }
    rows = OakenGauge.units_at_home([{ "unit" => handed, "answer" => nil }, { "unit" => { "kind" => "gone" }, "answer" => nil }], "cm")["units"]

    assert_equal "8 left, 4 right", rows.first["count"]
    assert_match(/cannot be read/, rows.last["say"])
    assert_equal "0 sq cm", OakenGauge.units_at_home([], "cm")["totals"]["fabric"]
  end

  private

  def half_square(count)
    { "kind" => "half_square", "finished" => "2", "count" => count }
  end

  def answer(area, minutes, made, good, extra)
    { "title" => "Two at a time", "settings" => [], "waste" => { "net" => area }, "effort" => { "minutes" => minutes },
      "accuracy" => { "good" => good, "basis" => "assumed" }, "makes" => { "made" => made, "surplus" => extra } }
  end
end
