# frozen_string_literal: true

require "support/core_case"
require "support/catalogue"
require "support/allocating"

using Allocating

# Cuts on precuts, fat quarters and scraps: what fits, what is taken, what is left; by hand, and for any cuts at all.
class SheetsTest < CoreCase
  def piece(height, width, count, role: :light)
    Layout::Piece.new(role: role, exact: [height, width], size: [height.to_r, width.to_r], count: count, marks: [])
  end

  def scraps(*sizes, **more)
    Fabrics::Scraps.new(pieces: sizes.map { |size| size.map(&:to_r) }, **more)
  end

  def held(long, wide, height, width, **fabric)
    Layout::Packing.new(Fabrics::Squares.new(side: 10r, **fabric), piece(height, width, 1)).held(long.to_r, wide.to_r)
  end

  # Rows both ways round: 3½ × 6½ in 10 × 10 is two lying and one standing. A pinwheel of four 2 × 3 in 5 × 5, round a
  # hole, is nothing that can be cut from edge to edge: three.
  def test_how_many_a_rectangle_holds
    assert_equal 3, held(10, 10, 7/2r, 13/2r)
    assert_equal 2, held(10, 10, 7/2r, 13/2r, directional: true)
    assert_equal 9, held(10, 10, 3, 3)
    assert_equal 0, held(10, 10, 3, 11)
    assert_equal 3, held(5, 5, 2, 3)
    assert_equal 7, held(7, 6, 2, 3) # a column of three, and two columns of two
  end

  # Any sheets, and every choice among them by brute force: the least area first, then the fewest sheets.
  def test_the_sheets_that_use_least
    sampled(5, 200) do |random|
      sheets = Array.new(random.rand(1..8)) { |place| [place, Rational(random.rand(20..90), 4), random.rand(1..6)] }
      wanted = random.rand(1..held_by(sheets))
      chosen = Layout::Choosing.new(sheets, wanted).chosen.map { |place| sheets[place] }

      assert_equal least_of(sheets, wanted), used(chosen), [sheets, wanted].inspect
      assert_operator held_by(chosen), :>=, wanted
    end
  end

  def least_of(sheets, wanted)
    (1..sheets.size).flat_map { |count| sheets.combination(count).to_a }.select { |some| held_by(some) >= wanted }.map { |some| used(some) }.min
  end

  def used(sheets)
    [sheets.sum { |_, area, _| area }, sheets.size]
  end

  def held_by(sheets)
    sheets.sum(&:last)
  end

  def test_scraps_that_use_least_whatever_their_order
    [[[13, 15], [11, 11], [6, 6]], [[6, 6], [11, 11], [13, 15]], [[11, 11], [13, 15], [6, 6]]].each do |sizes|
      taken = scraps(*sizes).allocate(piece(19/4r, 5, 5))

      assert_equal [157, 2], [taken.consumed, taken.taken], sizes.inspect
    end
    taken = scraps([40, 40], [6, 12], [6, 12], [6, 12]).allocate(piece(23/8r, 23/8r, 12))

    assert_equal [144, 2], [taken.consumed, taken.taken]
  end

  # Nothing less will do: by trying every choice of scraps.
  def test_no_choice_of_scraps_uses_less
    sampled(4, 40) do |random|
      sizes = Array.new(6) { [random.rand(3..14), random.rand(3..14)] }
      wanted = random.rand(1..9)
      least = least_area(sizes, wanted)
      taken = scraps(*sizes).allocate(piece(5/2r, 3, wanted))

      least ? assert_equal(least, taken.consumed, sizes.inspect) : refute_nil(taken.short)
    end
  end

  def least_area(sizes, wanted)
    yields = sizes.map { |long, wide| [long * wide, held(wide, long, 5/2r, 3)] }
    (1..sizes.size).flat_map { |n| yields.combination(n).select { |chosen| chosen.sum(&:last) >= wanted }.map { |chosen| chosen.sum(&:first) } }.min
  end

  # Each of 61 sizes, all a little over 10 by 10, holds three of 3 1/2 by 6 1/2, two in a row and one standing beside them; equal
  # rows alone hold two. One more than three each there is no room for, nor for one more than the area gives.
  def test_of_very_many_sizes_nothing_is_short_that_there_is_room_for
    bag = scraps(*Array.new(61) { |i| [10 + (i / 8/64r), 10 + (i % 8/64r)] })

    assert_equal [61, nil], bag.allocate(piece(7/2r, 13/2r, 183)).to_a.values_at(2, 6)
    assert_match(/give 183 of 184 pieces/, bag.allocate(piece(7/2r, 13/2r, 184)).short.say)
    assert_match(/give 122 of 900 pieces/, bag.allocate(piece(7/2r, 13/2r, 900)).short.say)
  end

  def test_what_has_the_size_already_is_not_cut
    charms = Fabrics::Squares.new(side: 5r)
    taken = charms.allocate(piece(5, 5, 10))

    assert_equal [{}, 0, 0, 250], [taken.cut_strips, taken.subcuts, taken.squared, taken.consumed]
    effort = weigh("rotary/two_at_a_time", half_square("4 1/8", 20, fabrics: { "light" => { "form" => "squares", "side" => "5" },
                                                                               "dark" => { "form" => "squares", "side" => "5" } }))["effort"]

    assert_equal 10, effort["cuts"] # one on the line of each of ten pairs
  end

  # Whatever was cut of the size before: one has no lines, one is cut once corner to corner, one twice.
  def test_squares_of_one_size_are_drawn_with_their_own_lines
    charms = Fabrics::Squares.new(side: 5r)
    squares = [[], Patches::Shape::DIAGONAL, Patches::Shape::BOTH_DIAGONALS].map { |lines| piece(5, 5, 1).tap { |cut| cut.marks = lines } }

    assert_equal([0, 1, 2], squares.map { |cut| charms.allocate(cut).sheets.first.marks.size })
  end

  # 8 to a row of 20, five rows: five strips and 36 squares; the fat quarter's edges are squared up once.
  def test_every_row_is_a_strip_and_every_piece_a_cut
    taken = Fabrics::FatQuarter.new.allocate(piece(19/8r, 19/8r, 36))

    assert_equal [{ 19/8r => 5 }, 36, 1], [taken.cut_strips, taken.subcuts, taken.squared]
    # Where rows and pieces end at the edge, the edge is there already: 4 of 5 by 5 in 10 by 10.
    taken = Fabrics::Squares.new(side: 10r).allocate(piece(5, 5, 4))

    assert_equal [{ 5r => 1 }, 2], [taken.cut_strips, taken.subcuts]
  end

  def test_two_cuts_share_a_sheet
    quarter = Fabrics::FatQuarter.new(count: 1)
    cuts = [piece(5/2r, 5/2r, 4), piece(23/8r, 23/8r, 4)]
    taken = quarter.allocate_all(cuts).values

    assert_empty taken.filter_map(&:short)
    assert_equal [350, 1], [taken.sum(&:consumed), taken.sum(&:taken)]
  end

  # 12 goose pieces of 3½ × 6½, three from each square of 10.
  def test_no_false_short
    fabrics = { "goose" => { "form" => "squares", "side" => "10", "count" => 4 } }
    method = weigh("rotary/stitch_and_flip", { "unit" => { "kind" => "flying_geese", "finished" => %w[3 6], "count" => 12 }, "fabrics" => fabrics })

    assert method["feasible"]
    assert_equal 4, method["fabric"]["goose"]["pieces_of_stock"]
  end

  # Two roles from one fat quarter: what is taken is counted once, and each has its part.
  def test_two_roles_of_one_fabric
    one = { "light" => { "form" => "fat_quarter", "count" => 1 }, "dark" => { "same_as" => "light" } }
    method = weigh("rotary/two_at_a_time", half_square("2", 8, fabrics: one))

    assert_in_delta 350, method["waste"]["consumed"], CLOSE
    method["fabric"].each_value do |parts|
      assert_in_delta parts["consumed"], parts.values_at("in_units", "surplus", "offcut", "lost").sum, CLOSE
      assert_operator parts["lost"], :>=, 0
    end
    assert_equal %w[short], codes(weigh("rotary/two_at_a_time", half_square("6", 12, fabrics: one))).uniq
  end

  # From one bolt too: 7 and 7 squares of 2⅞ are one strip, not two; two bolts are two.
  def test_two_roles_of_one_bolt_share_strips
    strips = ->(fabrics) { weigh("rotary/two_at_a_time", half_square("2", 12, fabrics: fabrics))["fabric"].values.sum { |parts| parts["pieces_of_stock"] } }

    assert_equal 1, strips.call({ "light" => { "form" => "yardage" }, "dark" => { "same_as" => "light" } })
    assert_equal 2, strips.call({ "light" => { "form" => "yardage" }, "dark" => { "form" => "yardage" } })
  end

  # 21 geese of 2¾ × 5½, four at a time: six squares of 7 are two strips, six of 8½ two more: 31 inches of a bolt of 27.
  def test_two_roles_of_one_bolt_may_be_too_many_together
    task = { "unit" => { "kind" => "flying_geese", "finished" => ["2 3/4", "5 1/2"], "count" => 21 } }
    short = lambda do |length|
      bolt = { "goose" => { "form" => "yardage", "length" => length }, "sky" => { "same_as" => "goose" } }
      weigh("rotary/four_at_a_time_large_sky", task.merge("fabrics" => bolt))["problems"]
    end

    say = "All cuts from the goose and sky together take 4 more than the stock gives. Find more, or make fewer."

    assert_equal([say], short.call("27").map { |problem| problem["say"] })
    assert_empty short.call("31")
  end

  # Geese and skies that could nest, on every form of one fabric.
  def test_geese_by_strips_from_one_fabric_of_any_form
    [{ "form" => "fat_quarter" }, { "form" => "squares", "side" => "10" }, { "form" => "strips", "width" => "2 1/2" },
     { "form" => "scraps", "pieces" => [%w[9 20], %w[20 14]] }].each do |form|
      method = weigh("triangle_ruler/strips", { "unit" => { "kind" => "flying_geese", "finished" => %w[2 4], "count" => 9 }, "tools" => Catalogue::TOOLS,
                                                "fabrics" => { "goose" => form, "sky" => { "same_as" => "goose" } } })

      assert method["feasible"], method["problems"].inspect
      assert_in_delta method["waste"]["consumed"], method["waste"].values_at("in_units", "surplus", "offcut", "lost").sum, CLOSE
      assert_operator method["waste"]["lost"], :>, 0
    end
  end

  # A bolt of 4 has no strip of 5½; of 3¼ it has one, with seven on it.
  def test_the_way_round_of_which_a_bolt_has_more
    say = Fabrics::Yardage.new(length: 4r).allocate(piece(11/2r, 13/4r, 44)).short.say

    assert_equal "Needs 7 strips of 3 1/4 from the light; the stock gives 1. Find 6 more, or make fewer.", say
  end

  # 13 squares of 2½ × 3 take 39 inches: the strip has an inch left. Of 15 of 2½ × 3½, eleven fill a strip; four more lie on
  # one of their own, since what is left of the first saves none.
  def test_strips_are_shared_where_that_saves_one
    bolt = Fabrics::Yardage.new(directional: true)
    strips = ->(*counts) { bolt.allocate_all([piece(5/2r, 3, counts[0]), piece(5/2r, 7/2r, counts[1])]).values.map(&:taken) }

    assert_equal [1, 2], strips.call(13, 15)
    assert_equal [1, 1], strips.call(8, 15) # 24 inches, and four of the 15 beside them
    assert_equal [1, 0], strips.call(8, 4)
    # Two of 10 and 41 of 1: one lies beside the two, forty on a strip; 19 inches are left.
    taken = bolt.allocate_all([piece(5/2r, 10, 2), piece(5/2r, 1, 41)]).values

    assert_equal [2, 19 * 5/2r], [taken.sum(&:taken), taken.sum(&:offcut)]
  end

  # Quarter-square patches of 4 are cut from 2½: two rows of 13 on a bought strip of 5½, where a strip of the bolt has one.
  # Half-square patches of 2 on a folded strip: twelve on either layer of 20 (6 × 3.2071 = 19.24).
  def test_several_rows_on_a_bought_strip
    wide = Fabrics::Strips.new(width: 11/2r)
    geese, skies = { quarter: [Patches::QuarterSquare.new(4r), 1], half: [Patches::HalfSquare.new(2r), 2] }.values.map do |shape, layers|
      ->(count) { wide.allocate(Layout::Run.new(role: :light, count: count, layers: layers, each: 1, then_do: :cut_triangles, ways: [lying(shape)])) }
    end

    assert_equal [1, 2], [geese.call(26).taken, geese.call(40).taken]
    assert_equal [1, 24], [skies.call(24).taken, skies.call(24).sheets.sum { |sheet| sheet.outlines.size }]
  end

  def lying(shape)
    { exact: 5/2r, width: 5/2r, outline: shape.strip_outline(1/4r) }
  end

  # A row as wide as the strip is not cut along it; a narrower one is, once.
  def test_bought_strips_that_have_the_width
    strips = Fabrics::Strips.new(width: 5/2r)

    assert_equal([{}, { 2r => 1 }], [5/2r, 2r].map { |side| strips.allocate(piece(side, side, 6)).cut_strips })
  end

  # Nine by twelve, cut to the last inch: 2 by 9 off its end, then 2 by 8 and 2 by 2 off its side, and 7 by 7 and 7 by 3 are left.
  # With the widest first there is no room for all five.
  def test_many_cuts_are_laid_in_more_than_one_order
    cuts = [[7, 7], [2, 2], [2, 8], [7, 3], [2, 9]].map { |sides| piece(*sides, 1) }
    best = Layout::Sharing.new(scraps([9, 12]), cuts).best

    assert_equal 0, best.missing.values.sum
    best.sheets.each { |taken| assert_cut_by_hand(taken) }
  end

  # Eight by nine: 2 by 5 and 2 by 4 off its side, 3 by 6 off the end of what is left, then 5 by 3 and 6 by 3; three square inches
  # are over. None of the orders that are tried first has room for all five.
  def test_other_orders_are_tried_before_anything_is_short
    cuts = [[5, 3], [6, 3], [3, 6], [2, 4], [2, 5]].map { |sides| piece(*sides, 1) }
    best = Layout::Sharing.new(scraps([8, 9]), cuts).best

    assert_empty best.short
    best.sheets.each { |taken| assert_cut_by_hand(taken) }
  end

  # Any cuts on any scraps: they lie on their sheets, clear of one another and of what is kept, and every cut runs from
  # edge to edge; never fewer than rows one under the other give.
  def test_any_cuts_at_all
    sampled(9, 150) do |random|
      sizes = Array.new(random.rand(1..5)) { [random.rand(4..20), random.rand(4..20)] }
      cuts = Array.new(random.rand(1..7)) { piece(random.rand(4..20)/4r, random.rand(4..28)/4r, random.rand(1..8)) }
      best = Layout::Sharing.new(scraps(*sizes), cuts).best

      best.sheets.each { |taken| assert_cut_by_hand(taken) }

      laid = best.sheets.sum { |taken| taken.repeats * taken.rows.sum(&:count) }

      assert_equal cuts.sum(&:count), laid + best.missing.values.sum
      assert_operator laid, :>=, in_rows(sizes, cuts), [sizes, cuts.map { |cut| [cut.size, cut.count] }].inspect
      assert_operator best.sheets.sum(&:repeats), :<=, sizes.size
    end
  end

  # Six cuts of three scraps: each tried before all others and after them, two of the scraps hold all; by size alone it takes three.
  def test_each_of_a_few_is_tried_first_and_last
    cuts = [[9/2r, 1, 2], [3, 4, 4], [13/4r, 15/4r, 1], [5, 25/4r, 4], [3/2r, 25/4r, 3], [5/4r, 3, 4]]
    best = Layout::Sharing.new(scraps([8, 15], [18, 13], [11, 5]), cuts.map { |one| piece(*one) }).best

    assert_equal [0, 2], [best.missing.values.sum, best.sheets.sum(&:repeats)]
  end

  # Four of 8 1/2 take 34 of 40 and leave room for one of 5; a strip with three, for two. So 27 of these, seven strips, hold 8 of
  # the 24 of 5, and two more strips the other 16: nine, whichever is listed first. Those of 5 by themselves fill three.
  def test_the_longer_pieces_are_cut_first_where_that_saves_a_strip
    bolt = Fabrics::Yardage.new(directional: true)
    cuts = [piece(19/4r, 5, 24), piece(19/4r, 17/2r, 27)]

    assert_equal([9, 9], [cuts, cuts.reverse].map { |list| bolt.allocate_all(list).values.sum(&:taken) })
  end

  # Any cuts on a bolt: all lie on strips as wide as they are, clear of one another; never more strips than each by itself
  # takes, and no fewer than their area fills.
  def test_any_cuts_on_a_bolt
    bolt = Fabrics::Yardage.new(directional: true)
    sampled(12, 100) do |random|
      cuts = Array.new(random.rand(1..4)) { piece(random.rand(2..3), random.rand(4..40)/4r, random.rand(1..40)) }
      taken = bolt.allocate_all(cuts).values

      assert_equal cuts.sum(&:count), laid_by_hand(taken.flat_map(&:sheets))
      assert_operator(taken.sum(&:taken), :<=, cuts.sum { |cut| bolt.allocate(cut).taken })
      assert_operator(taken.sum(&:consumed), :>=, cuts.sum { |cut| cut.count * cut.size.inject(:*) })
    end
  end

  # How many lie on strips, each row along the whole width of one.
  def laid_by_hand(strips)
    strips.sum do |strip|
      assert_cut_by_hand(strip)
      assert_equal [strip.wide], strip.rows.map { |row| row.form.width }.uniq
      strip.repeats * strip.rows.sum(&:count)
    end
  end

  def assert_cut_by_hand(taken)
    boxes = taken.rows.flat_map { |row| boxes_of(row) }
    kept = taken.kept.map { |space| [space.x, space.y, space.x + space.long, space.y + space.wide] }
    all = boxes + kept

    assert(all.all? { |left, low, right, high| left >= 0 && low >= 0 && right <= taken.long && high <= taken.wide })
    assert_empty(all.combination(2).select { |one, other| overlap?(one, other) })
    assert parted?(boxes), boxes.inspect
  end

  def boxes_of(row)
    Array.new(row.count) do |i|
      from, to = [i, i + 1].map { |count| row.form.reach.call(count) }
      row.turned ? [row.x, row.y + from, row.x + row.form.width, row.y + to] : [row.x + from, row.y, row.x + to, row.y + row.form.width]
    end
  end

  def overlap?(one, other)
    one[0] < other[2] && other[0] < one[2] && one[1] < other[3] && other[1] < one[3]
  end

  # Some straight cut goes through none of them and has some on either side; so on until each is alone.
  def parted?(boxes)
    boxes.size < 2 || [0, 1].any? { |axis| boxes.any? { |box| parted_at?(boxes, axis, box[axis + 2]) } }
  end

  def parted_at?(boxes, axis, place)
    before, after = boxes.partition { |box| box[axis + 2] <= place }
    after.any? && after.all? { |box| box[axis] >= place } && parted?(before) && parted?(after)
  end

  # The plain way: cuts one after another, rows one under the other, on whole sheets that are left.
  def in_rows(sizes, cuts)
    left = sizes.dup
    cuts.sort_by { |cut| -cut.size.min }.sum do |cut|
      wanted = cut.count
      while wanted.positive? && (sheet = left.find { |size| plain(size, cut).positive? })
        left.delete_at(left.index(sheet))
        wanted -= [plain(sheet, cut), wanted].min
      end
      cut.count - wanted
    end
  end

  def plain((wide, long), cut)
    [cut.size, cut.size.reverse].map { |across, along| (wide / across).floor * (long / along).floor }.max
  end
end
