# frozen_string_literal: true

require "support/catalogue"
require "support/core_case"

class WeighingTest < CoreCase
  SIZES = ["1", "1 1/2", "2", "2 3/8", "3.1", "4", "6 1/4", "5cm", "63mm"].freeze
  COUNTS = [1, 2, 7, 24, 63, 500].freeze
  SEAMS = ["1/4", "3/16", "3/8", "6mm", "0.75cm"].freeze

  # Several tests look at the same answers.
  def self.answers
    @answers ||= {}
  end

  def each_answer
    SIZES.product(COUNTS, SEAMS) do |asked|
      finished, count, seam = asked
      found = self.class.answers[asked] ||=
        OakenGauge.weigh(half_square(finished, count, seam_allowance: seam))["methods"].select { |method| method["feasible"] }
      found.each { |method| yield method, *asked }
    end
  end

  def test_the_four_parts_add_up_and_none_is_negative
    each_answer do |method, *asked|
      [*method["fabric"].values, method["waste"]].each do |parts|
        four = parts.values_at("in_units", "surplus", "offcut", "lost")

        assert_in_delta parts["consumed"], four.sum, CLOSE, [method["method"], asked].inspect
        assert four.all? { |part| part >= -CLOSE }, [method["method"], asked, parts].inspect
      end
    end
  end

  def test_made_less_surplus_is_what_was_needed
    each_answer do |method, _, count, _|
      makes = method["makes"]

      assert_equal count, makes["made"] - makes["surplus"]
      assert_operator makes["surplus"], :<, makes["parts"] ? 2 : makes["per_set"]
    end
  end

  def test_no_piece_is_smaller_than_its_geometry
    each_answer do |method, *|
      method["cuts"].reject { |cut| cut["shape"] == "blank" }.each do |cut|
        cut["size"].zip(cut["exact"]) { |size, exact| assert_operator Length.parse(size).to_f, :>=, exact - CLOSE }
      end
    end
  end

  def test_the_same_unit_holds_the_same_fabric_however_it_was_cut
    SIZES.product(SEAMS) do |finished, seam|
      held = OakenGauge.weigh(half_square(finished, 24, seam_allowance: seam))["methods"].filter_map { |m| m.dig("waste", "in_units") }

      assert_operator held.max - held.min, :<, CLOSE
    end
  end

  def test_more_units_never_take_less_fabric
    answers = (1..60).map { |count| OakenGauge.weigh(half_square("2", count))["methods"].select { |method| method["feasible"] } }
    taken = answers.flatten.group_by { |method| method["method"] }.transform_values { |list| list.map { |m| m["waste"]["consumed"] } }

    assert_operator taken.size, :>, 6
    taken.each { |id, list| assert_equal list.sort, list, id }
  end

  def test_magic_numbers_follow_the_seam_allowance
    { "1/4" => "2 7/8", "3/8" => "3 3/8", "3/16" => "2 3/4", "1/2" => "3 3/4" }.each do |seam, cut|
      assert_equal [cut, cut], weigh("rotary/two_at_a_time", half_square("2", 2, seam_allowance: seam))["cuts"][0]["size"], seam
    end
  end

  METRIC_RULER = { "kind" => "straight_ruler", "id" => "metric", "name" => "Metric rule", "width" => "16cm", "length" => "60cm" }.freeze

  # A cut made with a ruler is on its lines: 80.485 mm is 3.169 inches, up to 3 1/4, 82.55 mm; 81 would do.
  def test_an_inch_ruler_says_its_own_line_in_a_metric_document
    method = weigh("rotary/two_at_a_time", half_square("60mm", 2, seam_allowance: "6mm"))
    setting = method["settings"][0]

    assert_equal %w[82.55mm 82.55mm], method["cuts"][0]["size"]
    assert_equal ["3 1/4in", "1.55mm"], setting.values_at("mark", "off_by")
    assert_includes setting["say"], "3 1/4in (8.26cm)"
  end

  # 60 mm + (2 + √2) × 6 mm = 80.49 mm, up to the next millimetre.
  def test_a_metric_document_is_answered_in_its_own_measure
    cut = weigh("rotary/two_at_a_time", half_square("60mm", 2, seam_allowance: "6mm", tools: [METRIC_RULER]))["cuts"][0]

    assert_equal %w[81mm 81mm], cut["size"]
    assert_in_delta 80.485281 / 25.4, cut["exact"][0], 1e-5
  end

  def test_a_coarser_grid_rounds_further_up
    assert_equal %w[3 3], weigh("rotary/two_at_a_time", half_square("2", 2, grid: "1/2"))["cuts"][0]["size"]
  end

  # 25 units: 13 squares fill a strip of 40 (37.375, leaving 2.625 × 2.875 worth keeping); none is over.
  def test_every_strip_gives_back_its_own_offcut
    light = weigh("rotary/two_at_a_time", half_square("2", 27))["fabric"]["light"]

    assert_equal 2, light["pieces_of_stock"]
    assert_in_delta 230, light["consumed"], CLOSE
    assert_in_delta 2.875 * (2.625 + 37.125), light["offcut"], CLOSE
  end

  # 12 squares of 2 7/8 leave 1 1/4 of 35 3/4: under 1 1/2, so it is lost. At 36 it would just be kept.
  def test_a_sliver_is_lost
    fabrics = { "light" => { "form" => "yardage", "usable_width" => "35 3/4" } }

    assert_in_delta 0, weigh("rotary/two_at_a_time", half_square("2", 24, fabrics: fabrics))["fabric"]["light"]["offcut"], CLOSE
  end

  def test_directional_fabric_takes_longer_strips
    turned = weigh("triangle_ruler/strip_pair", half_square("2", 24))
    straight = weigh("triangle_ruler/strip_pair",
half_square("2", 24, fabrics: { "light" => { "form" => "yardage", "directional" => true } }))

    assert_equal 1, turned["fabric"]["light"]["pieces_of_stock"]
    assert_equal 2, straight["fabric"]["light"]["pieces_of_stock"] # 24 × 2.8536 = 68.5
  end

  def test_fabrics_share_a_pass_up_to_the_smallest_layer_limit
    flannel = { "dark" => { "form" => "yardage", "cloth" => "flannel" } }

    assert_equal 1, weigh("die/patches", half_square("2", 24))["effort"]["passes"] # 3 + 3 layers of 6
    assert_equal 3, weigh("die/patches", half_square("2", 24, fabrics: flannel))["effort"]["passes"] # of 2
  end

  def test_priorities_change_the_order
    first = ->(priorities) { OakenGauge.weigh(half_square("2", 13, priorities: priorities))["methods"][0] }

    by_surplus = first.call({ "fabric" => 0, "time" => 0, "accuracy" => 0, "surplus" => 1 })
    by_time = first.call({ "fabric" => 0, "time" => 1, "accuracy" => 0, "surplus" => 0 })

    assert_equal 0, by_surplus["makes"]["surplus"]
    assert_equal "die/patches", by_time["method"]
    assert_equal 1, by_time["rank"]
    assert_in_delta(-Math.log2(by_time["effort"]["minutes"] / 13), by_time["score"], 0.002)
  end

  # Where nothing counts: what none of the rest beats, and of that raw edges, chances, minutes.
  def test_where_nothing_counts
    nothing = { "fabric" => 0, "time" => 0, "accuracy" => 0, "surplus" => 0 }
    feasible = OakenGauge.weigh(half_square("2", 24, priorities: nothing))["methods"].select { |m| m["feasible"] }
    open = ->(rest) { rest.reject { |m| rest.any? { |other| beats?(other, m) } } }

    assert_operator feasible.size, :>, 5
    feasible.each_index do |i|
      rest = feasible.drop(i)

      assert_equal open.call(rest).min_by { |m| [*m["accuracy"].values_at("bias_edges", "alignments"), m["effort"]["minutes"]] }, rest.first
    end
  end

  def beats?(one, other)
    mine, its = [one, other].map do |m|
      [m["waste"]["consumed"], m["waste"]["net"], m["effort"]["minutes"], 1 - m["accuracy"]["good"], m["waste"]["surplus"], m["effort"]["difficulty"]]
    end
    mine.zip(its).none? { |a, b| a > b + CLOSE } && mine.zip(its).drop(1).any? { |a, b| a < b - CLOSE }
  end

  # 12 squares to mark 8 s, 24 seams of √2 × 2.875 at 0.6 s an inch and 3 s each, 6 cuts through four layers,
  # 2 strips, 2 ends, 12 lines cut, 24 pressed: 96 + 130.6 + 60 + 20 + 20 + 120 + 192 = 638.6 s; 48 dog ears at 3 s: 144; getting ready 30 s
  # each time at the mat, the pencil, the machine, the mat, the iron, the mat.
  def test_minutes_are_the_sum_of_the_steps
    assert_in_delta 10.64 + 2.4 + 3, weigh("rotary/two_at_a_time", half_square)["effort"]["minutes"], 0.005
  end

  def test_a_time_of_her_own_replaces_the_assumed_one
    slower = weigh("rotary/two_at_a_time", half_square("2", 24, maker: { "press" => 18 }))

    assert_in_delta 10.64 + 2.4 + 3 + 4, slower["effort"]["minutes"], 0.006
  end

  SCHOOLS = { "exact" => %w[oversize narrow], "oversize" => %w[narrow], "narrow" => %w[oversize], "either" => [] }.freeze

  def random_question(chance)
    pick = ->(list) { list[chance.rand(list.size)] }
    unit = pick.call(Catalogue.units(pick.call([1, 2, 7, 8, 22, 24, 60, 200])))
    fabrics = Units.kinds.fetch(unit["kind"]).roles.to_h { |role| [role.to_s, Catalogue::FABRICS.fetch(pick.call(%w[yardage yardage strips squares fat_quarter scraps print]))] }
    { "unit" => unit, "fabrics" => fabrics, "tools" => Catalogue::TOOLS.select { chance.rand < 0.8 },
      "priorities" => { "fabric" => chance.rand(4), "time" => chance.rand(4), "accuracy" => chance.rand(4), "surplus" => chance.rand(4), "ease" => chance.rand(3) },
      "maker" => { "school" => pick.call(SCHOOLS.keys), "layers" => pick.call([1, 2, 4]) } }
  end

  # Whatever is asked, what is beaten on every count stands below what beats it; methods of another habit are behind all.
  def test_what_is_beaten_never_stands_above_what_beats_it
    weighed = sampled(814, 120) { |chance| random_question(chance) }.sum do |question|
      ranked = OakenGauge.weigh(question)["methods"].select { |m| m["feasible"] }
      against, own = ranked.partition { |m| against?(m, question["maker"]["school"]) }

      assert_equal ranked, own + against, question.inspect
      [own, against].each { |list| assert_none_beaten(list, question) }
      ranked.size
    end

    assert_operator weighed, :>, 50
  end

  def assert_none_beaten(list, question)
    list.each_with_index { |m, i| assert list.drop(i + 1).none? { |other| beats?(other, m) }, [question, m["method"]].inspect }
  end

  # Cut large or sewn narrow, or exact where there is a sister that is either.
  def against?(method, school)
    SCHOOLS.fetch(school).any? { |other| method["technique"].end_with?("_#{other}") } ||
      (%w[oversize narrow].include?(school) && Methods.all.any? { |one| one.id == method["method"] && one.school == :exact })
  end
end
