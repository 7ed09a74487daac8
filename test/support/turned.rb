# frozen_string_literal: true

# Intervals held against weighings.
class Turned
  KINDS = [%w[half_square 2], ["half_square", "3 1/2"], %w[hourglass 4], ["flying_geese", %w[2 4]], ["square_in_square", "4"],
           ["flying_geese", ["1 1/2", "3"]], %w[half_square 7/8]].freeze
  PRIORITIES = %w[fabric time accuracy surplus ease].freeze

  # @param random [Random]
  # @return [Hash] a weigh document
  def self.document(random)
    kind, finished = KINDS.sample(random: random)
    { "unit" => { "kind" => kind, "finished" => finished, "count" => 1 + random.rand(60) },
      "priorities" => PRIORITIES.to_h { |name| [name, [0, 1, 1, 2, random.rand(100)].sample(random: random)] } }
  end

  # @param random [Random]
  # @return [Hash] what moves: three times in five a priority
  def self.over(random)
    [{ "priority" => PRIORITIES.sample(random: random) }, { "priority" => PRIORITIES.sample(random: random) },
     { "priority" => PRIORITIES.sample(random: random) }, { "count" => [1, 12] }, { "size" => ["2", "2 1/2"] }].sample(random: random)
  end

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

  # @param inches [Float] of length that a price is for
  # @return [Array<Array(Float, Float)>] what the two methods cost at each price at which one takes over from the other
  def ends(role, hour, inches)
    told = OakenGauge.turning(@document.merge("over" => { "price" => { "fabric" => role, "an_hour" => hour } }))["intervals"]
    methods = OakenGauge.weigh(@document)["methods"].to_h { |method| [method["method"], method] }
    told.each_cons(2).map do |one, following|
      [one, following].map do |interval|
        method = methods.fetch(interval["first"])
        (one["to"] * method["waste"]["net"] / inches / 40) + (hour * method["effort"]["minutes"] / 60.0)
      end
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
