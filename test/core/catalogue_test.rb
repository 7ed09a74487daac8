# frozen_string_literal: true

require "support/catalogue"
require "support/core_case"

# What must hold for every method of every unit, from every form of fabric.
class CatalogueTest < CoreCase
  # How many units come of one pass through a method, where it is not one.
  PER_SET = { "half_square" => { "two_at_a_time" => 2, "two_at_a_time_oversize" => 2, "two_at_a_time_narrow" => 2, "four_at_a_time" => 4, "eight_at_a_time" => 8 },
              "hourglass" => { "two_at_a_time" => 2, "two_at_a_time_oversize" => 2, "two_at_a_time_narrow" => 2 },
              "three_triangle" => { "two_at_a_time" => 2, "two_at_a_time_oversize" => 2, "two_at_a_time_narrow" => 2 },
              "flying_geese" => { "four_at_a_time_small_sky" => 4, "four_at_a_time_large_sky" => 4 } }.freeze

  def test_what_a_set_makes
    OakenGauge::Methods.all.each do |method|
      method.makes.each { |kind| assert_equal PER_SET.dig(kind.to_s, method.technique) || 1, method.per_set, "#{kind}: #{method.id}" }
    end
  end

  # Wherever the fence stands: the unit that was answered, weighed by itself, comes to the same.
  def test_every_kind_at_every_stop
    all = OakenGauge.kinds["kinds"].product((1/2r).step(8, 3/8r).to_a)
    all.values_at(*seeds_of(all.each_index)).each do |kind, stop|
      at = Length.new(stop).to_s
      answer = OakenGauge.weigh({ "unit" => kind["starter"], "tools" => Catalogue::TOOLS, "at" => at }, view: true)

      assert_equal [kind["kind"], at], [answer["unit"]["kind"], answer["beam"]["finished"]]
      next unless stop.denominator == 1

      assert_equal OakenGauge.weigh({ "unit" => answer["unit"], "tools" => Catalogue::TOOLS }, view: true)["methods"], answer["methods"], "#{kind['kind']} #{at}"
    end
  end

  def ask(unit, fabric = "yardage", **rest)
    roles = Units.kinds.fetch(unit["kind"]).roles.map(&:to_s)
    OakenGauge.weigh({ "unit" => unit, "tools" => Catalogue::TOOLS,
                       "fabrics" => roles.to_h { |role| [role, Catalogue::FABRICS.fetch(fabric)] }, **rest.transform_keys(&:to_s) })
  end

  # Other allowances than the usual one, and other counts than the last, from the bolt only.
  def each_feasible(*counts, seams: ["1/4"])
    Catalogue::FABRICS.keys.product(counts, seams) do |fabric, count, seam|
      next unless fabric == "yardage" || (seam == "1/4" && count == counts.last)

      Catalogue.units(count).each do |unit|
        ask(unit, fabric, seam_allowance: seam, maker: { "bonus" => true })["methods"].select { |m| m["feasible"] }
                                                                                      .each { |method| yield method, [unit, fabric, seam] }
      end
    end
  end

  def test_parts_add_up_pieces_are_large_enough_and_numbers_agree
    seen = Set.new
    each_feasible(1, 13, seams: ["1/4", "3/8", "6mm"]) do |method, asked|
      seen << [asked.first["kind"], method["method"]]
      [*method["fabric"].values, method["waste"]].each do |parts|
        four = parts.values_at("in_units", "surplus", "offcut", "lost")

        assert_in_delta parts["consumed"], four.sum, CLOSE, [method["method"], asked].inspect
        assert four.all? { |part| part >= -CLOSE }, [method["method"], asked, parts].inspect
      end
      method["cuts"].each { |cut| check_cut(cut, [method["method"], asked]) }
      check_makes(method["makes"], asked.first["count"], [method["method"], asked])
    end
    missing = Methods.all.flat_map { |method| method.makes.map { |kind| [kind.to_s, method.id] } }.to_set - seen

    assert_empty(missing.reject { |kind, id| never_offered?(kind, id) })
  end

  # Kinds for which a family lists the method, but no unit of the catalogue has shapes for it, or no tool.
  def never_offered?(kind, id)
    { "rotary/patches" => %w[wedge_ring web_half], "template/patches" => %w[square rectangle web_half wedge_ring cut_corner],
      "foundation/panel" => %w[square rectangle half_square],
      "die/patches" => %w[rectangle square_in_square cut_corner wedge_ring web_half hourglass square] }.fetch(id, []).include?(kind)
  end

  def check_cut(cut, asked)
    return if cut["shape"] == "blank"

    cut["size"].zip(cut["exact"]) { |size, exact| assert_operator Length.parse(size).to_f, :>=, exact - CLOSE, asked.inspect }
    assert_operator cut["count"], :>, 0
  end

  def check_makes(makes, count, asked)
    return assert_equal count, makes["made"] - makes["surplus"], asked.inspect if count.is_a?(Integer)

    count.each { |hand, needed| assert_equal needed, makes[hand]["made"] - makes[hand]["surplus"], asked.inspect }
  end

  def test_more_units_never_take_less_fabric
    Catalogue.units.reject { |unit| unit["kind"] == "three_triangle" }.each do |unit|
      taken = [1, 2, 3, 4, 5, 8, 9, 17, 40, 41].map { |count| taken_by(unit.merge("count" => count)) }
      taken.each_cons(2) { |fewer, more| fewer.each { |id, fabric| assert_operator more.fetch(id), :>=, fabric - CLOSE, [unit, id].inspect } }
    end
  end

  # Not of mixes, which are other mixes for other counts.
  def taken_by(unit)
    alone = ask(unit)["methods"].reject { |method| method["technique"] == "mixed" || !method["feasible"] }
    alone.to_h { |method| [method["method"], method["waste"]["consumed"]] }
  end

  # Sharp tips, or blunt where a strip's edge or a square's side took them off: a tip is at most s² large.
  def test_the_same_unit_holds_the_same_fabric_but_for_blunted_tips
    Catalogue.units.each do |unit|
      held = ask(unit)["methods"].filter_map { |method| method.dig("waste", "in_units") if method["feasible"] }
      next if held.empty?

      tips = OakenGauge.read_weighing({ "unit" => unit }).unit.patches.size * 2 * 13 / 16.0

      assert_operator held.max - held.min, :<=, tips + CLOSE, unit.inspect
      assert_operator held.max - held.min, :<, CLOSE, unit.inspect if unit["kind"] == "half_square"
    end
  end

  def test_more_layers_never_need_more_passes
    passes = (1..12).map do |layers|
      tools = Catalogue::TOOLS.map { |tool| tool["id"] == "d-tri" ? tool.merge("max_layers" => { "cotton" => layers }) : tool }
      weigh("die/patches", { "unit" => { "kind" => "half_square", "finished" => "2", "count" => 90 }, "tools" => tools })["effort"]["passes"]
    end

    assert_equal passes.sort.reverse, passes
    assert_equal [24, 2], passes.values_at(0, 11) # 12 layers a fabric
  end

  def test_every_infeasible_method_says_why_and_what_would_mend_it
    empty = Catalogue.units.flat_map { |unit| OakenGauge.weigh({ "unit" => unit, "tools" => [] })["methods"] }

    assert(empty.none? { |method| method["feasible"] })
    empty.each do |method|
      assert_operator method["problems"].size, :>=, 1
      method["problems"].each { |problem| assert_match(/Add|Change|Use|Sew|Find/, problem["say"]) }
    end
  end

  def test_words_and_drawings_can_be_made_for_all
    Catalogue.units.each do |unit|
      answer = OakenGauge.weigh({ "unit" => unit, "tools" => Catalogue::TOOLS, "maker" => { "bonus" => true } }, view: true)
      feasible = answer["methods"].select { |method| method["feasible"] }

      feasible.each { |method| assert(method["steps"].all? { |step| step["say"].length > 8 && !step["say"].include?("%") }, method["method"]) }
      assert_equal(feasible.size, feasible.count { |method| method["drawings"].values.flatten.any? })
      refute_empty answer["beam"]["stops"]
    end
  end

  def test_thousands_of_units
    Catalogue.units(100_000).each do |unit|
      next if unit["kind"] == "three_triangle"

      ask(unit)["methods"].select { |method| method["feasible"] }.each { |m| assert_operator m["makes"]["made"], :>=, 100_000 }
    end
  end

  def test_a_huge_allowance_is_a_reasoned_no_or_an_answer
    Catalogue.units.each { |unit| assert_kind_of Array, ask(unit, seam_allowance: "2")["methods"] }
  end

  def test_a_scrap_smaller_than_any_patch
    tiny = { "form" => "scraps", "pieces" => [%w[1 1]] }
    methods = OakenGauge.weigh({ "unit" => { "kind" => "half_square", "finished" => "2", "count" => 13 }, "tools" => Catalogue::TOOLS,
                                 "fabrics" => { "light" => tiny } })["methods"]

    assert_equal %w[precut_too_small one_cell], methods.flat_map { |method| codes(method) }.uniq
  end
end
