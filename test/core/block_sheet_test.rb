# frozen_string_literal: true

require "support/core_case"

# A block to be printed, and ways that differ only in where their units lie.
class BlockSheetTest < CoreCase
  GOOSE = { "kind" => "flying_geese", "at" => [0, 0], "span" => [2, 1], "fabrics" => { "goose" => "a", "sky" => "b" } }.freeze
  # A goose up, one turned half round, and two bars standing, of 3 × 6.
  BLOCK = { "name" => "Gull", "columns" => %w[3 3 3], "rows" => %w[3 3],
            "pieces" => [GOOSE, GOOSE.merge("at" => [0, 1], "turn" => 2),
                         { "kind" => "rectangle", "at" => [2, 0], "span" => [1, 2], "fabrics" => { "patch" => "a" } }] }.freeze

  def test_letters_tops_and_what_is_cut_at_two_sizes
    sheet = OakenGauge.block_sheet(BLOCK, { "tools" => DRAWER }, other: "6")

    assert_equal %w[9 6], sheet["finished"]
    assert_equal([["A", 0, true], ["A", 2, true], ["B", 0, false]], sheet["pieces"].map { |piece| piece.values_at("letter", "turn", "turns") })
    geese, bars = sheet["units"]

    assert_equal [2, "flying geese units", { "goose" => "a", "sky" => "b" }], geese.values_at("count", "title", "fabrics")
    # Two thirds of 3 × 6; a bar is cut half an inch larger both ways, however it lies.
    assert_equal(["3 × 6", "2 × 4"], geese["sizes"].map { |size| size["finished"] })
    assert_equal([[["patch", "1 rectangle 3 1/2 × 6 1/2"]], [["patch", "1 rectangle 2 1/2 × 4 1/2"]]], bars["sizes"].map { |size| size["cuts"] })
  end

  # At 200 a bar would finish at 133 1/3, at 1/8 a goose at 1/24.
  def test_a_second_size_that_no_unit_can_be_made_at_is_refused
    { "wide" => /a length/, "200" => %r{is 200: allowed is a width at which every unit finishes at 1/8 to 48}, "1/8" => %r{is 1/8: allowed} }
      .each do |also, words|
        error = assert_raises(OakenGauge::Documents::Invalid) { OakenGauge.block_sheet(BLOCK, { "tools" => DRAWER }, other: also) }

        assert_equal "/also", error.faults.first.pointer
        assert_match words, error.faults.first.message
      end
  end

  def test_a_unit_without_a_method_says_so
    kite = { "kind" => "web_half", "at" => [0, 0], "span" => [1, 1], "fabrics" => { "light" => "a", "dark" => "b" } }
    block = BLOCK.merge("pieces" => [GOOSE, kite.merge("kind" => "cut_corner", "at" => [2, 0], "corner" => "1", "corners" => 1,
                                                       "fabrics" => { "body" => "a", "corners" => "b" })])
    sheet = OakenGauge.block_sheet(block, { "tools" => [] }, other: "3")

    # A corner shrinks with its block.
    assert_equal(%w[3 1], sheet["units"].last["sizes"].map { |size| size["finished"] })
    assert_nil sheet["units"].last["sizes"].first["method"]
  end

  # Two as they are drawn, one mirrored.
  def test_lefts_and_rights_are_counted_by_how_they_lie
    left = { "kind" => "three_triangle", "at" => [0, 0], "span" => [1, 1], "fabrics" => { "half" => "a", "left" => "b", "right" => "c" } }
    block = BLOCK.merge("pieces" => [left, left.merge("at" => [1, 0], "turn" => 3), left.merge("at" => [2, 0], "mirror" => true)])
    sheet = OakenGauge.block_sheet(block, { "tools" => DRAWER })

    assert_equal([{ "left" => 2, "right" => 1 }], sheet["units"].map { |unit| unit["count"] })
    assert_equal([[0, false], [3, false], [0, true]], sheet["pieces"].map { |piece| piece.values_at("turn", "mirror") })
  end

  # In thirds of the block, from the middle of what lies there.
  def test_where_something_lies_is_told_as_it_is_seen
    { [[0, 0], [2, 1]] => "in the upper part", [[0, 0], [1, 1]] => "on the upper left", [[3, 3], [1, 1]] => "on the lower right",
      [[0, 1], [1, 2]] => "on the left", [[1, 1], [2, 2]] => "in the middle" }.each do |(at, span), words|
      assert_equal words, told_where(at, span)
    end
  end

  # A star of two fabrics: its geese lie side by side or over one another.
  def test_ways_of_the_same_units_are_told_by_what_lies_elsewhere
    ways = star_apart
    alike = ways.select { |way| way["alike"] }

    refute_empty alike
    alike.each do |way|
      first = ways[way["alike"]["first"]]

      assert_equal(*[first, way].map { |one| units(one) })
      assert_nil first["alike"]
      assert_equal way["pieces"] - first["pieces"], way["pieces"].values_at(*way["alike"]["pieces"])
      assert_match(/\AHere .* (on the|in the) .*\.\z|lie elsewhere/, way["alike"]["say"])
    end
  end

  def test_those_that_are_told_first_are_all_of_other_units
    heads = star_apart.reject { |way| way["alike"] }.map { |way| units(way) }

    assert_equal heads.uniq.size, heads.size
  end

  private

  # On so many cells either way that it ends at the block's edge, or its middle.
  def told_where(at, span)
    cells = { [2, 1] => 2, [1, 1] => 4, [1, 2] => 4, [2, 2] => 4 }.fetch(span)
    piece = Struct.new(:at, :span).new(at, span)
    Answers::AlikeWays.new([], Struct.new(:columns, :rows).new(cells, cells)).send(:where, [piece])
  end

  def star_apart
    cuts = [%w[rising falling], %w[falling rising]]
    cells = cuts.map { |row| row.map { |cut| { "cut" => cut, "fabrics" => %w[a b] } } }
    cells.first.last["fabrics"] = %w[b a]
    OakenGauge.deconstruct({ "cells" => cells, "finished" => "6", "tools" => DRAWER }, view: true)["ways"]
  end

  def units(way)
    way["units"].map { |unit| unit.except("shared") }.sort_by(&:to_s)
  end
end
