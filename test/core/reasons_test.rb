# frozen_string_literal: true

require "support/core_case"
require "support/making"
require "support/catalogue"

# What is said of a method must be what its figures say.
class ReasonsTest < CoreCase
  include Making

  def feasible(unit, **rest)
    OakenGauge.weigh({ "unit" => unit, "tools" => Catalogue::TOOLS, **rest.transform_keys(&:to_s) }, view: true)["methods"].select { |method| method["feasible"] }
  end

  def each_with_the_other(count = 24)
    Catalogue.units(count).reject { |unit| unit["kind"] == "three_triangle" }.each do |unit|
      methods = feasible(unit)
      methods.each_with_index do |method, i|
        other = methods.find { |one| one["method"] == method["beaten_by"] } || (i.zero? ? methods[1] : methods[i - 1])
        yield method, other, [unit, method["method"], method["why"]].inspect
      end
    end
  end

  def kept(method)
    method["waste"]["consumed"] - method["waste"]["offcut"]
  end

  def test_each_has_two_or_three_sentences
    each_with_the_other do |method, other, about|
      # A full stop between digits is none.
      assert_includes (other ? 3..3 : 2..2), method["why"].scan(/\.(?=\s|\z)/).size, about
      assert_includes method["why"], other["title"][1..], about if other
    end
  end

  def test_what_is_left_over_is_what_is_made_too_many
    each_with_the_other(13) do |method, _, about|
      said = method["why"][/, (\d+|no) extra units?\./, 1]

      assert_equal method["makes"]["surplus"], said.to_i, about
    end
  end

  def test_fabric_and_minutes_by_the_figures
    each_with_the_other do |method, other, about|
      next unless other

      said = method["why"][/(\d+) minutes? (less|more)/]
      less = other["effort"]["minutes"] - method["effort"]["minutes"]

      assert_in_delta less, said.to_i * (said.end_with?("less") ? 1 : -1), 0.51, about if said
      part = method["why"][/(\d+) % (?:less|more) fabric/]
      next unless part

      assert_in_delta (kept(method) / kept(other)) - 1, part.to_i / 100.0 * (part.include?("less") ? -1 : 1), 0.0051, about
    end
  end

  def test_units_left_over_by_the_figures
    said = 0
    each_with_the_other(13) do |method, other, about|
      words = method["why"][/(\d+) (?:fewer|more) extra units?/] or next

      said += 1

      assert_equal method["makes"]["surplus"] - other["makes"]["surplus"], words.to_i * (words.include?("fewer") ? -1 : 1), about
    end
    assert_operator said, :>, 5
  end

  def test_good_units_by_the_figures
    each_with_the_other do |method, other, about|
      words = method["why"][/(\d+) in 100 (?:more|fewer) come out good/] or next

      assert_in_delta method["accuracy"]["good"] - other["accuracy"]["good"], words.to_i / 100.0 * (words.include?("fewer") ? -1 : 1), 0.0051, about
    end
  end

  def test_the_trade_names_both_sides
    above = { "a third less fabric" => 0.667, "a quarter less fabric" => 0.75, "half the fabric" => 0.5, "twice the fabric" => 2, "a third more fabric" => 1.333, "a quarter more fabric" => 1.25 }
    named = 0
    each_with_the_other do |method, other, about|
      above.each do |words, ratio|
        next unless other && method["why"].include?(words)

        named += 1

        assert_in_delta ratio, kept(method) / kept(other), 0.03 * ratio, about
      end
    end

    assert_operator named, :>=, 3
  end

  RULE = Catalogue::TOOLS.first(1)

  def why(unit, id, tools: RULE, **rest)
    OakenGauge.weigh({ "unit" => unit, "tools" => tools, **rest.transform_keys(&:to_s) })["methods"].find { |method| method["method"] == id }["why"]
  end

  # What put a method where it stands comes first, then the rest.
  def test_the_cause_is_told_first
    geese = { "kind" => "flying_geese", "finished" => %w[2 4], "count" => 24 }
    half = { "kind" => "half_square", "finished" => "3", "count" => 8 }

    assert_includes why(geese, "rotary/four_at_a_time_small_sky"), "the one above it: 37 in 100 fewer come out good, 1 minute more, but a quarter less fabric"
    assert_includes why(geese, "rotary/patches"), "the one above it: 4 more raw edges on the bias, 3 in 100 fewer come out good"
    assert_includes why(half, "rotary/two_at_a_time"), "the one above it: 5 more chances for error"
    assert_includes why(half, "rotary/two_at_a_time_narrow", maker: { "school" => "exact" }), "You cut exact and sew scant, so it stands behind “"
    assert_includes why({ **geese, "count" => 22 }, "rotary/mixed"), "2 techniques to get ready, not 1"
  end

  # 120 weighings: of each what stands above it is better in something that is told before anything it is worse in.
  def test_no_reason_tells_only_what_is_better_below
    Catalogue.units(24).product([{}, { "ease" => 2 }, { "fabric" => 3, "time" => 0 }, { "fabric" => 0, "time" => 0, "accuracy" => 0, "surplus" => 0 }]) do |unit, priorities|
      feasible(unit, priorities: priorities).drop(1).each do |method|
        next if method["why"].match?(/It comes to much the same|Beaten on every count/)

        cause = method["why"][/(?:the one above it|it stands behind “[^”]+”)(?:: (.*?))?\.(?=\s|\z)/, 1]

        refute_match(/\b(less(?! than)|easier|fewer (chances|extra|raw)|more come out good|half the fabric)\b/, cause.to_s.split(", ").first.to_s,
                     [unit, priorities, method["method"]].inspect)
      end
    end
  end

  def test_what_it_makes_in_words
    half = feasible({ "kind" => "half_square", "finished" => "2", "count" => 8 }).to_h { |method| [method["method"], method["why"]] }

    { "rotary/patches" => "Makes just the 8 that are needed, one by one.", "rotary/two_at_a_time" => "A set makes 2: 4 sets for 8, no extra units.",
      "rotary/eight_at_a_time" => "A set makes 8: one set for 8, no extra units." }.each { |id, made| assert half[id].start_with?(made), half[id] }
  end

  def test_what_beats_it_on_every_count_is_named
    beaten = 0
    each_with_the_other do |method, other, about|
      next unless method["beaten_by"]

      beaten += 1

      assert_operator kept(method), :>=, kept(other) - CLOSE, about
      assert_operator method["effort"]["minutes"], :>=, other["effort"]["minutes"], about
      assert_operator method["accuracy"]["good"], :<=, other["accuracy"]["good"] + CLOSE, about
      assert_match(/\bBeaten on every count by “/, method["why"], about)
    end
    assert_operator beaten, :>, 5
  end

  def codes_of(unit, id, **rest)
    feasible(unit, **rest).find { |method| method["method"] == id }["warnings"].map { |warning| warning["code"] }
  end

  def test_warnings_where_they_apply
    half = { "kind" => "half_square", "finished" => "2", "count" => 7 }
    geese = { "kind" => "flying_geese", "finished" => %w[2 4], "count" => 7 }
    print = { "form" => "yardage", "usable_width" => "44", "directional" => true }

    assert_equal %w[crooked_fold between_lines per_set], codes_of(half, "rotary/two_at_a_time")
    assert_equal %w[crooked_fold meaning turned_over], codes_of(half, "triangle_ruler/patches")
    assert_includes codes_of(geese, "triangle_ruler/strips"), "one_hand"
    assert_includes codes_of(geese, "rotary/four_at_a_time_large_sky"), "swapped"
    assert_includes codes_of(half, "die/patches"), "layers"
    # A die's number is a finished size too, but nobody could take it for a strip's.
    refute_includes codes_of(half, "die/patches"), "meaning"
    assert_empty %w[selvage directional] - codes_of(half, "rotary/patches", fabrics: { "light" => print })
    with_selvage = [41, 42].map { |wide| codes_of(half, "rotary/patches", fabrics: { "dark" => { "form" => "yardage", "usable_width" => wide.to_s } }) }

    assert_equal([false, true], with_selvage.map { |codes| codes.include?("selvage") })
    assert_includes codes_of({ "kind" => "three_triangle", "finished" => "4", "count" => { "left" => 8, "right" => 3 } }, "rotary/two_at_a_time"), "hands"
    assert_includes codes_of(half, "rotary/two_at_a_time_oversize", maker: { "margin" => "1/16", "errors" => { "seam_guided" => 0.05 } }), "nothing_to_trim"
    refute_includes codes_of(half, "rotary/two_at_a_time_oversize"), "nothing_to_trim"
  end

  # Six cottons, two flannels: what goes through together keeps to the fewer.
  def test_layers_of_two_fabrics
    fabrics = { "light" => { "form" => "yardage", "cloth" => "cotton" }, "dark" => { "form" => "yardage", "cloth" => "flannel" } }
    method = feasible({ "kind" => "half_square", "finished" => "2", "count" => 24 }, fabrics: fabrics).find { |one| one["method"] == "die/patches" }

    assert_includes method["warnings"].map { |warning| warning["say"] }, "At most 2 layers of this fabric in one pass."
  end

  def test_warnings_say_the_very_numbers
    geese = feasible({ "kind" => "flying_geese", "finished" => %w[2 4], "count" => 7 })
    said = geese.flat_map { |method| method["warnings"].map { |warning| [method["method"], warning["say"]] } }

    assert_includes said, ["rotary/four_at_a_time_small_sky", "The large square is the goose, 5 1/4; the small one the sky, 2 7/8. Swapped, every goose is wrong."]
    assert_includes said, ["rotary/patches", "Read the line twice: 5 1/4, not 5 1/8; 2 7/8, not 2 3/4."]
    assert_includes said, ["triangle_ruler/strips", "The 2 1/2 on Tri is the strip width, not the finished size."]
  end

  # Halves are easily found between the heavy lines; eighths are not.
  def test_no_warning_for_a_half
    codes = ->(finished) { codes_of({ "kind" => "square", "finished" => finished, "count" => 7 }, "rotary/patches") }

    assert_equal([false, true, false], ["2", "2 3/8", "2 1/2"].map { |finished| codes.call(finished).include?("between_lines") })
  end

  # What the size is off by where that is more than it varies; else the raw edges, if there are any.
  def test_why_units_are_not_true
    half = feasible({ "kind" => "half_square", "finished" => "2", "count" => 8 }).to_h { |method| [method["method"], method["why"]] }

    assert_match(%r{come within 1/16 of their size, average 1/16 large\.\z}, half["rotary/four_at_a_time"])
    assert_match(%r{come within 1/16 of their size, with 2 raw edges on the bias\.\z}, half["rotary/patches"])
    assert_match(%r{come within 1/16 of their size\.\z}, half["rotary/two_at_a_time"])
  end

  def test_units_too_small_to_trim_are_spoken_of
    half = { "kind" => "half_square", "finished" => "2", "count" => 8 }
    why = ->(errors) { feasible(half, maker: { "margin" => "1/16", "errors" => errors }).find { |method| method["method"] == "rotary/two_at_a_time_oversize" }["why"] }

    assert_match(/\d+ in 100 of its units leave nothing to trim at one side\./, why.call({ "seam_guided" => 0.05 }))
    assert_match(/Every unit is trimmed on four sides, so all come within/, why.call({}))
  end

  SIDES = %w[half_square quarter_square].map { |makes| { "makes" => makes, "reads" => "finished", "marks" => ["4"] } }.freeze

  def from_strips(*rulers)
    tools = rulers.map.with_index { |sides, i| { "id" => "ruler-#{i}", "name" => "Ruler", "kind" => "strip_triangle_ruler", "sides" => sides } }
    unit = { "kind" => "three_triangle", "finished" => "4", "count" => { "left" => 5, "right" => 2 } }
    OakenGauge.weigh({ "unit" => unit, "tools" => tools }, view: true)["methods"].find { |one| one["method"] == "triangle_ruler/patches" }
  end

  # A ruler's 4 may be either patch's.
  def test_which_side_of_a_ruler
    lines = ->(method) { method["settings"].map { |one| one["say"][/\A[^:]+/] } }

    assert_equal ["Line 4 on the half-square side of Ruler", "Line 4 on the quarter-square side of Ruler"], lines.call(from_strips(SIDES))
    assert_equal ["Line 4 on Ruler"] * 2, lines.call(from_strips([SIDES[0]], [SIDES[1]]))
  end

  def test_which_fabric_is_cut
    cut = from_strips(SIDES)["steps"].select { |step| step["step"] == "cut_triangle" }
    boat = feasible({ "kind" => "shape", "outline" => Catalogue::BOAT, "count" => 9 }).find { |one| one["method"] == "template/patches" }

    # Of five lefts and two rights four come in pairs from the fold, three from single strips.
    assert_equal(["Cut 4 half patches from the folded strips", "Cut 3 half patches from the strips lying single, right side up",
                  "Cut 7 left patches from the folded strips", "Cut 7 right patches from the folded strips"],
                 cut.map { |step| step["say"][/\A.*strips(?: lying single, right side up)?/] })
    assert_includes(boat["steps"].map { |step| step["say"] }, "Cut 9 patches from the folded strips, rotating the template 180° between cuts, not flipping it, 2 layers at a time: 5 cuts.")
  end

  def test_sides_that_are_trimmed
    [2, 4].zip(%w[two four]) do |sides, word|
      methods = feasible({ "kind" => "flying_geese", "finished" => %w[2 4], "count" => 8 }, maker: { "trim_sides" => sides })
      half = feasible({ "kind" => "half_square", "finished" => "2", "count" => 8 }, maker: { "trim_sides" => sides })

      assert_includes half.find { |one| one["method"] == "rotary/two_at_a_time_oversize" }["why"], "trimmed on #{word} sides"
      # Geese made head to head always are on four.
      assert_includes methods.find { |one| one["method"] == "rotary/four_at_a_time_large_sky" }["why"], "trimmed on four sides"
    end
  end

  # A maker who draws no lines is told to read none she does not need: the easy line needs no warning.
  def test_no_warning_for_a_line_that_is_easy_to_find
    eighths = Catalogue::TOOLS.map { |tool| tool["id"] == "rule" ? tool.merge("main_lines_at" => "7/8") : tool }
    method = OakenGauge.weigh({ "unit" => { "kind" => "half_square", "finished" => "2", "count" => 7 }, "tools" => eighths })["methods"]
                       .find { |one| one["method"] == "rotary/two_at_a_time" }

    assert_equal(%w[crooked_fold per_set], method["warnings"].map { |warning| warning["code"] })
  end
end
