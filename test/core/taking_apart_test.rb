# frozen_string_literal: true

require "support/core_case"
require "support/pictures"

class TakingApartTest < CoreCase
  include Pictures

  # Pictures, how many ways there are to cut them into units, and how many seams the best has. By hand: two geese of one
  # fabric round are one unit or two half-squares; four round a square are any set of geese that do not overlap in the ring
  # of four (7), or one unit.
  TABLE = {
    "r(s,g) f(s,g)" => [2, 2],
    "r(s,g) f(t,g)" => [1, 3],
    "r(c,m) f(c,m) / f(m,c) r(m,c)" => [8, 4],
    "f(a,b) r(a,b) / r(b,a) f(b,a)" => [8, 3],
    "f(a,b) r(b,a) / r(a,b) f(b,a)" => [1, 7],
    "a r(a,b) / r(a,b) b" => [2, 1],
    "a a a / a a a / a a a" => [1, 0],
    "s r(s,g) f(s,g) s / r(s,g) g g f(s,g) / f(g,s) g g r(g,s) / s f(g,s) r(g,s) s" => [134, 4],
    # A cell of three is a three-triangle unit, or an hourglass; with three quarters alike only an hourglass.
    "q(c,a,a,b)" => [2, 2],
    "q(a,a,a,b)" => [1, 3],
    # The same on four cells, of which two are plain: two triangles, a goose, or an hourglass.
    "f(a,b) a / r(b,a) a" => [3, 3],
    "a r(a,b) / a f(b,a)" => [3, 3],
    # Two triangles, whatever the cell is called.
    "q(a,a,b,b)" => [1, 1],
    "q(a,a,a,a)" => [1, 0],
    # By hand: a body of two columns with one lower corner is one unit, or a triangle and three squares; plain squares do not
    # multiply the ways.
    "b b / b r(b,c)" => [2, 1]
  }.freeze

  def test_ways_are_counted_and_the_best_has_fewest_seams
    TABLE.each do |picture, (ways, seams)|
      answer = apart(picture)

      assert_equal ways, answer["ways_in_all"], picture
      assert_equal seams, answer["ways"].first["seams"], picture
      assert_equal [ways, 12].min, answer["ways"].size, picture
    end
  end

  def test_what_no_list_could_hold_is_counted_exactly
    answer = apart(chequered(8) { |x, y| (x + y).even? ? "r(a,b)" : "f(a,b)" })

    assert_equal 1_785_793_904_896, answer["ways_in_all"]
    assert_equal([["flying_geese", %w[3 6], 16]] * 2, answer["ways"].first["units"].map { |unit| unit.values_at("kind", "finished", "count") })
    assert_equal 95, answer["ways"].first["seams"]
    assert_equal "25601832525455335435322705761", apart(chequered(12) { |x, y| (x + y).even? ? "r(a,b)" : "f(a,b)" })["ways_in_all"]
  end

  # Of one plain cell of four: 1.3 times its size of 1.3 times the block, and 0.3 minutes, each a fourth, on a scale of which one is
  # doubled: (1 + 0.3) / 4 / ln 2. A unit of two patches that is put down by them spoils 8 in 100: half of what it is rarer by.
  def test_what_ways_are_compared_by
    costs = Struct.new(:cell).new(2r)
    expense = ->(**weights) { OakenGauge::Blocks::Expense.new(costs, Struct.new(:priorities).new({ fabric: 0, time: 0, accuracy: 0, **weights }), weighed: false) }
    unit = OakenGauge.read_unit({ "kind" => "half_square", "finished" => "1", "count" => 1 })

    assert_in_delta 1.3 / 4 / Math.log(2), expense.call(fabric: 1, time: 1).of_plain(4), CLOSE
    assert_in_delta 1.0 / 4 / Math.log(2), expense.call(fabric: 1).of_plain(4), CLOSE
    assert_in_delta (OakenGauge::Blocks::Way::CHANCES * 2 / 4 / Math.log(2)) - (0.5 * Math.log(0.92)), expense.call(accuracy: 1).of(unit, 4), CLOSE
  end

  # The same number by going through all of them one by one, over pictures of which much fits together.
  def test_ways_counted_by_columns_are_as_many_as_those_gone_through
    sampled(7, 40) do |random|
      cells = chequered(4, 3) { |*| %w[r(a,b) f(a,b) r(b,a) f(b,a) a b].sample(random: random) }
      picture = picture(cells)
      placements = placements(picture)

      assert_equal OakenGauge::Blocks::Search.new(picture, placements).all.size, OakenGauge::Blocks::Covers.new(picture, placements).count, cells
    end
  end

  def test_every_way_shows_the_picture_when_its_pieces_are_laid_down_by_hand
    pictures = TABLE.keys + [chequered(6) { |x, y| %w[r(a,b) f(c,b) f(b,a) r(b,a)][(x % 2) + (2 * (y % 2))] }]
    pictures.each do |picture|
      apart(picture)["ways"].each { |way| assert_equal cells_of(picture), laid(way["pieces"], *picture_size(picture)), [picture, way["units"]] }
    end
  end

  def test_units_are_named_one_way_for_the_whole_block
    halves = ->(way) { way["units"].select { |unit| unit["kind"] == "half_square" } }
    pinwheel = apart("f(sea,sand) r(sand,sea) / r(sea,sand) f(sand,sea)")

    assert_equal([{ "light" => "sand", "dark" => "sea" }], halves.call(pinwheel["ways"].first).map { |unit| unit["fabrics"] })
    shaded = apart("f(sea,sand) r(sand,sea) / r(sea,sand) f(sand,sea)", "shades" => { "sea" => 1, "sand" => 5 })

    assert_equal([{ "light" => "sea", "dark" => "sand" }], halves.call(shaded["ways"].first).map { |unit| unit["fabrics"] })
  end

  # Left and right are called by the alphabet; the hand says which lies where. Turned round until the half is below right,
  # the first has c on the left and is called a right unit, since a is its left; the other is a left one.
  def test_hands_are_counted_apart
    units = apart("q(a,h,h,c) q(c,h,h,a)")["ways"].flat_map { |way| way["units"] }.select { |unit| unit["kind"] == "three_triangle" }

    assert_includes units, { "kind" => "three_triangle", "finished" => "3", "fabrics" => { "half" => "h", "left" => "a", "right" => "c" },
                             "count" => { "left" => 1, "right" => 1 } }
  end

  def test_what_repeats_is_found_turned_but_not_mirrored
    quarter = "r(a,b) b / c f(a,c)"
    turned = four_round(quarter)
    best = apart(turned)["ways"].find { |way| way["units"].all? { |unit| %w[half_square square].include?(unit["kind"]) } }

    assert_equal [{ "cells" => [0, 0, 2, 4], "times" => 2 }, { "cells" => [0, 0, 2, 2], "times" => 4 }], best["repeats"].first(2)
    assert_includes apart(turned)["symmetry"], "quarter_turn"
    mirrored = "r(a,b) b c f(b,a) / c f(d,c) c f(c,d)"

    refute(apart(mirrored)["ways"].any? { |way| way["repeats"].any? { |repeat| repeat["cells"].last(2).sort == [2, 2] } })
  end

  # A ring of four rectangles round a square cannot be sewn by straight seams: it takes one piece more.
  def test_plain_cells_are_joined_into_pieces_that_can_be_sewn
    answer = apart("a a b / d e b / d c c")

    assert_equal 1, answer["ways_in_all"]
    assert_equal 5, answer["ways"].first["seams"]
    assert_equal 0, answer["ways"].first["partial_seams"]
  end

  # Four geese round a square cannot be joined by straight seams, nor can sixteen such rings; in each ring a goose must be two
  # half-squares. All are counted: 2 ways for each goose.
  def test_ways_that_straight_seams_cannot_join_are_counted_and_not_told
    ring = [["r(s,a)", "f(s,a)", "f(t,b)"], ["r(v,d)", "m", "r(b,t)"], ["f(d,v)", "f(c,u)", "r(c,u)"]]
    { 3 => 16, 12 => "18446744073709551616" }.each do |side, count|
      answer = apart(chequered(side) { |x, y| ring[y % 3][x % 3] })
      geese = answer["ways"].map { |way| way["units"].sum { |unit| unit["kind"] == "flying_geese" ? unit["count"] : 0 } }

      assert_equal count, answer["ways_in_all"]
      assert_includes geese, 0
      assert_operator geese.max, :<, 4 * ((side / 3)**2)
    end
  end

  def test_a_maker_without_a_tool_is_told_the_ways_all_the_same
    way = apart("r(s,g) f(s,g)", "tools" => [])["ways"].first

    assert_equal [2, nil, nil, nil, nil], way.values_at("seams", "net", "minutes", "good", "score")
  end

  # A block of units looks like the picture it was taken from, on the largest cells that show it.
  # It is told how much is done, never less than before; whoever is told may stop it.
  def test_it_is_told_how_far_it_has_come
    document = { "cells" => documents(chequered(6) { |x, y| (x + y).even? ? "r(a,b)" : "f(a,b)" }), "finished" => "12" }
    told = []
    answer = OakenGauge.deconstruct(document) { |share, doing| told << [share, doing] }

    assert_equal OakenGauge.deconstruct(document), answer
    assert_equal told.map(&:first).sort, told.map(&:first)
    assert_equal OakenGauge::Blocks::Progress::PARTS.keys, told.map(&:last).uniq
    assert_operator told.last.first, :>, 0.9
    assert_operator told.map(&:first).max, :<, 1
    assert_raises(StopIteration) { OakenGauge.deconstruct(document) { |share, _| raise StopIteration if share > 0.3 } }
  end

  # Nine cells a side are not looked through for a file: each has a unit of its own, and plain ones are joined.
  def test_the_document_of_a_large_block_is_made_at_once
    picture = { "cells" => documents(chequered(9) { |x, y| x == 4 || y == 4 ? "a" : "r(a,b)" }), "finished" => "9" }

    refute OakenGauge.soon_apart?(picture)
    assert OakenGauge.soon_apart?({ **picture, "cells" => picture["cells"].first(8).map { |row| row.first(8) }, "finished" => "8" })
    pieces = OakenGauge.block("Large", picture)["pieces"]

    assert OakenGauge.made_of?(picture, pieces)
    assert_equal({ "half_square" => 64, "rectangle" => 3 }, pieces.map { |piece| piece["kind"] }.tally)
  end

  def test_a_block_looks_like_its_units
    [*TABLE.keys.grep_v(/q/), chequered(6) { |x, y| %w[r(a,b) f(c,b) f(b,a) r(b,a)][(x % 2) + (2 * (y % 2))] }].each do |text|
      columns, rows = picture_size(text)
      apart(text)["ways"].each do |way|
        block = { "name" => "B", "columns" => [SIDE.to_s] * columns, "rows" => [SIDE.to_s] * rows, "pieces" => way["pieces"] }

        assert_equal cells_of(text), finest(OakenGauge.picture(block), columns), text
      end
    end
  end

  def test_a_block_of_one_square_in_a_square_has_two_cells_a_side
    block = { "name" => "B", "columns" => ["4"], "rows" => ["4"],
              "pieces" => [{ "kind" => "square_in_square", "at" => [0, 0], "fabrics" => { "center" => "c", "corners" => "m" } }] }
    seen = OakenGauge.picture(block)

    assert_equal documents("r(m,c) f(m,c) / f(c,m) r(c,m)"), seen["cells"]
    assert_equal %w[4 4], seen["finished"]
    wedges = block.merge("pieces" => [{ "kind" => "wedge_ring", "at" => [0, 0],
                                        "fabrics" => { "light" => "a", "dark" => "b", "corners" => "c" } }])
    error = assert_raises(OakenGauge::Documents::Invalid) { OakenGauge.picture(wedges) }

    assert_equal "/pieces", error.faults.first.pointer
  end

  # By hand: fabric, minutes and seams add up from the units.
  def test_figures_are_those_of_the_units
    two = apart("r(s,g) f(s,g)")["ways"].find { |way| way["seams"] == 3 }
    unit = OakenGauge.weigh({ "unit" => { "kind" => "half_square", "finished" => "3", "count" => 48 } })["methods"].first

    assert_in_delta unit["waste"]["net"] / 24, two["net"], 0.01
    # One seam of 3 inches joins them: 3 x 0.6 + 3 + 8 seconds.
    assert_in_delta (unit["effort"]["minutes"] / 24) + (12.8 / 60), two["minutes"], 0.01
    assert_in_delta unit["accuracy"]["good"]**2, two["good"], 0.001
  end

  REFUSED = {
    { "cells" => [] } => "/cells",
    { "cells" => [[{ "cut" => "whole", "fabrics" => %w[a b] }]] } => "/cells/0/0/fabrics",
    { "cells" => [[{ "cut" => "curved", "fabrics" => %w[a] }]] } => "/cells/0/0/cut",
    { "cells" => [[{ "cut" => "whole", "fabrics" => %w[a] }], []] } => "/cells/1",
    { "finished" => %w[3 4] } => "/finished", { "finished" => "1/8" } => "/finished", { "finished" => "0" } => "/finished",
    { "shades" => { "a" => 9 } } => "/shades/a", { "extra" => 1 } => "/extra"
  }.freeze

  def test_what_cannot_be_read_is_named
    REFUSED.each do |change, pointer|
      error = assert_raises(OakenGauge::Documents::Invalid) { apart("a r(a,b)", change) }

      assert_equal [pointer], error.faults.map(&:pointer), change
    end
  end

  private

  # Each cell of a picture that came out coarser, as often as it covers the finer ones.
  def finest(seen, columns)
    cells = seen["cells"].map do |row|
      row.map { |cell| Blocks::Picture.quarters(cell["cut"], cell["fabrics"]) }
    end
    cells.first.size == columns ? cells : flunk("#{cells.first.size} columns, not #{columns}")
  end

  # Turned clockwise round the middle: each quarter of the block is the one before it, turned.
  def four_round(quarter)
    first = cells_of(quarter)
    turns = (1..3).reduce([first]) { |all, _| all << all.last.reverse.transpose.map { |row| row.map { |cell| cell.rotate(-1) } } }
    rows = turns[0].zip(turns[1]).map { |left, right| left + right } + turns[3].zip(turns[2]).map { |left, right| left + right }
    rows.map { |row| row.map { |cell| "q(#{cell.join(',')})" }.join(" ") }.join(" / ")
  end
end
