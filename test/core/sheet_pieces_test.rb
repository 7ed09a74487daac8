# frozen_string_literal: true

require "support/core_case"
require "support/catalogue"

# Units on loose pieces of a foundation sheet.
class SheetPiecesTest < CoreCase
  RULE = DRAWER.first(1)

  def sheet(cell, columns = 20, rows = 24)
    { "id" => "s#{cell}", "name" => "Sheet", "kind" => "foundation_grid", "cell" => cell, "columns" => columns, "rows" => rows, "ease" => "1/16" }
  end

  def ask(unit, *sheets)
    weigh("foundation/panel", { "unit" => { "count" => 22, **unit }, "tools" => [*RULE, *sheets] })
  end

  GEESE = { "kind" => "flying_geese", "finished" => %w[2 4] }.freeze

  def folds(method)
    method["steps"].select { |step| %w[fold_and_sew snip_crossing].include?(step["step"]) }.map { |step| step.values_at("step", "count") }
  end

  # Two cells: one fold each, down the middle, and nothing to snip.
  def test_a_goose_is_folded_once
    method = ask(GEESE, sheet("2"))

    assert_equal [["fold_and_sew", 22]], folds(method)
    assert_includes method["settings"].first["say"], "pieces of 2 × 1 cells"
    assert_includes method["settings"].first["say"], "240 to a sheet, 1 sheet."
    assert_includes(method["warnings"].map { |one| one["say"] }, "Its fold puts a seam down the middle of every goose.")
  end

  # Two by two: a fold each way, one snip.
  def test_four_cells
    %w[hourglass square_in_square].each do |kind|
      assert_equal [["fold_and_sew", 22], ["snip_crossing", 22], ["fold_and_sew", 22]], folds(ask({ "kind" => kind, "finished" => "4" }, sheet("2"))), kind
    end
    assert_includes ask({ "kind" => "hourglass", "finished" => "4" }, sheet("2"))["settings"].first["say"], "1 down and 1 across"
  end

  def test_the_order_of_work
    names = ask({ "kind" => "hourglass", "finished" => "4" }, sheet("2"))["steps"].reject { |step| step["round"] < 2 }.map { |step| step["step"] }

    assert_equal %w[lay_cells look_at_cells fuse_cell fold_and_sew snip_crossing press_seam fold_and_sew press_seam measure_round], names
  end

  # Whatever the cells, a square, an HST and a piece of one fabric have nothing to fold.
  def test_one_cell_is_not_made_on_a_sheet
    [%w[half_square 2], %w[half_square 1], %w[square 2], ["rectangle", %w[2 4]]].product(%w[1 2]) do |(kind, finished), cell|
      method = ask({ "kind" => kind, "finished" => finished }, sheet(cell))

      assert_equal %w[one_cell], codes(method)
      assert_includes method["problems"].first["say"], "there is nothing to fold"
    end
  end

  # Whole cells, both ways round: 20 × 24 cells hold ten by 24 of two cells, and six by eight of 3 × 3.
  def test_pieces_to_a_sheet
    grid = OakenGauge.read_weighing({ "unit" => { **GEESE, "count" => 1 }, "tools" => [sheet("1")] }).drawer.of(Tools::FoundationGrid).first
    section = ->(columns, rows) { Methods::Foundation::Section.new(grid, columns, rows) }

    assert_equal [240, 48, 6, 0], [section.call(2, 1), section.call(3, 3), section.call(7, 10), section.call(21, 21)].map(&:per_sheet)
    assert_equal([2, 3, 6], [section.call(3, 4)].flat_map { |one| [one.first_folds.count, one.second_folds.count, one.snips] })
    # Four printed cells of 1 9/16 long; then three cells as they are seen and an allowance at either end.
    assert_equal [4 * 25/16r, 3 + (1/2r)], [section.call(3, 4).first_folds.length, section.call(3, 4).second_folds.length]
    assert_equal [9/2r, 7/2r], section.call(3, 4).unfinished
  end

  # One ease for each fold, and as much taken up by it: however many cells a unit has, it is too large only by what its HSTs are,
  # half of it at either side.
  def test_the_ease_is_taken_up_by_the_folds
    %w[1 2].each do |cell|
      accuracy = ask({ "kind" => "hourglass", "finished" => "4" }, sheet(cell))["accuracy"]

      assert_in_delta (7/8r) - ((2 + Math.sqrt(2)) / 4), accuracy["size_bias"], 1e-6
    end
  end
end
