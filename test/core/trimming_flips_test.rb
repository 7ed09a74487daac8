# frozen_string_literal: true

require "support/catalogue"
require "support/core_case"

# Stitch and flip cut large and trimmed: everything is larger by the margin, so every seam still passes through the
# corners and the tip of the unit, and half the margin stands out at each side.
class TrimmingFlipsTest < CoreCase
  UNITS = { { "kind" => "flying_geese", "finished" => %w[2 4], "count" => 6 } => "rotary/stitch_and_flip_oversize",
            { "kind" => "cut_corner", "finished" => "4", "corner" => "1 1/2", "corners" => 3, "count" => 6 } => "rotary/stitch_and_flip_oversize" }.freeze

  def budget(unit, margin)
    task = OakenGauge.read_weighing({ "unit" => unit, "tools" => Catalogue::TOOLS, "maker" => { "margin" => margin } })
    Weighing::Weigher.new(task).outcomes.find { |one| one.way.class.id == UNITS.fetch(unit) }.accuracy.budget
  end

  def test_half_the_margin_is_left_to_trim_at_each_side_and_no_point_is_off
    UNITS.each_key do |unit|
      [["1/8", 0.0625], ["1/2", 0.25]].each do |margin, half|
        made = budget(unit, margin)

        made.slack.each { |side| assert_in_delta half, side.off, 1e-6, unit.inspect }
        (made.sizes + made.points).each { |measure| assert_in_delta 0, measure.off, 1e-6, unit.inspect }
      end
    end
  end

  # The letter for a goose of 2 × 4 trims one that was flipped, too; a goose of 3 × 6 has none.
  def test_a_geese_trimmer_serves
    said = %w[2 3].map do |height|
      unit = { "kind" => "flying_geese", "finished" => [height, (height.to_i * 2).to_s], "count" => 6 }
      weigh("rotary/stitch_and_flip_oversize", { "unit" => unit, "tools" => Catalogue::TOOLS })["settings"].map { |setting| setting["say"] }
    end

    assert_includes said.first, "Trim with Letters at D: one side and the top, rotate it, trim the rest."
    assert(said.last.none? { |words| words.start_with?("Trim with") })
  end

  # Until it is trimmed a piece is as large as it was cut.
  def test_what_is_measured_after_each_round
    unit = UNITS.keys.first
    steps = weigh(UNITS[unit], { "unit" => unit, "tools" => Catalogue::TOOLS })["steps"]
    said = steps.select { |step| step["step"] == "measure_round" }.map { |step| step["say"] }

    assert_equal ["Measure 1: it should be 2 5/8 × 4 5/8 now.", "Measure 1: it should be 2 1/2 × 4 1/2 now."], said
  end

  # A bonus corner is larger by the margin: 2 + 1/8 + 1/2 - 0.3536 - 0.8536 = 1.4179, trimmed to the next line.
  def test_a_bonus_is_larger
    unit = UNITS.keys.first
    method = weigh(UNITS[unit], { "unit" => unit, "tools" => Catalogue::TOOLS, "maker" => { "bonus" => true } })
    sizes = method["leftovers"].select { |left| left["kind"] == "half_square" }.map { |left| left["finished"] }

    assert_equal ["1 3/8"], sizes.uniq
  end
end
