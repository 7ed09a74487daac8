# frozen_string_literal: true

require "support/core_case"
require "support/turned"

# Where another method takes the first place: every interval is asked of the ranking itself.
class TurningTest < CoreCase
  # So many of the five hundred that `ruby bench/turning.rb` asks.
  SEEDS = (1..24)

  def test_inside_each_end_the_ranking_says_the_same
    seeds_of(SEEDS).each do |seed|
      document = Turned.document(Random.new(seed))
      name = Turned::PRIORITIES[seed % 5]

      assert_empty Turned.new(document).misfits("priority" => name), "#{document} #{name}"
    end
  end

  # At every value of a count and a size: the first is that of a weighing of its own.
  def test_counts_and_sizes_are_those_of_weighings
    base = { "unit" => { "kind" => "half_square", "finished" => "2", "count" => 10 } }

    assert_empty Turned.new(base).misfits("count" => [1, 24])
    assert_empty Turned.new(base).misfits("size" => %w[1 3])
    handed = { "unit" => { "kind" => "three_triangle", "finished" => "3", "count" => { "left" => 5, "right" => 2 } } }

    assert_empty Turned.new(handed).misfits("count" => [3, 12])
  end

  # Of two: a straight line each. Patches take 115.5 square inches net and so many minutes; by hand beside it.
  def test_money_is_a_line_over_the_price
    document = { "unit" => { "kind" => "half_square", "finished" => "2", "count" => 24 },
                 "fabrics" => { "light" => { "form" => "yardage", "usable_width" => "40", "price" => 10, "currency" => "£" },
                                "dark" => { "form" => "strips", "width" => "3", "usable_length" => "40", "count" => 20, "price" => 1.5, "currency" => "£" } } }

    [0, 3, 20, 60].each { |hour| assert_empty Turned.new(document).dearer("light", hour), hour }
    two = document.merge("fabrics" => document["fabrics"].merge("dark" => { "same_as" => "light" }))

    assert_empty Turned.new(two).dearer("light", 12)
    assert_equal ["dark"], OakenGauge.turning(document.merge("fabrics" => document["fabrics"].slice("light"), "over" => price("light")))["without_price"]
  end

  # Where another takes over both cost the same: worked out from the answers of the weighing, a yard of 36 inches, a metre of 39.37.
  def test_prices_turn_where_two_cost_the_same
    light = ->(measure) { { "form" => "yardage", "usable_width" => measure ? "101.6cm" : "40", "price" => 10 } }
    { nil => "3", "cm" => "8cm" }.each do |measure, finished|
      document = { "unit" => { "kind" => "half_square", "finished" => finished, "count" => 30 }, "measure" => measure,
                   "fabrics" => { "light" => light[measure], "dark" => { "same_as" => "light" } } }.compact
      ends = [0, 1, 3, 12].flat_map { |hour| Turned.new(document).ends("light", hour, measure ? 39.37 : 36) }

      refute_empty ends, measure
      ends.each { |one, other| assert_in_delta one, other, 1e-3, measure }
    end
  end

  # A straight ruler shows a line wherever it is asked: the end of a range between two stops is no mark of the beam for that.
  def test_an_end_between_two_marks_is_none
    unit = { "unit" => { "kind" => "half_square", "finished" => "2", "count" => 8 } }
    told = OakenGauge.turning(unit.merge("over" => { "size" => ["1 1/16", "1 15/16"] }))["intervals"]

    assert_equal ["1 1/8", "1 7/8"], [told.first["from"], told.last["to"]]
  end

  def test_what_cannot_be_asked_is_said
    unit = { "unit" => { "kind" => "half_square", "finished" => "2", "count" => 24 } }
    priced = ->(price, currency) { { "form" => "yardage", "price" => price, "currency" => currency }.compact }

    { { "priority" => "beauty" } => "/over/priority", {} => "/over", { "priority" => "time", "count" => [1, 2] } => "/over",
      { "count" => [5, 2] } => "/over/count", { "count" => [1, 1000] } => "/over/count", { "count" => [0, 4] } => "/over/count/0",
      { "size" => %w[3 2] } => "/over/size", price("sky") => "/over/price/fabric", price("light") => "/over/price/fabric" }.each do |over, pointer|
      assert_fault(pointer, unit.merge("over" => over))
    end
    assert_fault("/fabrics", unit.merge("fabrics" => { "light" => priced[10, "£"], "dark" => priced[9, "$"] }, "over" => price("light")))
    assert_fault("/over", unit)
  end

  def test_where_nothing_counts_there_is_no_interval
    nothing = Turned::PRIORITIES.to_h { |name| [name, 0] }
    unit = { "unit" => { "kind" => "half_square", "finished" => "2", "count" => 24 }, "priorities" => nothing }

    assert_equal [[], nil], OakenGauge.turning(unit.merge("over" => { "count" => [1, 9] })).values_at("intervals", "now")
    moved = OakenGauge.turning(unit.merge("over" => { "priority" => "time" }))

    # From where it counts at all it is all that counts.
    assert_equal [[0.0, 100.0], nil], [moved["intervals"].first.values_at("from", "to"), moved["now"]]
    none = OakenGauge.turning(unit.merge("tools" => [], "priorities" => {}, "over" => { "priority" => "time" }))

    assert_equal [[], nil], none.values_at("intervals", "now")
  end

  # From 1 to 400 are four hundred; one more is too many.
  def test_so_many_counts_at_the_most
    read = ->(most) { OakenGauge.send(:read, half_square.merge("over" => { "count" => [1, most] }), OakenGauge::Turning::Question) }

    assert_equal [1, 400], read.call(400).over.count
    assert_raises(OakenGauge::Documents::Invalid) { read.call(401) }
  end

  private

  def price(role, hour = 20)
    { "price" => { "fabric" => role, "an_hour" => hour } }
  end

  def assert_fault(pointer, document)
    error = assert_raises(Documents::Invalid, document.inspect) { OakenGauge.turning(document) }

    assert_equal pointer, error.faults.first.pointer, error.faults.map(&:message)
  end
end
