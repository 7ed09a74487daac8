# frozen_string_literal: true

require "support/core_case"

# A quilt on foundation sheets.
class PanelsTest < CoreCase
  # A sheet of 20 × 20 cells of 1, and one of 10 × 12 cells of 2.
  SHEETS = [{ "kind" => "foundation_grid", "id" => "fine", "name" => "Fine", "cell" => "1", "columns" => 20, "rows" => 20 },
            { "kind" => "foundation_grid", "id" => "wide", "name" => "Wide", "cell" => "2", "columns" => 10, "rows" => 12 }].freeze

  def block(side, kind = "half_square", cells = 2)
    fabrics = { "half_square" => { "light" => "a", "dark" => "b" }, "hourglass" => { "light" => "a", "dark" => "b" } }.fetch(kind)
    pieces = [*0...cells].product([*0...cells]).map { |at| { "kind" => kind, "at" => at, "span" => [1, 1], "fabrics" => fabrics } }
    { "name" => "B", "columns" => [(side.to_r / cells).to_s] * cells, "rows" => [(side.to_r / cells).to_s] * cells, "pieces" => pieces }
  end

  def panels(block, across, down, count: across * down, tools: SHEETS, **setting)
    document = { "blocks" => [{ "block" => block, "count" => count }], "tools" => tools,
                 "setting" => { "layout" => "straight", "across" => across, "down" => down, **setting.transform_keys(&:to_s) } }
    OakenGauge.quilt(document, view: true)["panels"].to_h { |one| [one["cell"], one] }
  end

  # By hand: blocks of 6 cells, three of them (18) on 20; 7 blocks are 3, 2 and 2, 8 are 3, 3 and 2. A panel of 18 cells of an
  # inch is 18 1/2 squared up. Nine panels are joined by eight seams.
  def test_blocks_side_by_side_share_panels
    one = panels(block("6"), 7, 8)["1"]

    assert_equal [[6, 6], 8, 9], one.values_at("block", "joins", "sheets")
    assert_equal({ [18, 18] => 2, [12, 18] => 4, [18, 12] => 1, [12, 12] => 2 }, one["panels"].to_h { |panel| panel.values_at("cells", "count") })
    assert_equal ["18 1/2", "18 1/2"], one["panels"].first["square_up"]
    assert_equal(7 * 8 * 36, one["panels"].sum { |panel| panel["cells"].reduce(:*) * panel["count"] })
  end

  # By hand: on 10 × 12 cells of 2 a block of 3 has 3 across, 4 down. 7 across are 3, 2, 2; 8 down are 4, 4.
  def test_another_sheet_holds_others
    one = panels(block("6", "half_square", 1), 7, 8)["2"]

    assert_equal [[3, 3], 5, 6], one.values_at("block", "joins", "sheets")
    assert_equal([[9, 12], [6, 12]], one["panels"].map { |panel| panel["cells"] })
    assert_equal ["18 1/2", "24 1/2"], one["panels"].first["square_up"]
  end

  # By hand: a block of 24 is 12 cells of 2, more than 10: it goes into two parts of 6 across; 12 down is just enough.
  def test_a_block_larger_than_its_sheet_is_parted_along_cells
    side_by_side = panels(block("24"), 1, 1)["2"]

    assert_equal [1, 2, [[6, 12]]], [side_by_side["joins"], side_by_side["sheets"], side_by_side["panels"].map { |one| one["cells"] }]
    apart = panels(block("24"), 2, 2, sashing: "2")["2"]

    assert_equal [4, 8, 8], [apart["joins"], apart["sheets"], apart["panels"].first["count"]]
  end

  # With sashing a block is a panel; a sheet of 20 × 20 is cut apart into nine of 6 × 6. 12 of them take two sheets, and so do
  # 18.
  def test_with_sashing_and_on_point_each_block_is_by_itself
    sashed = panels(block("6"), 3, 4, sashing: "1 1/2")["1"]

    assert_equal [12, 0, 2], [sashed["panels"].first["count"], sashed["joins"], sashed["sheets"]]
    pointed = panels(block("6"), 3, 4, count: 18, layout: "on_point")["1"]

    assert_equal [18, 0, 2], [pointed["panels"].first["count"], pointed["joins"], pointed["sheets"]]
  end

  # Cells of 1 1/2 are not in the drawer: a sheet is assumed. 1 1/2 + 1/2 + 1/16 is 33/16, of which 20 hold nine, room for
  # two blocks of four.
  def test_a_size_that_is_not_in_the_drawer_is_assumed
    answer = panels(block("6"), 2, 2)

    assert_equal ["1", "1 1/2", "2"], answer.keys
    assert_equal([false, true, false], answer.values.map { |one| one["assumed"] })
    assert_equal [[9, 9], [4, 4], 0, 1], answer["1 1/2"].values_at("holds", "block", "joins", "sheets")
  end

  # 7 is no whole number of 2; a half-square of 3 has no corner on cells of 2; an hourglass of 1 is not made of cells of 1.
  def test_what_does_not_fit_says_why
    assert_match(/no whole number/, panels(block("7"), 2, 2)["2"]["say"])
    assert_match(/\AHalf-square triangle unit \(HST\) of 3: it cannot be made/, panels(block("6"), 2, 2)["2"]["say"])
    assert_match(/Hourglass unit \(QST\) of 1:/, panels(block("2", "hourglass"), 2, 2)["1"]["say"])
    assert_nil panels(block("4", "hourglass"), 2, 2)["1"]["say"]
  end

  # However it is parted: every cell of every block lies in one panel, and no panel is larger than its sheet.
  def test_cells_add_up
    sampled(5, 60) do |chance|
      side = chance.rand(1..15) * 2
      across = chance.rand(1..12)
      down = chance.rand(1..12)
      sashing = [nil, "1"].sample(random: chance)
      panels(block(side.to_s, "half_square", 1), across, down, sashing: sashing).each_value do |one|
        next if one["say"]

        cells = one["panels"].sum { |panel| panel["cells"].reduce(:*) * panel["count"] }

        assert_equal across * down * one["block"].reduce(:*), cells, [side, across, down, sashing].inspect
        assert(one["panels"].all? { |panel| panel["cells"].zip(one["holds"]).all? { |used, most| used <= most } })
        assert_operator one["sheets"] * one["holds"].reduce(:*), :>=, cells
        assert_equal one["panels"].sum { |panel| panel["count"] } - (sashing ? across * down : 1), one["joins"]
      end
    end
  end
end
