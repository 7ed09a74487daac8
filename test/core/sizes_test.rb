# frozen_string_literal: true

require "support/catalogue"
require "support/core_case"

class SizesTest < CoreCase
  PARTS = [{ "kind" => "half_square", "share" => "1/6" }, { "kind" => "flying_geese", "share" => %w[1/6 1/3] }].freeze
  TRIANGLES = { "id" => "t", "name" => "T", "kind" => "strip_triangle_ruler",
                "sides" => [{ "makes" => "half_square", "reads" => "finished", "marks" => ["1", "1 1/2", "2", "3"] },
                            { "makes" => "quarter_square", "reads" => "finished", "marks" => %w[2 3 4 5] }] }.freeze

  def sizes(**changes)
    OakenGauge.sizes({ "units" => PARTS, "block" => { "from" => "6", "to" => "18", "step" => "1/2" }, "tools" => [TRIANGLES],
                       **changes.transform_keys(&:to_s) })["ladder"]
  end

  # A sixth and a third both marked: blocks of 6, 9 and 12. At 18 the goose would be 6, beyond the ruler.
  def test_the_sizes_at_which_all_falls_on_marks_come_first
    ladder = sizes

    assert_equal 25, ladder.size
    assert_equal(%w[6 9 12], ladder.take_while { |step| step["all_on_marks"] }.map { |step| step["block"] })
    assert_equal([1.0] * 3, ladder.first(3).map { |step| step["score"] })
    assert_equal(ladder.map { |step| step["score"] }.sort.reverse, ladder.map { |step| step["score"] })
  end

  def test_each_unit_names_its_marks
    twelve = sizes.find { |step| step["block"] == "12" }

    assert_equal [{ "kind" => "half_square", "finished" => "2", "marks" => [{ "tool" => "t", "mark" => "2" }], "cut_sizes_on_eighths" => true },
                  { "kind" => "flying_geese", "finished" => %w[2 4], "marks" => [{ "tool" => "t", "mark" => "4" }, { "tool" => "t", "mark" => "2" }],
                    "cut_sizes_on_eighths" => true }], twelve["units"]
  end

  # 7 / 6 + 1/2 is on no eighth; 7 1/2 / 6 = 1 1/4 is.
  def test_eighths_are_tested_before_rounding
    ladder = sizes(block: { "from" => "7", "to" => "7 1/2", "step" => "1/2" }).to_h { |step| [step["block"], step["units"][0]["cut_sizes_on_eighths"]] }

    assert_equal({ "7" => false, "7 1/2" => true }, ladder)
  end

  def test_marks_made_for_another_allowance_do_not_count
    assert(sizes(seam_allowance: "3/8").none? { |step| step["all_on_marks"] })
  end

  def test_every_tool_that_makes_a_unit_counts
    ladder = sizes(tools: Catalogue::TOOLS, units: [{ "kind" => "half_square", "share" => "1/3" }], block: { "from" => "6", "to" => "6", "step" => "1" })

    assert_equal %w[d-tri half lock many sheet-1 tri], ladder[0]["units"][0]["marks"].map { |mark| mark["tool"] }.sort
  end

  def test_squares_fall_on_the_lines_of_a_straight_ruler
    square = [{ "kind" => "square", "share" => "1/3" }]

    assert_equal([true, false], sizes(units: square, tools: [DRAWER[0]], block: { "from" => "6", "to" => "7", "step" => "1" })
      .sort_by { |step| step["block"].to_i }.map { |step| step["all_on_marks"] })
  end

  def test_metric_blocks_are_answered_in_centimetres
    assert_equal %w[18cm 20cm], sizes(block: { "from" => "18cm", "to" => "20cm", "step" => "2cm" }).map { |step| step["block"] }.sort
  end

  BAD = {
    { "units" => [], "block" => { "from" => "6", "to" => "8", "step" => "1" } } => "/units",
    { "units" => [{ "kind" => "half_square", "share" => "2" }], "block" => { "from" => "6", "to" => "8", "step" => "1" } } => "/units/0/share",
    { "units" => [{ "kind" => "half_square", "share" => %w[1/2 1/2] }], "block" => { "from" => "6", "to" => "8", "step" => "1" } } => "/units/0/share",
    { "units" => [{ "kind" => "flying_geese", "share" => %w[1/6 1/6] }], "block" => { "from" => "6", "to" => "8", "step" => "1" } } => "/units/0/share",
    { "units" => [{ "kind" => "shape", "share" => "1" }], "block" => { "from" => "6", "to" => "8", "step" => "1" } } => "/units/0/kind",
    { "units" => PARTS, "block" => { "from" => "8", "to" => "6", "step" => "1" } } => "/block",
    { "units" => PARTS, "block" => { "from" => "1", "to" => "200", "step" => "1/64" } } => "/block",
    { "units" => PARTS, "block" => "12" } => "/block",
    { "units" => PARTS, "block" => { "from" => "6", "to" => "8" } } => "/block/step",
    { "units" => [{ "kind" => "cut_corner", "share" => "1/3", "corner" => "1/4", "corners" => 2 }], "block" => { "from" => "6", "to" => "8", "step" => "1" } } =>
      "/units/0/corner"
  }.freeze

  def test_bad_documents
    BAD.each do |document, pointer|
      error = assert_raises(Documents::Invalid, document.inspect) { OakenGauge.sizes(document) }

      assert_includes error.faults.map(&:pointer), pointer, document.inspect
    end
  end
end
