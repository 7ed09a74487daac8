# frozen_string_literal: true

require "support/core_case"

# Tools drawn to scale from what their documents say.
class ToolPicturesTest < CoreCase
  def picture(**document)
    OakenGauge.tool_picture({ "id" => "t", "name" => "T", **document.transform_keys(&:to_s) })["picture"]
  end

  def inside?(picture, point)
    high, wide = picture["size"]
    point.zip([wide, high]).all? { |at, most| at.between?(-1e-3, most + 1e-3) }
  end

  def test_every_usual_tool_can_be_read_and_its_lines_lie_on_it
    OakenGauge.usual_tools.each do |tool|
      picture = OakenGauge.tool_picture(tool)["picture"] or next assert_equal("marking_aid", tool["kind"])

      points = picture["lines"].flat_map { |line| line.values_at("from", "to") } + picture["parts"].flatten(1)

      assert points.all? { |point| inside?(picture, point) }, tool["name"]
      assert picture["size"].all?(&:positive?), tool["name"]
    end
  end

  def test_all_kinds_of_tool_have_a_picture_or_no_size
    kinds = OakenGauge::Tools.kinds.keys

    assert_empty kinds - OakenGauge::Tools.kinds.values.select { |kind| kind.method_defined?(:picture) }.map(&:kind)
    assert_operator OakenGauge.usual_tools.map { |tool| tool["kind"] }.uniq.size, :>=, 9
  end

  # A patch of 4 finished lies in a strip 4 1/2: its line is that far below the tip; of 2, two and a half.
  def test_a_line_is_as_far_from_the_tip_as_its_strip_is_wide
    drawn = picture(kind: "strip_triangle_ruler", sides: [{ makes: "half_square", reads: "finished", marks: %w[2 4] }.transform_keys(&:to_s)])
    top = drawn["bodies"].first.map(&:last).max

    assert_equal([2.5, 4.5], drawn["lines"].map { |line| (top - line["from"].last).round(3) })
    assert_in_delta 4.5, drawn["size"].first, 1e-3
  end

  def test_a_die_shows_every_shape_it_holds_and_its_blank
    die = { kind: "die", board: %w[6 12], blank: ["6", "10 1/2"], shapes: [{ "patch" => "half_square", "finished" => "2", "count" => 12 }] }

    assert_equal 13, picture(**die)["parts"].size
    assert_equal [6.0, 12.0], picture(**die)["size"]
  end

  def test_a_metric_ruler_has_its_heavy_lines_at_centimetres
    drawn = picture(kind: "straight_ruler", width: "16cm", length: "30cm")
    heavy = drawn["lines"].select { |line| line["weight"] == "main" && line["from"].first == line["to"].first }

    assert_equal 29, heavy.size
    assert_in_delta 1 / 2.54, heavy.first["from"].first, 1e-3
  end

  # The number 3 1/2 on a strip 4 finishes at 3 1/2, or on a strip 3 1/2 at 3.
  def test_a_number_is_shown_read_both_ways
    ruler = { "kind" => "strip_triangle_ruler", "id" => "t", "name" => "T", "sides" => [{ "makes" => "half_square", "reads" => "strip", "marks" => ["3 1/2"] }] }
    both = OakenGauge.tool_picture(ruler)["readings"].first

    assert_equal([["finished", "4", "3 1/2", false], ["strip", "3 1/2", "3", true]], both.map { |one| one.values_at("reads", "strip", "finished", "told") })
  end

  # Squares for a kite, and the recipe of the large sky (w + 1 1/2 and w + 3).
  def test_the_usual_tools_say_what_geometry_says
    letters = OakenGauge.usual_tools.find { |tool| tool["kind"] == "geese_trimmer" }["marks"].to_h { |letter| [letter["finished"].last, letter] }

    assert_equal(["5 1/2", "7"], letters["4"].values_at("goose_square", "sky_square"))
    wedges = OakenGauge.usual_tools.find { |tool| tool["kind"] == "wedge_ruler" }["marks"].to_h { |mark| mark.values_at("strip", "kite_square") }

    assert_equal ["2 1/4", "3 1/8", "3 7/8"], wedges.values_at("2 1/2", "3 1/2", "4 1/2")
  end

  # As it is printed: which patches, whether their finished size or the strip, from which number to which.
  def test_a_tool_says_what_is_on_its_face
    sides = [{ "makes" => "half_square", "reads" => "finished", "marks" => { "from" => "1", "to" => "6", "step" => "1/2" } },
             { "makes" => "quarter_square", "reads" => "strip", "marks" => %w[2 4] }]

    assert_equal ["half-square triangles: finished 1 to 6 by 1/2", "quarter-square triangles: strips 2, 4"], face(kind: "strip_triangle_ruler", sides: sides)
    assert_equal(["6 1/2 × 24, lines every 1/8", "5 × 15, lines every 1/8, main lines at 7/8 of each inch"],
                 [%w[6.5 24 0], %w[5 15 7/8]].flat_map { |wide, long, main| face(kind: "straight_ruler", width: wide, length: long, main_lines_at: main) })
    board = { board: %w[12 16], blank: %w[12 14], shapes: [{ "patch" => "half_square", "finished" => "2", "count" => 12 }] }

    assert_equal ["12 half-square triangles, finished 2; fabric 12 × 14", "made for a seam allowance of 3/8"],
                 face(kind: "die", **board, made_for_seam: "3/8")
    OakenGauge.usual_tools.each { |tool| refute_empty OakenGauge.tool_picture(tool)["face"], tool["name"] }
  end

  private

  def face(**tool)
    OakenGauge.tool_picture({ "id" => "t", "name" => "T", **tool.transform_keys(&:to_s) })["face"]
  end
end
