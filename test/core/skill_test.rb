# frozen_string_literal: true

require "support/core_case"
require "support/making"
require "support/catalogue"

# Which errors a method has, which step each belongs to, and how large it is.
class SkillTest < CoreCase
  include Making

  GEESE = { "kind" => "flying_geese", "finished" => %w[2 4] }.freeze

  def kinds(method)
    sources(method).map { |source| [source.step, source.kind] }
  end

  # Light and dark: a strip and a cut across each, which may be read wrong; then the seam.
  def test_two_at_a_time
    cuts = [%i[cut_strip ruler_between], %i[cut_strip misread], %i[subcut ruler_between], %i[subcut misread]]
    seam = [%i[sew_beside_line laying], %i[sew_beside_line laying], %i[sew_beside_line take_up], %i[sew_beside_line scant],
            %i[sew_beside_line seam_line], %i[press_to_dark pressing]]

    assert_equal (cuts + cuts + seam).sort, kinds(way("rotary/two_at_a_time", tools: [STRAIGHT])).sort
  end

  # Dies: every edge of both patches, both long sides raw on the bias.
  def test_dies
    counted = kinds(way("die/patches")).tally

    assert_equal 6, counted[%i[cut_with_die die]]
    assert_equal 2, counted[%i[sew_seam bias]]
    assert_nil counted[%i[cut_strip ruler_main]]
  end

  # A square cut in eight is cut through its middle along the ruler's edge, wherever its lines are.
  def test_eight_at_a_time
    found = kinds(way("rotary/eight_at_a_time", tools: [STRAIGHT]))

    # Through both fabrics at once.
    assert_equal 1, found.count(%i[cut_middle ruler_main])
    assert_equal 2, found.count(%i[subcut ruler_between])
  end

  def test_an_easy_line_is_never_read_wrong
    easy = kinds(way("rotary/two_at_a_time", tools: [STRAIGHT.merge("main_lines_at" => "7/8")]))

    assert_includes easy, %i[subcut ruler_main]
    assert_empty(easy.select { |_, kind| %i[misread ruler_between].include?(kind) })
  end

  # Strips of 2 1/2 that were bought: nobody cut their width.
  def test_precut_strips
    fabrics = %w[light dark].to_h { |role| [role, { "form" => "strips", "width" => "2 1/2" }] }
    counted = kinds(way("triangle_ruler/strip_pair", fabrics: fabrics)).tally

    assert_equal 2, counted[%i[cut_triangle precut]]
    assert_equal 2, counted[%i[cut_triangle triangle_ruler]]
    assert_nil counted[%i[cut_strip ruler_between]]
  end

  def test_slots_cannot_be_read_wrong
    slots = { "id" => "slots", "name" => "Slots", "kind" => "slotted_ruler", "slot_step" => "1/2", "reach" => "12", "length" => "20" }
    found = kinds(way("rotary/patches", { "kind" => "square", "finished" => "2", "count" => 64 }, tools: [STRAIGHT, slots]))

    assert_includes found, %i[subcut_slots ruler_main]
    assert_empty(found.select { |_, kind| kind == :misread })
  end

  # A rectangle's strips come from the slots; its length, 3 1/4, is cut one by one, on a line between; 3 1/2 would be plain to see.
  def test_what_is_not_cut_in_slots_can_be_read_wrong
    slots = { "id" => "slots", "name" => "Slots", "kind" => "slotted_ruler", "slot_step" => "1/2", "reach" => "12", "length" => "20" }
    found = kinds(way("rotary/patches", { "kind" => "rectangle", "finished" => ["2", "2 3/4"], "count" => 200 }, tools: [STRAIGHT, slots]))

    assert_includes found, %i[cut_strip_slots ruler_main]
    assert_includes found, %i[subcut_rectangle ruler_between]
  end

  # Trimming on four sides lays the ruler and cuts two widths; on two it only cuts.
  def test_trimming
    four, two = [4, 2].map { |sides| kinds(way("rotary/two_at_a_time_oversize", tools: [STRAIGHT], maker: { "trim_sides" => sides })).tally }

    assert_equal [4, 2], [four[%i[trim_to trim_line]], two[%i[trim_two trim_line]]]
  end

  def test_values_come_from_the_profile
    die = sources(way("die/patches", maker: { "errors" => { "die" => 0.033, "take_up" => 0.02 } }))

    assert_equal [0.033], die.select { |source| source.kind == :die }.map(&:sd).uniq
    assert_equal [0.02, -0.01], die.select { |source| %i[take_up scant].include?(source.kind) }.map(&:mean).uniq
    slip = sources(way("rotary/patches", tools: [STRAIGHT])).find(&:slip?)

    assert_equal [0.01, 0.125, 0.0], [slip.chance, slip.by, slip.sd]
    assert_in_delta 0.01 / 64, slip.variance, CLOSE
  end

  # The same errors whether asked for a note or with values, in the same order.
  def test_values_are_handed_out_in_order
    draws = Construction::Draws.new(Makers::Profile.new, [1.5, 2.5])

    assert_equal [1.5, 2.5], [draws.spread(:subcut, :die), draws.always(:sew_seam, :take_up)]
    assert_equal %i[subcut sew_seam], draws.sources.map(&:step)
    assert_in_delta 0.0, Construction::Draws.new(Makers::Profile.new).spread(:subcut, :die)
    assert_raises(KeyError) { draws.spread(:subcut, :glue) }
  end

  def test_every_step_with_errors_has_a_name_in_words
    shown = Catalogue.units.flat_map do |unit|
      OakenGauge.weigh({ "unit" => unit, "tools" => Catalogue::TOOLS })["methods"].select { |method| method["feasible"] }
                                                                                  .flat_map { |method| method["accuracy"]["by_step"].map { |part| part["step"].to_sym } }
    end

    refute_empty shown
    assert_empty(shown.uniq.select { |name| Methods::Operations.called(name) == name.to_s.tr("_", " ") })
  end

  # A square cut 0.02 too wide and 0.01 too high: the corners of its half lie off with those of the square.
  def test_a_patch_of_a_piece_that_is_too_large
    side = 2 + ((2 + Math.sqrt(2)) / 4)
    patch = Construction::FromPiece.new(Patches::HalfSquare.new(2r), [side, side], 1/4r).call(side + 0.01, side + 0.02)

    [[0.0, 0.0], [0.02, 0.0], [0.0, 0.01]].zip(patch.corners).each { |expected, corner| expected.zip(corner) { |one, own| assert_in_delta one, own, 1e-6 } }

    [0.0, 1.0, 0.0].zip(patch.stretch) { |expected, factor| assert_in_delta expected, factor, CLOSE }
  end

  # 22.5° off the grain an edge stretches by sin 45° of what the true bias does.
  def test_stretch_by_the_angle_to_the_grain
    factors = Construction::CutPatch.stretch(Patches::Wedge.new(3r).outline)

    [0.0, Math.sin(Math::PI / 4), Math.sin(Math::PI / 4)].zip(factors) { |expected, factor| assert_in_delta expected, factor, CLOSE }
  end

  def test_schools
    assert_equal({ "rotary/two_at_a_time" => :exact, "rotary/two_at_a_time_oversize" => :oversize, "rotary/four_at_a_time" => nil },
                 %w[rotary/two_at_a_time rotary/two_at_a_time_oversize rotary/four_at_a_time].to_h { |id| [id, way(id, tools: [STRAIGHT]).class.school] })
    last = ->(school) { OakenGauge.weigh({ "unit" => { **HALF_SQUARE, "count" => 8 }, "maker" => { "school" => school } })["methods"].select { |method| method["feasible"] }.last["method"] }

    assert_equal ["rotary/two_at_a_time_oversize", "rotary/two_at_a_time_narrow"], [last.call("exact"), last.call("oversize")]
  end
end
