# frozen_string_literal: true

# A choice of one method for each unit worked out another way: every combination of what weighings answer is gone through.
class Chosen
  KINDS = [["half_square", "2", %w[light dark]], ["half_square", "3", %w[light dark]], ["hourglass", "4", %w[light dark]],
           ["flying_geese", %w[2 4], %w[goose sky]], ["square_in_square", "4", %w[center corners]], ["square", "2 1/2", %w[patch]]].freeze
  NAMES = %w[sand ink sea].freeze
  TOOLS = [
    { "id" => "rule", "name" => "Rule", "kind" => "straight_ruler", "width" => "6 1/2", "length" => "24" },
    { "id" => "short rule", "name" => "Short rule", "kind" => "straight_ruler", "width" => "6 1/2", "length" => "12" },
    { "id" => "triangle", "name" => "Triangle", "kind" => "strip_triangle_ruler",
      "sides" => [{ "makes" => "half_square", "reads" => "finished", "marks" => { "from" => "1", "to" => "8", "step" => "1/2" } },
                  { "makes" => "quarter_square", "reads" => "finished", "marks" => { "from" => "2", "to" => "8", "step" => "1/2" } }] },
    { "id" => "die", "name" => "Die", "kind" => "die", "shapes" => [{ "patch" => "half_square", "finished" => "2", "count" => 8 }],
      "board" => %w[6 9], "blank" => ["5 1/2", "7"] },
    { "id" => "press", "name" => "Press", "kind" => "die_press", "bed_width" => "6" }
  ].freeze
  RULERS = ["rule", "short rule"].freeze
  LIMITS = [{}, {}, { "tools_at_most" => 1 }, { "tools_at_most" => 2 }, { "techniques_at_most" => 1 }, { "techniques_at_most" => 2 },
            { "good_at_least" => 0.9 }, { "only_tools" => ["short rule", "triangle"] }, { "minutes_at_most" => 60 },
            { "tools_at_most" => 2, "techniques_at_most" => 2, "good_at_least" => 0.6 }].freeze

  # @param random [Random]
  # @param most [Integer] units
  # @return [Hash] a choose document
  def self.document(random, most = 5)
    weights = %w[fabric time accuracy surplus ease].to_h { |name| [name, [0, 1, 1, 2, random.rand(100)].sample(random: random)] }
    { "units" => Array.new(1 + random.rand(most)) { |i| unit(i, random) }, "stock" => NAMES.to_h { |name| [name, [{ "form" => "yardage" }]] },
      "tools" => TOOLS.first(1 + random.rand(TOOLS.size)), "priorities" => weights, "limits" => LIMITS.sample(random: random) }.then do |made|
      ids = made["tools"].map { |tool| tool["id"] }
      made["limits"].fetch("only_tools", []) - ids == [] ? made : made.merge("limits" => {})
    end
  end

  # Two of them are often alike: those are one for it.
  def self.unit(place, random)
    kind, finished, roles = KINDS.sample(random: random)
    { "id" => "u#{place}", "unit" => { "kind" => kind, "finished" => finished, "count" => 1 + random.rand(40) },
      "fabrics" => roles.zip(NAMES.sample(roles.size, random: random)).to_h }
  end

  # @param document [Hash]
  def initialize(document)
    @document = document
    @weights = OakenGauge.priorities(document.fetch("priorities", {}))
    @limits = document.fetch("limits", {})
  end

  # @return [Array<Array<Hash>>] of each different unit the methods that may be chosen, best first
  def methods
    @methods ||= groups.map { |same| allowed(weighed(same)) }
  end

  # @return [Array<Array<String>>] ids of units that are alike
  def alike
    groups.map { |same| same.map { |one| one["id"] } }
  end

  # @return [Float, nil] the least there is of all that are within the limits
  def least
    return if methods.any?(&:empty?)

    first, *rest = methods
    first.product(*rest).select { |choice| held?(figures(choice)) }.map { |choice| worth(choice) }.min
  end

  # @return [Array(Float, Float)] of those that are as good the least fabric, and with that the least time
  def first_of_equals
    first, *rest = methods
    equal = first.product(*rest).select { |choice| held?(figures(choice)) && worth(choice) < least + 1e-9 }
    equal.map { |choice| figures(choice).values_at("net", "minutes") }.min_by { |net, minutes| [net.round(6), minutes] }
  end

  # @param picks [Hash{String => String}] methods by the unit
  # @return [Float] what it comes to; nothing where it is not within the limits
  def worth_of(picks)
    choice = chosen(picks)
    worth(choice) if held?(figures(choice))
  end

  # @return [Hash] totals of the same
  def totals_of(picks)
    figures(chosen(picks))
  end

  private

  def chosen(picks)
    groups.zip(methods).map { |same, own| own.find { |method| method["method"] == picks.fetch(same.first["id"]) } }
  end

  def groups
    @groups ||= @document["units"].group_by { |one| [one["unit"].except("count"), one["fabrics"]] }.values
  end

  def weighed(same)
    stock = same.first["fabrics"].transform_values { |name| @document["stock"].fetch(name).first }
    unit = same.first["unit"].merge("count" => same.sum { |one| one["unit"]["count"] })
    question = { "unit" => unit, "fabrics" => stock, **@document.slice("tools", "priorities") }
    OakenGauge.weigh(question)["methods"].select { |method| method["feasible"] }.each { |method| method["units"] = unit["count"] }
  end

  def allowed(methods)
    only = @limits["only_tools"]
    methods.select do |method|
      (@limits["good_at_least"].nil? || method["accuracy"]["good"] >= @limits["good_at_least"]) &&
        (only.nil? || ((set(method) - only).empty? && (!ruler?(method) || RULERS.intersect?(only))))
    end
  end

  def set(method)
    method["settings"].map { |setting| setting["tool"] }.uniq
  end

  # Strips are cut, and no straight ruler is set.
  def ruler?(method)
    method["fabric"].values.any? { |parts| parts["strips"].any? } && !set(method).intersect?(RULERS)
  end

  def figures(choice)
    visits = choice.map { |method| method["effort"]["visits"] }.max
    settings = choice.flat_map { |method| method["settings"].map { |setting| setting.slice("tool", "side", "mark") } }.uniq.size
    { "net" => sum(choice, "waste", "net"), "surplus" => sum(choice, "waste", "surplus"), "visits" => visits, "settings" => settings,
      "minutes" => minutes(choice, visits, settings), "good" => mean(choice, "accuracy", "good"), "tools" => tools(choice),
      "difficulty" => mean(choice, "effort", "difficulty"), "techniques" => choice.flat_map { |method| techniques(method) }.uniq.size }
  end

  def sum(choice, part, figure)
    choice.sum { |method| method[part][figure] }
  end

  def mean(choice, part, figure)
    choice.sum { |method| method["units"] * method[part][figure] } / choice.sum { |method| method["units"] }.to_f
  end

  def tools(choice)
    set = choice.flat_map { |method| set(method) }.uniq
    set.size + (choice.any? { |method| ruler?(method) } && set.none? { |id| RULERS.include?(id) } ? 1 : 0)
  end

  def minutes(choice, visits, settings)
    one_visit = choice.map { |method| method["effort"]["getting_ready"] / method["effort"]["visits"] }.max
    sum(choice, "effort", "minutes") - sum(choice, "effort", "getting_ready") + (one_visit * visits) + (0.5 * settings)
  end

  def techniques(method)
    method["makes"].key?("parts") ? method["makes"]["parts"].map { |part| part["technique"] } : [method["technique"]]
  end

  def held?(figures)
    figures["tools"] <= @limits.fetch("tools_at_most", 99) && figures["techniques"] <= @limits.fetch("techniques_at_most", 99) &&
      figures["minutes"] <= @limits.fetch("minutes_at_most", 1e9) + 0.02
  end

  def worth(choice)
    mine = figures(choice)
    first = figures(methods.map(&:first))
    in_units = methods.sum { |own| own.first["waste"]["in_units"] }
    (@weights["fabric"] * mine["net"] / first["net"]) + (@weights["time"] * mine["minutes"] / first["minutes"]) +
      (@weights["accuracy"] * 2 * Math.log(2) * (1 - mine["good"])) + (@weights["surplus"] * mine["surplus"] / in_units) +
      (@weights["ease"] * ((Math.log(2) / 8 * mine["difficulty"]) + (mine["techniques"] / 4.0)))
  end
end
