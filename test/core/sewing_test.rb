# frozen_string_literal: true

require "support/catalogue"
require "support/core_case"

# Who lies on top, from which end, which way it is pressed and why, and what is measured after each round.
class SewingTest < CoreCase
  def said(unit, technique = "rotary/patches", maker: {}, tools: Catalogue::TOOLS)
    method = weigh(technique, { "unit" => unit, "tools" => tools, "maker" => maker })
    method["steps"].reject { |step| step["round"].zero? }.group_by { |step| step["round"] }.transform_values { |list| list.map { |step| step["say"] } }
  end

  # The long side of a sky meets the goose's tip, where both together are 135° wide, and its foot, where they are 90°.
  def test_geese
    first, second = said({ "kind" => "flying_geese", "finished" => %w[2 4], "count" => 6 }).values_at(1, 2)

    assert_match(%r{chain piece 6 seams, a scant 1/4 from the edge, from the blunt end, starting on a scrap; don't pull\.}, first.first)
    assert_match(/press 6 to the sky, all alike/, first[1])
    assert_match(%r{6 seams, a scant 1/4 from the edge, the pieced side on top so that you see the point, from the blunt end}, second.first)
    assert_match(/press 6 to the sky, where fewer seams lie/, second[1])
    assert_match(%r{it should be 2 1/2 × 4 1/2 now}, second.last)
  end

  # Both pairs of an hourglass are pressed to the dark: turned against one another, that is opposite ways.
  def test_an_hourglass_nests
    first, second = said({ "kind" => "hourglass", "finished" => "4", "count" => 6 }).values_at(1, 2)

    assert_match(/to the dark side, to nest in the next seam/, first[1])
    assert_match(%r{6 seams, a scant 1/4 from the edge, the seams nested}, second.first)
    open = said({ "kind" => "hourglass", "finished" => "4", "count" => 6 }, maker: { "pressing" => "open" })

    assert_match(/press 12 open, so that they lie flat/, open[1][1])
    assert_match(%r{6 seams, a scant 1/4 from the edge, pinned where the seams meet}, open[2].first)
  end

  # Two 45° tips are equally sharp; from a strip one of them is off.
  def test_the_blunt_end_is_where_there_is_one
    unit = { "kind" => "half_square", "finished" => "2", "count" => 6 }

    assert_match(%r{chain piece 6 seams, a scant 1/4 from the edge, starting on a scrap}, said(unit)[1].first)
    assert_match(%r{chain piece 6 seams, a scant 1/4 from the edge, from the blunt end, starting on a scrap}, said(unit, "triangle_ruler/patches")[1].first)
  end

  # √2 seams less than the square: 5 1/4 - 0.3536, and with a narrow seam of 3/16 5 1/4 - 0.2652.
  def test_the_first_half_of_an_hourglass_is_measured
    unit = { "kind" => "hourglass", "finished" => "4", "count" => 6 }

    assert_match(%r{it should be a little over 4 7/8 square now}, said(unit, "rotary/two_at_a_time")[1].last)
    assert_match(/it should be a little under 5 square now/, said(unit, "rotary/two_at_a_time_narrow")[1].last)
    assert_match(%r{it should be 4 1/2 square now}, said(unit, "rotary/two_at_a_time_narrow")[2].last)
  end

  # Half of a web block is a triangle: there is nothing to lay a ruler across.
  def test_what_has_no_sides_is_not_measured_across
    steps = OakenGauge.weigh({ "unit" => { "kind" => "web_half", "finished" => "4", "count" => 6 }, "tools" => Catalogue::TOOLS })["methods"]
                      .select { |method| method["feasible"] }.flat_map { |method| method["steps"].map { |step| step["step"] } }

    assert_includes steps, "sew_seam"
    refute_includes steps, "measure_round"
    assert_includes steps, "measure_outline"
  end

  def names(unit, technique, **rest)
    weigh(technique, { "unit" => unit, "tools" => Catalogue::TOOLS, **rest.transform_keys(&:to_s) })["steps"].map { |step| step["step"] }
  end

  # Cut apart, opened, snipped, pressed; then the top first, since the next goose lies there.
  def test_large_sky_geese_are_cut_apart_before_they_are_snipped
    last = names({ "kind" => "flying_geese", "finished" => %w[2 4], "count" => 8 }, "rotary/four_at_a_time_large_sky")

    assert_equal %w[cut_between open_halves snip press_to_sky trim_top trim_rest measure_round], last.last(7)
    said = said({ "kind" => "flying_geese", "finished" => %w[2 4], "count" => 8 }, "rotary/four_at_a_time_large_sky")[2]

    assert_includes said, "Trim the top of every unit first, and stop short: the next unit lies there; 8 cuts."
  end

  def test_a_three_triangle_is_pressed_to_its_plain_half
    unit = { "kind" => "three_triangle", "finished" => "4", "count" => { "left" => 4, "right" => 4 } }
    %w[two_at_a_time two_at_a_time_oversize two_at_a_time_narrow].each do |technique|
      assert(said(unit, "rotary/#{technique}")[2].any? { |say| say.include?("press 8 to the half patch, where no seam lies") }, technique)
      assert(said(unit, "rotary/#{technique}", maker: { "pressing" => "open" })[2].any? { |say| say.include?("press 8 open") }, technique)
    end
  end

  def test_what_is_pressed_open_does_not_nest
    Catalogue.units.each do |unit|
      OakenGauge.weigh({ "unit" => unit, "tools" => Catalogue::TOOLS, "maker" => { "pressing" => "open" } })["methods"].each do |method|
        next if method["family"] == "foundation"

        method["steps"].to_a.each { |step| refute_match(/nest/, step["say"], [unit, method["method"]].inspect) }
      end
    end
  end

  # Their tips reach 0.35 past the edge that is sewn next.
  def test_dog_ears_are_off_before_the_next_round
    { "square_in_square" => {}, "cut_corner" => { "corner" => "2", "corners" => 4 } }.each do |kind, more|
      first, second = said({ "kind" => kind, "finished" => "4", "count" => 6, **more }, tools: DRAWER).values_at(1, 2)

      [first, second].each { |round| assert_includes round, "Trim off the 24 dog ears that stand out past the edges.", kind }
    end
  end

  # Every seam that is sewn at the allowance, of all methods.
  def seams(unit, scant)
    methods = OakenGauge.weigh({ "unit" => unit, "tools" => Catalogue::TOOLS, "maker" => { "errors" => { "scant" => scant } } })["methods"]
    steps = methods.flat_map { |method| method["steps"].to_a }
    steps.map { |step| step["say"] if step["step"].match?(/\A(sew|fold)/) && !step["step"].match?(/_on_|bonus/) }.compact
  end

  # Scant, by however little; who sews the whole allowance is told of no scant seam.
  def test_every_seam_is_scant_where_she_sews_so
    Catalogue.units.each do |unit|
      seams(unit, 0.002).each { |say| assert_match(/a scant \d/, say) }
      seams(unit, 0).each { |say| refute_includes say, "scant" }
    end
  end

  def test_every_method_ends_with_measuring_one
    Catalogue.units.each do |unit|
      OakenGauge.weigh({ "unit" => unit, "tools" => Catalogue::TOOLS })["methods"].select { |method| method["feasible"] }.each do |method|
        assert_match(/\Ameasure/, method["steps"].last["step"], [unit, method["method"]].inspect)
      end
    end
  end

  # 2.293 of a goose 3 × 6 is on no ruler: 2 1/4.
  def test_bonus_units_are_offered_at_a_line
    answer = OakenGauge.weigh({ "unit" => { "kind" => "flying_geese", "finished" => %w[3 6], "count" => 8 }, "maker" => { "bonus" => true } }, view: true)
    flip = answer["methods"].find { |method| method["method"] == "rotary/stitch_and_flip" }

    assert_includes flip["steps"].map { |step| step["say"] }, "Sew a second seam for each bonus unit, 1/2 outside the first, 8 in all; cut midway between both."
    assert_includes flip["warnings"].map { |one| one["say"] }, "Every corner cut off gives a bonus HST: trim it to 2 3/4 unfinished, 2 1/4 finished."
    assert_equal(["2 1/4"], flip["leftovers"].map { |left| left["finished"] }.uniq)
    refute_match(/2\.29/, JSON.dump(answer.except("x").then { |all| all["methods"].map { |m| m.slice("steps", "warnings", "leftovers", "settings", "why") } }))
  end

  def test_every_step_has_hints
    Catalogue.units.each do |unit|
      OakenGauge.weigh({ "unit" => unit, "tools" => Catalogue::TOOLS })["methods"].flat_map { |method| method["steps"].to_a }.each do |step|
        refute_empty step["hints"], step["step"]
      end
    end
  end
end
