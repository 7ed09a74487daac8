# frozen_string_literal: true

require "support/core_case"

# Where another method takes the first place: every interval is asked of the ranking itself.
class TurningTest < CoreCase
  KINDS = [%w[half_square 2], ["half_square", "3 1/2"], %w[hourglass 4], ["flying_geese", %w[2 4]], ["square_in_square", "4"],
           ["flying_geese", ["1 1/2", "3"]], %w[half_square 7/8]].freeze
  PRIORITIES = %w[fabric time accuracy surplus ease].freeze
  # So many of the five hundred that `ruby bench/turning.rb` asks.
  SEEDS = (1..12)

  def test_inside_each_end_the_ranking_says_the_same
    SEEDS.each do |seed|
      document = document(Random.new(seed))
      name = PRIORITIES[seed % 5]

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
    nothing = PRIORITIES.to_h { |name| [name, 0] }
    unit = { "unit" => { "kind" => "half_square", "finished" => "2", "count" => 24 }, "priorities" => nothing }

    assert_equal [[], nil], OakenGauge.turning(unit.merge("over" => { "count" => [1, 9] })).values_at("intervals", "now")
    moved = OakenGauge.turning(unit.merge("over" => { "priority" => "time" }))

    # From where it counts at all it is all that counts.
    assert_equal [[0.0, 100.0], nil], [moved["intervals"].first.values_at("from", "to"), moved["now"]]
    none = OakenGauge.turning(unit.merge("tools" => [], "priorities" => {}, "over" => { "priority" => "time" }))

    assert_equal [[], nil], none.values_at("intervals", "now")
  end

  private

  def price(role, hour = 20)
    { "price" => { "fabric" => role, "an_hour" => hour } }
  end

  def assert_fault(pointer, document)
    error = assert_raises(Documents::Invalid, document.inspect) { OakenGauge.turning(document) }

    assert_equal pointer, error.faults.first.pointer, error.faults.map(&:message)
  end

  def document(random)
    kind, finished = KINDS.sample(random: random)
    { "unit" => { "kind" => kind, "finished" => finished, "count" => 1 + random.rand(60) },
      "priorities" => PRIORITIES.to_h { |name| [name, [0, 1, 1, 2, random.rand(100)].sample(random: random)] } }
  end

  # Intervals held against weighings.
  class Turned
    # Inside an end, in what moves.
    INSIDE = 1e-5

    def initialize(document)
      @document = document
    end

    # @return [Array] values at which a weighing has another first than the interval says, gaps, and neighbours with the same first
    def misfits(over)
      told = OakenGauge.turning(@document.merge("over" => over))
      way, = over.keys
      wrong(told["intervals"], way, over) + gaps(told["intervals"], way) + now(told)
    end

    # @return [Array] prices at which another method costs less
    def dearer(role, hour)
      answer = OakenGauge.turning(@document.merge("over" => { "price" => { "fabric" => role, "an_hour" => hour } }))
      methods = OakenGauge.weigh(@document)["methods"].select { |method| method["feasible"] }
      (0..80).map { |step| step * 0.5 }.reject do |price|
        least = methods.map { |method| money(method, price, role, hour) }.min
        holding = answer["intervals"].select { |one| price.between?(one["from"], one["to"]) }
        holding.any? { |one| (money(methods.find { |method| method["method"] == one["first"] }, price, role, hour) - least).abs < 1e-6 }
      end
    end

    private

    def wrong(intervals, way, over)
      intervals.flat_map { |one| values(one, way).map { |value| [value, one["first"]] } }
               .reject { |value, first| first_at(way, over, value) == first }
    end

    def values(interval, way)
      from, to = interval.values_at("from", "to")
      return [from + INSIDE, (from + to) / 2, to - INSIDE] if way == "priority"

      way == "count" ? (from..to).to_a : [from, to]
    end

    def first_at(way, over, value)
      moved = case way
              when "priority" then { "priorities" => @document.fetch("priorities", {}).merge(over[way] => value) }
              when "size" then { "at" => value }
              else { "unit" => @document["unit"].merge("count" => scaled(value)) }
              end
      OakenGauge.weigh(@document.merge(moved))["methods"].first["method"]
    end

    def scaled(value)
      count = @document["unit"]["count"]
      count.is_a?(Hash) ? count.transform_values { |own| (own * value / count.values.sum.to_f).ceil } : value
    end

    def gaps(intervals, way)
      intervals.each_cons(2).reject do |one, following|
        following["first"] != one["first"] && (way == "size" || following["from"] == one["to"] + (way == "count" ? 1 : 0))
      end
    end

    def now(told)
      holding = told["now"] && told["intervals"][told["now"]]["first"]
      holding.nil? || holding == OakenGauge.weigh(@document)["methods"].first["method"] ? [] : ["now: #{holding}"]
    end

    # Light by the yard of 36 inches, dark by the strip.
    def money(method, price, role, hour)
      paid = method["fabric"].sum do |name, parts|
        fabric = @document["fabrics"][name]
        fabric = @document["fabrics"][fabric["same_as"]] if fabric["same_as"]
        own = fabric.equal?(@document["fabrics"][role]) ? price : fabric["price"]
        own * (fabric["form"] == "yardage" ? (parts["consumed"] - parts["offcut"]) / (36 * 40) : parts["pieces_of_stock"])
      end
      paid + (hour * method["effort"]["minutes"] / 60.0)
    end
  end
end
