# frozen_string_literal: true

require "support/core_case"
require "support/allocating"

using Allocating

# What cuts take from each form of fabric, by hand.
class FabricsTest < CoreCase
  def piece(height, width, count)
    Layout::Piece.new(role: :light, exact: [height, width], size: [height, width], count: count, marks: [])
  end

  def triangles(shape, count, layers: 1)
    outline = shape.strip_outline(1/4r)
    Layout::Run.new(role: :light, ways: [{ exact: outline.height, width: Grid.new(1/8r).ceil(outline.height), outline: outline }],
                   count: count, layers: layers, each: 1, then_do: :cut_triangles)
  end

  # Consumed, offcut, pieces of stock.
  TAKEN = {
    # 7 squares of 3 on 40: 21 along, 19 × 3 back.
    [Fabrics::Yardage.new, [3r, 3r, 7]] => [120, 57, 1],
    # 13 of 2 7/8 fill a strip and leave 2 5/8; one more takes a second.
    [Fabrics::Yardage.new, [23/8r, 23/8r, 14]] => [230, (23/8r * 21/8r) + (23/8r * 297/8r), 2],
    # 2 × 5: across 2, eight to a strip, two strips of 80; across 5, twenty to a strip, one of 200. Two of 80 are less.
    [Fabrics::Yardage.new, [2r, 5r, 16]] => [160, 0, 2],
    # 5 × 2, twelve: across 2 two strips of 80, 8 and 4; across 5 one of 200. Less is taken across 2: 20 × 2 back.
    [Fabrics::Yardage.new, [5r, 2r, 12]] => [160, 40, 2],
    # The same of a print that may not be turned: one strip of 5, 24 along, 16 × 5 back.
    [Fabrics::Yardage.new(directional: true), [5r, 2r, 12]] => [200, 80, 1],
    # Two rows of two-inch squares go on a strip of 5 1/2: 20 and 1. Above them 40 × 1 1/2, beside the one 38 × 2.
    [Fabrics::Strips.new(width: 11/2r), [2r, 2r, 21]] => [220, 60 + 76, 1],
    # One row along a strip: the first strip is filled to 38, the second to 19, and what is beyond stays a strip.
    [Fabrics::Strips.new(width: 5/2r), [19/8r, 19/8r, 24]] => [200, (2 + 21) * 5/2r, 2],
    # Ten-inch squares hold 3 × 3 of 3: 12 take two. The first leaves 1 inch, nothing; on the second one row of
    # three: 7 × 10 above, and 1 × 3 beside, too narrow.
    [Fabrics::Squares.new(side: 10r), [3r, 3r, 12]] => [200, 70, 2],
    # Five-inch squares: one of 3 to each; 2 × 5 beside, then 2 × 3 of the rest.
    [Fabrics::Squares.new(side: 5r), [3r, 3r, 2]] => [50, 2 * (10 + 6), 2],
    # A fat quarter, 17 1/2 × 20, holds 5 × 6 of 3 by 3 one way and 6 × 5 the other: 30.
    [Fabrics::FatQuarter.new, [3r, 3r, 31]] => [700, (35/2r * 20) - 9 - (3 * 29/2r) + (2 * 35/2r), 2]
  }.freeze

  def test_rectangles_from_every_form
    TAKEN.each do |(fabric, (height, width, count)), (consumed, offcut, taken)|
      allocation = fabric.allocate(piece(height, width, count))

      assert_nil allocation.short
      assert_equal [consumed, taken], [allocation.consumed, allocation.taken], fabric.inspect
      next if fabric.is_a?(Fabrics::FatQuarter)

      assert_in_delta offcut, allocation.offcut, CLOSE, fabric.inspect
    end
  end

  def test_what_is_worth_keeping
    assert Layout::Space.worth_keeping?(3/2r, 2r)
    refute Layout::Space.worth_keeping?(3/2r, 15/8r)
    refute Layout::Space.worth_keeping?(11/8r, 40r)
  end

  def test_scraps_are_taken_whole_the_smallest_that_will_do
    scraps = Fabrics::Scraps.new(pieces: [[10r, 10r], [4r, 4r], [7r, 7r]])

    assert_equal [16, 1], scraps.allocate(piece(3r, 3r, 1)).to_a.values_at(0, 2) # one of 4 × 4
    assert_equal [49, 1], scraps.allocate(piece(3r, 3r, 4)).to_a.values_at(0, 2) # 2 × 2 on 7 × 7
    assert_equal [116, 2], scraps.allocate(piece(3r, 3r, 10)).to_a.values_at(0, 2) # nine on 10 × 10, one on 4 × 4
    short = scraps.allocate(piece(3r, 3r, 20)).short

    assert_equal [:short, "The scraps of light give 14 of 20 pieces: 6 are missing. Find more, or make fewer."], short.to_a.first(2)
  end

  def test_counted_fabric_runs_out
    assert_equal :short, Fabrics::Squares.new(side: 5r, count: 3).allocate(piece(3r, 3r, 4)).short.code
    assert_equal :short, Fabrics::Strips.new(width: 5/2r, count: 1).allocate(piece(5/2r, 5/2r, 17)).short.code
    assert_nil Fabrics::Strips.new(width: 5/2r, count: 1).allocate(piece(5/2r, 5/2r, 16)).short
  end

  # 6 and 6 squares of 6: a strip of each, 12 inches together, from 10.
  def test_two_cuts_may_be_too_many_together
    fabric = Fabrics::Yardage.new(length: 10r)
    taken = Array.new(2) { fabric.allocate(piece(6r, 6r, 6)) }

    assert(taken.all? { |allocation| allocation.short.nil? })
    assert_match(/take 2 more than the stock gives/, fabric.shortage(:light, taken).say)
    assert_nil Fabrics::Yardage.new(length: 12r).shortage(:light, taken)
  end

  # Quarter-square patches of 4 on 2 1/2: n(4 + √2)/2 + 2 1/2; 13 reach 37.69 of 40.
  def test_runs_by_the_formula
    quarter = Patches::QuarterSquare.new(4r)

    assert_equal [100, 1], Fabrics::Yardage.new.allocate(triangles(quarter, 13)).to_a.values_at(0, 2)
    assert_equal [200, 2], Fabrics::Yardage.new.allocate(triangles(quarter, 14)).to_a.values_at(0, 2)
  end

  # Folded, 20 inches hold 12 half-square patches of 2 on either layer (6 × 3.2071 = 19.24).
  def test_a_folded_strip_gives_pairs
    half = Patches::HalfSquare.new(2r)
    folded = Fabrics::Yardage.new.allocate(triangles(half, 24, layers: 2))

    assert_equal [100, 1], folded.to_a.values_at(0, 2)
    assert_equal 2, Fabrics::Yardage.new.allocate(triangles(half, 26, layers: 2)).taken
    assert_equal 1, Fabrics::Yardage.new.allocate(triangles(half, 24)).taken
  end

  def test_triangles_on_a_precut
    # Four rows of 2 1/2 on a ten-inch square; a row holds 3.2071 × 3 = 9.62: six.
    assert_equal [100, 1], Fabrics::Squares.new(side: 10r).allocate(triangles(Patches::HalfSquare.new(2r), 24)).to_a.values_at(0, 2)
    assert_equal 2, Fabrics::Squares.new(side: 10r).allocate(triangles(Patches::HalfSquare.new(2r), 25)).taken
  end

  def test_what_is_too_large_says_so
    assert_equal :precut_too_small, Fabrics::Squares.new(side: 5r).allocate(piece(6r, 6r, 1)).short.code
    assert_equal :strip_too_narrow, Fabrics::Strips.new(width: 5/2r).allocate(piece(3r, 3r, 1)).short.code
    assert_equal :short, Fabrics::Yardage.new(usable_width: 5r).allocate(piece(6r, 6r, 1)).short.code
  end

  # Five across a strip of three, and it may not be turned: too narrow, though two would lie in it.
  def test_a_print_that_may_not_be_turned_is_told_the_right_reason
    print = Fabrics::Strips.new(width: 3r, directional: true)

    assert_equal :strip_too_narrow, print.allocate(piece(5r, 2r, 1)).short.code
    assert_match(/a strip 5 wide from the light/, print.allocate(piece(5r, 2r, 1)).short.say)
    assert_nil Fabrics::Strips.new(width: 3r).allocate(piece(5r, 2r, 1)).short
  end

  def test_forms_read_back_as_they_were_written
    [{ "form" => "yardage", "usable_width" => "42", "length" => "72", "cloth" => "batik" },
     { "form" => "squares", "side" => "10", "count" => 42 }, { "form" => "fat_quarter", "width" => "17", "length" => "21", "starched" => true },
     { "form" => "scraps", "pieces" => [["7", "4 1/2"], %w[3 3]], "directional" => true }].each do |document|
      form = Fabrics.forms.fetch(document["form"])

      assert_equal document, form.read(Documents::Node.new(document)).to_document(:inch)
    end
  end

  def test_bad_forms
    { { "form" => "squares" } => "/fabrics/light/side", { "form" => "scraps", "pieces" => [] } => "/fabrics/light/pieces",
      { "form" => "scraps", "pieces" => [%w[2]] } => "/fabrics/light/pieces/0", { "form" => "scraps", "pieces" => [%w[2 x]] } => "/fabrics/light/pieces/0/1",
      { "form" => "fat_quarter", "width" => "0" } => "/fabrics/light/width" }.each do |fabric, pointer|
      assert_includes faults(half_square.merge("fabrics" => { "light" => fabric })).keys, pointer, fabric.inspect
    end
  end
end
