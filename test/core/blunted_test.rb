# frozen_string_literal: true

require "support/core_case"

# Patches whose dog ears are off before they are cut.
class BluntedTest < CoreCase
  TEMPLATE = { "id" => "t", "name" => "T", "kind" => "template" }.freeze
  SEAM = 1/4r

  def ask(unit, fabrics, template)
    weigh("template/patches", { "unit" => unit, "tools" => [TEMPLATE.merge(template)], "fabrics" => fabrics })
  end

  def charms(side, count)
    { "form" => "squares", "side" => side, "count" => count }
  end

  # f + 2s: one from each charm. Sharp at one tip, as from a strip, it would be 2 + (2 + √2)/4 = 2.854 long.
  def test_one_from_each_charm
    unit = { "kind" => "half_square", "finished" => "2", "count" => 24 }
    made = { "makes" => "half_square", "finished" => "2" }
    method = ask(unit, %w[light dark].to_h { |role| [role, charms("2 1/2", 24)] }, made)

    assert method["feasible"]
    assert_in_delta 24 * 6.25, method["fabric"]["light"]["consumed"]
    refute ask(unit, %w[light dark].to_h { |role| [role, charms("2 3/8", 24)] }, made)["feasible"]
  end

  # What such a patch holds is what the unit holds of it: the two together are the unit and its seam,
  # 2.5² + 2 × 1/4 × √2 × 2.5 less the two half squares of 1/4 √2 that the seam's ends reach past the corners.
  def test_it_is_drawn_as_it_is
    unit = OakenGauge.read_unit({ "kind" => "half_square", "finished" => "2", "count" => 1 })
    shape = unit.shapes.first
    cut = unit.blunted(:light, shape, shape.lying.first, SEAM)

    assert_in_delta 2.5, cut.width
    assert_in_delta 2.5, cut.height
    assert_equal 5, cut.points.size
    assert_in_delta ((2.5**2) + (0.5 * Math.sqrt(2) * 2.5) - 0.125) / 2, cut.area
  end

  # The skies of a goose have one dog ear past the unit, one left and one right: neither is cut for both.
  def test_patches_of_two_hands_keep_their_dog_ears
    unit = OakenGauge.read_unit({ "kind" => "flying_geese", "finished" => %w[2 4], "count" => 1 })
    sky = unit.patches_of(:sky).first.shape
    goose = unit.patches_of(:goose).first.shape

    assert_in_delta 2 + (0.25 * (2 + Math.sqrt(2))), unit.blunted(:sky, sky, sky.lying.first, SEAM).width
    assert_in_delta 4.5, unit.blunted(:goose, goose, goose.lying.first, SEAM).width
  end

  # As cut, on paper: the legs 2 + 2/4, the dog ears off, corners to a hundredth of a thousandth.
  def test_a_template_traced_as_cut
    outline = [%w[0 0], %w[2.5 0], %w[2.5 0.35355], %w[0.35355 2.5], %w[0 2.5]]
    sharp = [%w[0 0], %w[2.85355 0], %w[0 2.85355]]

    [outline, sharp].each do |drawn|
      assert_equal Patches::HalfSquare.new(2r), OakenGauge.read_tool({ **TEMPLATE, "outline" => drawn, "includes_seam" => true }).shape
    end
  end

  # Traced 1/100 too large it still serves, and says so; 1/32 too large it does not. A square 0.01 larger finishes so.
  def test_a_template_that_is_a_little_off
    square = ->(side) { [%w[0 0], [side, "0"], [side, side], ["0", side]] }
    boat = lambda do |side|
      tools = [{ "id" => "t", "name" => "T", "kind" => "template", "outline" => [%w[0 0], [side, "0"], ["0", side]], "includes_seam" => true }]
      weigh("template/patches", { "unit" => { "kind" => "half_square", "finished" => "2", "count" => 8 }, "tools" => tools })
    end

    assert_equal Patches::Square.new(2r), OakenGauge.read_tool({ **TEMPLATE, "outline" => square.call("2.5004"), "includes_seam" => true }).shape
    exact, off, far = ["2.85355", "2.86355", "2.9"].map { |side| boat.call(side) }

    refute_match(/larger/, exact["settings"].first["say"])
    assert_match(/It is 0\.010 larger than wanted\./, off["settings"].first["say"])
    # The unit's side is longer by half of what both patches are, and by half of that across: all 0.01 of it.
    assert_in_delta 0.01, off["accuracy"]["size_bias"] - exact["accuracy"]["size_bias"], 0.0005
    assert_equal %w[no_mark], codes(far)
  end

  # An edge of 1/2 √2 between two corners of 135° is 2 tan 22.5° shorter for each inch: at 0.854 nothing is left of it,
  # and its neighbours run on to the corner.
  def test_an_edge_that_comes_to_nothing_is_left_out
    corner_off = Polygon.new([[0, 0], [3, 0], [3, 2.5], [2.5, 3], [0, 3]])

    assert_equal 4, corner_off.inset(1).points.size
    assert_in_delta 1, corner_off.inset(1).area
    assert_equal 5, corner_off.inset(3/4r).points.size
  end
end
