# frozen_string_literal: true

require "support/core_case"
require "support/catalogue"

# How many cuts there are where several layers are cut through at once.
class StacksTest < CoreCase
  RULE = DRAWER.first(1)
  TRI = { "id" => "tri", "name" => "Tri", "kind" => "strip_triangle_ruler",
          "sides" => [{ "makes" => "half_square", "reads" => "finished", "marks" => %w[2 4] }, { "makes" => "quarter_square", "reads" => "finished", "marks" => ["4"] }] }.freeze

  def steps(kind, finished, count, id, tools: RULE, **rest)
    unit = finished.is_a?(Hash) ? finished : { "finished" => finished }
    weigh(id, { "unit" => { "kind" => kind, "count" => count, **unit }, "tools" => tools, **rest.transform_keys(&:to_s) })["steps"]
  end

  # Count, and layers, of each step of a name.
  def cuts(name, ...)
    steps(...).select { |step| step["step"] == name }.map { |step| step.values_at("count", "layers") }
  end

  # Two folded strips on one another are four layers; one is two.
  def test_folded_strips
    assert_equal [[6, 4]], cuts("subcut", "half_square", "2", 24, "rotary/two_at_a_time")
    assert_equal [[2, nil]], cuts("cut_strip", "half_square", "2", 24, "rotary/two_at_a_time")
    assert_equal [[5, 2]], cuts("subcut", "square", "2", 10, "rotary/patches")
    # Thirty from three strips: through four layers, eight cuts.
    assert_equal [[8, 4]], cuts("subcut", "square", "2", 30, "rotary/patches")
  end

  def test_it_is_a_habit
    by_habit = [1, 2, 4].map { |layers| cuts("subcut", "half_square", "2", 24, "rotary/two_at_a_time", maker: { "layers" => layers }) }

    assert_equal [[[24, nil]], [[12, 2]], [[6, 4]]], by_habit
    minutes = [1, 2, 4].map { |layers| weigh("rotary/two_at_a_time", half_square("2", 24, maker: { "layers" => layers }))["effort"]["minutes"] }

    assert_in_delta 12 * 10 / 60.0, minutes[0] - minutes[1], 0.011
    assert_in_delta 6 * 10 / 60.0, minutes[1] - minutes[2], 0.011
    assert_equal ["/maker/layers"], faults(half_square("2", 24, maker: { "layers" => 3 })).keys
  end

  def test_words_say_pieces_layers_and_cuts
    said = steps("half_square", "2", 24, "rotary/two_at_a_time").map { |step| step["say"] }

    assert_includes said, "Cut 24 squares of 2 7/8 from the strips: light and dark, 4 layers at a time: 6 cuts."
  end

  # Bought strips and precuts lie single: as many layers as there are of them.
  def test_what_lies_single
    strips = ->(count) { { "patch" => { "form" => "strips", "width" => "2 1/2", "count" => count } } }

    assert_equal [[10, nil]], cuts("subcut", "square", "2", 10, "rotary/patches", fabrics: strips.call(1))
    # 79 from five strips of sixteen, of which the last ends where its strip does: 75 to be cut off, through four.
    assert_equal [[19, 4]], cuts("subcut", "square", "2", 79, "rotary/patches", fabrics: strips.call(9))
    charms = { "form" => "squares", "side" => "5", "count" => 40 }

    # 24 squares of 2 7/8 from 24 charms of 5: a strip and a square off each, four charms at a time.
    assert_equal [[6, 4]], cuts("subcut", "half_square", "2", 24, "rotary/two_at_a_time", fabrics: { "light" => charms, "dark" => charms })
    assert_equal [[6, 4]], cuts("cut_strip", "half_square", "2", 24, "rotary/two_at_a_time", fabrics: { "light" => charms, "dark" => charms })
  end

  # No two of these scraps can be laid on one another; six alike can, by four and two.
  def test_scraps_of_different_sizes_are_cut_singly
    scraps = ->(sizes) { { "patch" => { "form" => "scraps", "pieces" => sizes } } }

    assert_equal [[1, nil]] * 3, cuts("subcut", "square", "2", 3, "rotary/patches", fabrics: scraps.call([%w[3 3], %w[3 4], %w[4 4]]))
    assert_equal [[2, 4]], cuts("subcut", "square", "2", 6, "rotary/patches", fabrics: scraps.call([%w[4 3]] * 6))
  end

  # Squares stay stacked for their diagonals: 12 of each fabric for 24 patches of each.
  def test_diagonals_are_cut_in_the_same_stacks
    assert_equal [[6, 4]], cuts("subcut", "half_square", "2", 24, "rotary/patches")
    assert_equal [[6, 4]], cuts("cut_diagonal", "half_square", "2", 24, "rotary/patches")
  end

  def test_a_triangle_ruler_takes_two_layers
    assert_equal [[12, 2], [12, 2]], cuts("cut_triangle", "half_square", "2", 24, "triangle_ruler/patches", tools: [*RULE, TRI])
    # A pair is two layers, and stays together.
    assert_equal [[24, nil]], cuts("cut_triangle", "half_square", "2", 24, "triangle_ruler/strip_pair", tools: [*RULE, TRI])
  end

  # Blunt at one tip: of eight lefts and three rights three pairs come from the fold, five lefts from a strip right side up.
  def test_hands_under_a_fold
    hands = ->(left, right) { cuts("cut_triangle", "three_triangle", "4", { "left" => left, "right" => right }, "triangle_ruler/patches", tools: [*RULE, TRI]) }

    assert_equal [[8, 2], [8, 2], [8, 2]], hands.call(8, 8)
    assert_equal [[3, 2], [5, nil], [6, 2], [6, 2]], hands.call(8, 3)
  end

  # A template without a mirror line: all of one hand, from single strips. One with: through the fold.
  def test_templates
    [[%w[0 0], %w[5 0], %w[2 1], %w[2 4]], Catalogue::BOAT].zip([[[13, 2]], [[7, 2]]]).each do |outline, expected|
      template = { "id" => "t", "name" => "T", "kind" => "template", "outline" => outline }
      found = steps("shape", { "outline" => outline }, 13, "template/patches", tools: [*RULE, template]).select { |step| step["step"] == "cut_triangle" }

      assert_equal(outline == Catalogue::BOAT, found.all? { |step| step["say"].include?("folded") })
      refute_includes found.map { |step| step["say"] }.join, "ruler"
      assert_equal 13, expected.first.first if outline != Catalogue::BOAT
    end
  end

  # What its document says: more than four layers are warned of.
  def test_under_a_slotted_ruler
    slots = ->(layers) { { "id" => "s", "name" => "S", "kind" => "slotted_ruler", "slot_step" => "1/2", "reach" => "12", "length" => "20", "layers" => layers } }
    cut = ->(layers) { weigh("rotary/patches", { "unit" => { "kind" => "square", "finished" => "2", "count" => 128 }, "tools" => [*RULE, slots.call(layers)] }) }
    made = [2, 4, 8].map { |layers| cut.call(layers)["steps"].find { |step| step["step"] == "subcut_slots" }.values_at("count", "layers") }

    assert_equal [[64, 2], [32, 4], [16, 8]], made
    assert_equal([false, false, true], [2, 4, 8].map { |layers| cut.call(layers)["warnings"].any? { |one| one["code"] == "many_layers" } })
  end

  # More layers never need more cuts, nor more minutes; whatever the layers, as much fabric.
  def test_layers_over_the_catalogue
    Catalogue.units(24).each do |unit|
      each_by_habit(unit) do |id, methods|
        %w[cuts minutes].each { |figure| assert_never_more(methods.map { |method| method["effort"][figure] }, [unit, id]) }
        assert_equal 1, methods.map { |method| method["waste"] }.uniq.size, id
      end
    end
  end

  # Of each method, but mixes, what it is with one layer, with two and with four.
  def each_by_habit(unit)
    by_habit = [1, 2, 4].map { |layers| by_method(unit, layers) }
    (by_habit.map(&:keys).inject(:&) - ["rotary/mixed"]).each { |id| yield id, by_habit.map { |all| all[id] } }
  end

  def assert_never_more(list, about)
    assert_equal list.sort.reverse, list, about.inspect
  end

  def by_method(unit, layers)
    OakenGauge.weigh({ "unit" => unit, "tools" => Catalogue::TOOLS, "maker" => { "layers" => layers } })["methods"]
              .select { |method| method["feasible"] }.to_h { |method| [method["method"], method] }
  end
end
