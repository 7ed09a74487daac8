# frozen_string_literal: true

require "support/core_case"
require "support/making"
require "support/catalogue"

# Where good makers differ, and what each way changes.
class WaysOfWorkingTest < CoreCase
  include Making

  GEESE = { "kind" => "flying_geese", "finished" => %w[2 4], "count" => 8 }.freeze
  HOURGLASS = { "kind" => "hourglass", "finished" => "4", "count" => 8 }.freeze
  # Nothing wanders: only how one seam is laid on another is left.
  STILL = Makers::Parameters.of(:error).select { |parameter| parameter.tells == :spread && !parameter.name.start_with?("laying") }
                            .to_h { |parameter| [parameter.name.to_s, 0] }.merge("misread" => 0).freeze

  def method(id, unit = { **HALF_SQUARE, "count" => 24 }, tools: [STRAIGHT], view: false, **maker)
    OakenGauge.weigh({ "unit" => unit, "tools" => tools, "maker" => maker.transform_keys(&:to_s) }, view: view)["methods"]
              .find { |one| one["method"] == id }
  end

  # A seam takes 0.01 pressed to one side, 0.006 open: √2 × 0.004 more for a half-square unit, twice that for an
  # hourglass.
  def test_open_seams_take_up_less
    { "rotary/two_at_a_time" => 1, "rotary/patches" => 1, "rotary/eight_at_a_time" => 1 }.each do |id, seams|
      assert_in_delta seams * Math.sqrt(2) * 0.004, moved(id, "size_bias"), CLOSE, id
    end
    assert_in_delta 2 * Math.sqrt(2) * 0.004, moved("rotary/two_at_a_time", "size_bias", HOURGLASS), CLOSE
    # Trimmed, its size is the ruler's.
    assert_in_delta 0, moved("rotary/two_at_a_time_oversize", "size_bias"), CLOSE
  end

  def moved(id, figure, *unit)
    to_side, open = %w[to_side open].map { |pressing| method(id, *unit, pressing: pressing)["accuracy"][figure] }
    open - to_side
  end

  # Where the four triangles of an hourglass meet: laid within 0.01 when the halves nest, within 0.015 pinned.
  def test_open_seams_cannot_nest
    spreads = %w[to_side open].map do |pressing|
      made = way("rotary/two_at_a_time", HOURGLASS, tools: [STRAIGHT], maker: { "pressing" => pressing, "errors" => STILL })
      budget = ErrorModel::Budget.new(made)
      # The last of its points is where the seams cross.
      budget.mixture(budget.points.max_by(&:place)).sd
    end

    assert_in_delta 0.010, spreads.first, CLOSE
    assert_in_delta 0.015, spreads.last, CLOSE
  end

  # Eight at a time: 24 seams opened at 12 s, not pressed at 8.
  def test_opening_takes_longer
    to_side, open = %w[to_side open].map { |pressing| method("rotary/eight_at_a_time", pressing: pressing)["effort"]["minutes"] }

    assert_in_delta 24 * 4 / 60.0, open - to_side, 0.011
  end

  def test_steps_say_how_seams_are_pressed
    said = ->(id, unit, pressing) { method(id, unit, view: true, tools: Catalogue::TOOLS, pressing: pressing)["steps"].map { |step| step["step"] } }
    large = %w[to_side open].map { |pressing| said.call("rotary/four_at_a_time_large_sky", GEESE, pressing) }

    assert_includes large.first, "snip"
    assert_includes large.last, "press_open"
    # Nothing has to press its own way.
    assert_empty large.last & %w[snip press_to_sky press_to_dark press_seam]
    sheet = %w[to_side open].map { |pressing| said.call("foundation/panel", GEESE, pressing) }

    assert_equal sheet.first, sheet.last
  end

  def test_a_sheet_is_as_true_either_way
    one, other = %w[to_side open].map { |pressing| method("foundation/panel", GEESE, tools: Catalogue::TOOLS, pressing: pressing) }

    assert_equal one.except("rank", "score", "why", "beaten_by"), other.except("rank", "score", "why", "beaten_by")
  end

  def test_the_large_square_is_hers_to_choose
    last = %w[goose sky].map do |fabric|
      OakenGauge.weigh({ "unit" => GEESE, "tools" => Catalogue::TOOLS, "maker" => { "large_square" => fabric } })["methods"].select { |one| one["feasible"] }.last["method"]
    end

    assert_equal %w[rotary/four_at_a_time_large_sky rotary/four_at_a_time_small_sky], last
  end

  # Two rulers with a mark for 2: one prints 2, the other the strip of 2 1/2. Where only one has it, that is taken.
  def test_she_reads_the_numbers_she_is_used_to
    strip = { "id" => "strips", "name" => "Strips", "kind" => "strip_triangle_ruler", "sides" => [{ "makes" => "half_square", "reads" => "strip", "marks" => ["2 1/2"] }] }
    marks = %w[finished strip].product([[DRAWER[1], strip], [strip, DRAWER[1]], [strip]]).map do |numbers, rulers|
      method("triangle_ruler/patches", tools: [STRAIGHT, *rulers], numbers: numbers)["settings"].first.values_at("mark", "reads")
    end

    assert_equal [%w[2 finished], %w[2 finished], ["2 1/2", "strip"]] + ([["2 1/2", "strip"]] * 3), marks
  end

  def test_against_her_way
    exact = Makers::Maker.new(school: :exact, large_square: :goose)
    found = OakenGauge::Methods.all.select { |one| exact.against?(one) }.map(&:path)

    twos = %w[hourglass_two_at_a_time three_triangle_two_at_a_time two_at_a_time].product(%w[narrow oversize])

    others = %w[four_at_a_time_large_sky stitch_and_flip_oversize cut_corner_stitch_and_flip_oversize]

    assert_equal [*others, *twos.map { |method| method.join("_") }].map { |path| "rotary/#{path}" }.sort, found.sort
    assert(OakenGauge::Methods.all.none? { |one| Makers::Maker.new.against?(one) })
  end
end
