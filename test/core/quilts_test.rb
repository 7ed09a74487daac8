# frozen_string_literal: true

require "support/core_case"

# Worked out by hand: a quilt's area is that of everything in it.
class QuiltsTest < CoreCase
  # Blocks of so many inches, one square each.
  def block(width, height = width, **piece)
    { "name" => "Buoy", "columns" => [width.to_s], "rows" => [height.to_s],
      "pieces" => [{ "kind" => width == height ? "square" : "rectangle", "at" => [0, 0], "fabrics" => { "patch" => "sea" }, **piece }] }
  end

  def quilt(count, size: 9, blocks: nil, more: {}, **setting)
    OakenGauge.quilt({ "blocks" => blocks || [{ "block" => block(size), "count" => count }],
                       "setting" => { "layout" => "straight", "across" => 3, "down" => 4, **setting.transform_keys(&:to_s) }, **more })
  end

  def counts(answer)
    answer["pieces"].group_by { |piece| piece["for"] }.transform_values { |same| same.sum { |piece| piece["count"] } }.except("binding")
  end

  def faults(...)
    assert_raises(OakenGauge::Documents::Invalid) { quilt(...) }.faults.map(&:pointer)
  end

  def test_straight_with_sashing
    inner = quilt(12, sashing: "1 1/2", cornerstones: true)
    outer = quilt(12, sashing: "1 1/2", cornerstones: true, outer: true)
    plain = quilt(12, sashing: "1 1/2")

    assert_equal [["30", "40 1/2"], { "sash" => 17, "cornerstone" => 6 }], [inner["finished"], counts(inner)]
    assert_equal [["33", "43 1/2"], { "sash" => 31, "cornerstone" => 20 }], [outer["finished"], counts(outer)]
    assert_equal({ "sash" => 8, "long_sash" => 3 }, counts(plain))
    assert_equal([["2", "9 1/2"], ["2", "30 1/2"]], plain["pieces"].first(2).map { |piece| piece["size"] })
    assert_equal %w[27 36], quilt(12)["finished"]
  end

  def test_on_point_with_sashing
    outer = quilt(8, layout: "on_point", across: 2, down: 3, sashing: "1 1/2", cornerstones: true)
    inner = quilt(8, layout: "on_point", across: 2, down: 3, sashing: "1 1/2", cornerstones: true, outer: false)

    assert_equal [29.6985, 44.5477], outer["exact"]
    assert_equal({ "sash" => 24, "cornerstone" => 7, "half_cornerstone" => 10 }, counts(outer))
    assert_equal [6, 12.7279], outer["setting_triangles"]["side"].values_at("count", "exact")
    assert_equal [27.5772, 42.4264], inner["exact"]
    assert_equal({ "sash" => 8, "cornerstone" => 1 }, counts(inner))
    assert_in_delta(14.8492, inner["setting_triangles"]["side"]["exact"])
  end

  # Squares of 14 and 7 1/4 for blocks of 9, of 18 1/4 and 9 3/8 for blocks of 12.
  def test_setting_triangles
    { 9 => ["14", "7 1/4"], 12 => ["18 1/4", "9 3/8"] }.each do |size, squares|
      triangles = quilt(18, size: size, layout: "on_point")["setting_triangles"]

      assert_equal(squares, triangles.values_at("side", "corner").map { |one| one["square"] })
      assert_equal([10, 3, 4, 2], triangles.values_at("side", "corner").flat_map { |one| one.values_at("count", "squares") })
    end
  end

  # How many block ends a long sash lies beside, from the length it is cut: kP + S + (2 + 2√2)/4, or kB + (k - 1)S + 1/2.
  def test_long_sashes_on_point
    { [2, 2] => [1, 1, 3, 3], [2, 3] => [1, 1, 3, 3, 4], [3, 4] => [1, 1, 3, 3, 5, 5, 6] }.each do |(across, down), beside|
      assert_equal beside, long(across, down) { |cut| (cut - 1.5 - 1.2071) / 10.5 }
    end
    { [2, 3] => [1, 1, 2], [3, 4] => [1, 1, 3, 3, 4] }.each do |(across, down), beside|
      assert_equal beside, long(across, down, outer: false) { |cut| (cut - 0.5 + 1.5) / 10.5 }
    end
  end

  # Blocks, sashes, stones and triangles fill the quilt: nothing is left out and nothing is there twice.
  def test_areas_add_up
    [[2, 2], [2, 3], [3, 4], [5, 3], [1, 4]].product([nil, "1 1/2", "2"], [true, false], [true, false]).each do |(across, down), sash, stones, outer|
      next if outer == false && [across, down].min < 2

      count = (across * down) + ((across - 1) * (down - 1))
      answer = quilt(count, layout: "on_point", across: across, down: down, sashing: sash, cornerstones: stones, outer: outer)

      assert_in_delta answer["exact"].reduce(:*), filled(answer, count, sash), 0.8, [across, down, sash, stones, outer]
    end
  end

  # What is drawn is what is cut: as many blocks, sashes and stones, none of them on another, all within the quilt.
  def test_what_is_drawn_is_what_is_cut
    { ["straight", nil] => 12, ["straight", true] => 12, ["on_point", nil] => 18, ["on_point", false] => 18 }.each do |(layout, outer), count|
      answer = drawn(count, layout: layout, outer: outer, sashing: "1 1/2", cornerstones: true)
      drawing = answer["drawing"]
      middles = drawing["places"].map { |place| place["middle"] }
      rust = drawing["filling"].select { |fill| fill["fabric"] == "rust" }

      assert_equal count, middles.size
      assert_operator nearest(middles), :>=, 10.49
      assert_equal stones(answer), rust.size, [layout, outer]
      assert rust.all? { |stone| clear?(stone, middles, drawing["size"], layout) }, [layout, outer]
      rust.each { |stone| assert_in_delta 2.25, area_of(stone), 0.01 }
    end
  end

  def test_as_many_sashes_are_drawn_on_point_as_are_cut
    [nil, false].each do |outer|
      answer = drawn(18, layout: "on_point", outer: outer, sashing: "1 1/2", cornerstones: true)
      sashes = answer["drawing"]["filling"].select { |fill| fill["fabric"] == "sand" }

      assert_equal counts(answer)["sash"], sashes.size
      sashes.each { |sash| assert_in_delta 13.5, area_of(sash), 0.01 }
    end
  end

  def test_the_second_of_two_blocks_lies_between
    two = [{ "block" => block(9), "count" => 12 }, { "block" => block(9), "count" => 6 }]
    places = drawn(18, blocks: two, layout: "on_point")["drawing"]["places"].map { |place| place["block"] }

    assert_equal ([0, 0, 0, 1, 1] * 3) + [0, 0, 0], places
  end

  def test_borders_from_the_inside_out
    answer = quilt(12, borders: [{ "width" => "2", "fabric" => "ink" }, { "width" => "3", "corners" => "mitred", "fabric" => "sand" }])

    assert_equal %w[37 46], answer["finished"]
    # Sides 36, top and bottom 27 + 4; then round 31 x 40: mitred, 6 and (2 + 2√2)/4 longer.
    assert_equal([["2 1/2", "36 1/2"], ["2 1/2", "31 1/2"], ["3 1/2", "47 1/4"], ["3 1/2", "38 1/4"]],
                 answer["pieces"].select { |piece| piece["for"] == "border" }.map { |piece| piece["size"] })
  end

  def test_binding_backing_and_batting
    { [48, 60] => [7, "112", 2, "across"], [71.5r, 90] => [9, "196", 2, "along"], [72, 90] => [9, "240", 3, "across"],
      [32, 40] => [5, "48", 1, "along"] }.each do |(width, height), (strips, length, panels, run)|
      sizes = [width, height].map { |side| OakenGauge::Length.new(side/3r).to_s }
      answer = quilt(9, blocks: [{ "block" => block(*sizes), "count" => 9 }], down: 3)

      assert_equal [strips, length, panels, run], [answer["binding"]["strips"], *answer["backing"].values_at("length", "panels", "run")]
      assert_equal([width + 8, height + 8], answer["batting"].map { |side| OakenGauge::Length.parse(side).inches })
    end
  end

  # A half-square is the same whichever fabric is called light; a three-triangle with its small ones swapped is of the other hand.
  def test_units_are_counted_under_one_name
    pieces = [half(0, "sea", "sand", 0), half(1, "sand", "sea", 1), tri(2, "ink", "sky", false), tri(3, "sky", "ink", true), tri(4, "sky", "ink", false)]
    answer = quilt(2, blocks: [{ "block" => { "name" => "Row", "columns" => ["3"] * 5, "rows" => ["3"], "pieces" => pieces }, "count" => 2 }],
                      across: 1, down: 2)

    assert_equal([[{ "left" => 4, "right" => 2 }, { "half" => "sea", "left" => "ink", "right" => "sky" }], [4, { "light" => "sand", "dark" => "sea" }]],
                 answer["units"].map { |unit| unit.values_at("count", "fabrics") })
  end

  # A rectangle that stands is the one that lies.
  def test_rectangles_are_counted_whichever_way_they_lie
    pieces = [[0, [2, 1]], [2, [1, 2]]].map do |column, span|
      { "kind" => "rectangle", "at" => [column, 0], "span" => span, "fabrics" => { "patch" => "sea" } }
    end
    pieces << { "kind" => "rectangle", "at" => [0, 1], "span" => [2, 1], "fabrics" => { "patch" => "sea" } }
    answer = quilt(1, blocks: [{ "block" => { "name" => "Rails", "columns" => ["2"] * 3, "rows" => %w[2 2], "pieces" => pieces }, "count" => 1 }],
                      across: 1, down: 1)

    assert_equal([[%w[2 4], 3]], answer["units"].map { |unit| unit.values_at("finished", "count") })
  end

  # 12 squares cut 9 1/2: three strips of four, 28 1/2 inches. Seven strips of binding, 17 1/2. A yard and some of it is there.
  def test_what_to_buy
    more = { "binding" => { "fabric" => "sea" }, "stock" => { "sea" => [{ "form" => "yardage", "usable_width" => "40", "length" => "20" }] } }
    answer = quilt(12, more: more)
    strips = answer["binding"]["strips"]

    assert_equal [{ "fabric" => "sea", "length" => "22 1/2", "yards" => "5/8" }], answer["buy"]
    assert_equal 4, strips
    washed = quilt(12, more: { "stock" => { "sea" => [{ "form" => "yardage", "usable_width" => "40", "length" => "1 1/2", "prewashed" => true }] } })

    # 27 of 28 1/2 would be 3/4 of a yard; they shrink to 97 in 100, so 27.8.
    assert_equal "7/8", washed["buy"].first["yards"]
    # And 26 1/4 of it by themselves 3/4 of a yard, 27.06 where 3 in 100 are lost.
    washed = quilt(12, more: { "stock" => { "sea" => [{ "form" => "yardage", "usable_width" => "40", "length" => "2 1/4", "prewashed" => true }] } })

    assert_equal "7/8", washed["buy"].first["yards"]
    backed = quilt(12, more: { "backing" => { "fabric" => "plain" } })

    assert_includes backed["buy"], { "fabric" => "plain", "length" => "45", "yards" => "1 1/4" }
  end

  # 5500 squares of 2½ of each fabric, 16 to a strip, are 344 strips.
  def test_what_to_buy_for_very_many_pieces
    pieces = Array.new(100) { |i| { "kind" => "square", "at" => [i % 10, i / 10], "fabrics" => { "patch" => i.even? ? "sea" : "sand" } } }
    answer = quilt(110, blocks: [{ "block" => { "name" => "Checks", "columns" => ["2"] * 10, "rows" => ["2"] * 10, "pieces" => pieces },
                                   "count" => 110 }], across: 10, down: 11)
    strips = (110 * 50 / 16.0).ceil

    assert_equal([OakenGauge::Length.new((strips * 2.5 / 4.5).ceil * 4.5r).to_s] * 2, answer["buy"].map { |one| one["length"] })
  end

  # 36 geese of 2 × 4 of sea and sky. Stitch and flip: rectangles 2½ × 4½ of sea, 16 to a strip of 4½ or 8 to one of 2½, and 72 squares
  # of 2½ of the sky, 16 to a strip: 5 strips.
  def geese(**more)
    one = { "kind" => "flying_geese", "at" => [0, 0], "fabrics" => { "goose" => "sea", "sky" => "sky" } }
    quilt(36, blocks: [{ "block" => { "name" => "Gulls", "columns" => ["4"], "rows" => ["2"], "pieces" => [one] }, "count" => 36 }],
              across: 6, down: 6, more: more.transform_keys(&:to_s))
  end

  def flip(**unit)
    { "unit" => { "kind" => "flying_geese", "finished" => %w[2 4], "count" => 5, **unit.transform_keys(&:to_s) },
      "method" => "rotary/stitch_and_flip", "fabrics" => { "goose" => "sea", "sky" => "sky" } }
  end

  def test_what_to_buy_follows_the_picks
    picked = geese(picks: [flip])
    bought = ->(answer) { answer["buy"].to_h { |one| one.values_at("fabric", "length") } }

    assert_equal([["rotary/stitch_and_flip", true]], picked["units"].map { |unit| unit.values_at("method", "picked") })
    assert_equal({ "sea" => "13 1/2", "sky" => "13 1/2" }, bought.call(picked)) # 2 strips of 4½ and one of 2½: 11½; 12½ of the sky
    assert_equal([false, false], [geese, geese(picks: [flip(finished: %w[3 6])])].map { |answer| answer["units"].first["picked"] })
    refute_equal bought.call(picked), bought.call(geese)
  end

  # Five tools are named, none makes them so any more: the best does, and it says why.
  def test_what_was_picked_and_cannot_be_used_is_said
    answer = geese(picks: [flip.merge("method" => "die/patches")])

    refute answer["units"].first["picked"]
    assert_match(/no die/, answer["units"].first["say"])
  end

  def left_out(answer)
    answer["not_counted"].map { |one| one.values_at("what", "why") }
  end

  def test_what_no_fabric_is_chosen_for_is_told_as_not_counted
    assert_equal [["cornerstones", "no_fabric"], ["binding strips", "no_fabric"], %w[backing no_fabric]],
                 left_out(quilt(12, sashing: "1", cornerstones: true, fabrics: { "sashing" => "sand" }))
    full = { "binding" => { "fabric" => "sea" }, "backing" => { "fabric" => "sea" } }

    assert_empty quilt(12, more: full)["not_counted"]
  end

  # Blocks of 28 on point: sides from a square of 39.598 + 1.207 = 40 7/8, corners from 19.799 + 0.854 = 20 3/4. Of fabric 40 wide: two
  # panels of (40 7/8 + 1/2) / 2 = 20 11/16, an eighth up.
  def test_setting_triangles_wider_than_their_fabric_are_pieced
    answer = quilt(5, blocks: [{ "block" => block(28), "count" => 5 }], layout: "on_point", across: 2, down: 2,
                      fabrics: { "triangles" => "sand" }, more: { "tools" => [] })

    assert_equal([["side", 2, ["40 7/8", "20 3/4"]]], answer["pieced"].map { |one| one.values_at("for", "panels", "size") })
    assert_includes left_out(answer), ["squares 28", "no_method"]
    sand = answer["buy"].find { |one| one["fabric"] == "sand" }["length"]

    # One strip of 40 7/8 with one panel, and the other with corners beside it: 2 × 20 3/4 along 40 are more than it holds.
    assert_operator OakenGauge::Length.parse(sand).inches, :>=, 40.875r
  end

  # By hand: two panels of fabric 40 wide are 79 1/2 with a seam of 1/4, and no more; three of 79 5/8 are 80 5/8 / 3 = 26 7/8 each.
  def test_panels_are_as_few_as_hold_it
    pieced = lambda do |side|
      square = Quilts::CutPiece.new(what: :side, fabric: "sea", size: [side, side], count: 1)
      Quilts::Piecing.new(square, 40r, 1/4r, Quilts::Layout::EIGHTHS)
    end

    assert_equal [2, [79.5r, 40r]], [pieced[79.5r].panels, pieced[79.5r].size]
    assert_equal [3, [79.625r, 26.875r]], [pieced[79.625r].panels, pieced[79.625r].size]
  end

  # Fabric 5 wide: a border of 6½ from two panels of 3½; a binding of 2½ is joined; squares of 9½ are told as too wide.
  def test_narrow_fabric
    stock = %w[sea sand].to_h { |name| [name, [{ "form" => "yardage", "usable_width" => "5" }]] }
    answer = quilt(12, more: { "stock" => stock, "binding" => { "fabric" => "sand" } }, borders: [{ "width" => "6", "fabric" => "sand" }])

    assert_equal [["border", 2]], answer["pieced"].map { |one| one.values_at("for", "panels") }.uniq
    assert_includes left_out(answer), ["squares 9", "too_wide"]
    assert_match(%r{takes fabric 9 1/2 wide}, answer["not_counted"].find { |one| one["why"] == "too_wide" }["say"])
    assert_equal(["/binding/strip"], faults(12, more: { "binding" => { "fabric" => "sand", "strip" => "5" }, "stock" => stock }))
  end

  # Batting sticks out 4, the backing 2 more than that: 27 + 12 by 36 + 12.
  def test_no_glue_lies_bare_beyond_the_backing
    lengths = [false, true].map { |fusible| quilt(12, more: { "batting" => { "fusible" => fusible } })["backing"]["length"] }

    assert_equal %w[44 48], lengths
  end

  # 13√2 is 18.385; sashing 3½ inside only: ((c − 1)·16½ + 13)√2 + 8½ is 26.9 for one, 50.2 for two, which the quilt would take.
  def test_fitting_proposes_nothing_that_a_quilt_refuses
    setting = { "layout" => "on_point", "across" => 1, "down" => 1, "sashing" => "3 1/2", "outer" => false,
                "borders" => [{ "width" => "4 1/4" }] }
    answer = OakenGauge.fit_quilt({ "setting" => setting, "block" => %w[13 13], "width" => "26", "length" => "61" })

    assert_equal 2, answer["across"]
    assert_operator answer["down"], :>=, 2
    assert_raises(Documents::Invalid) { OakenGauge.fit_quilt({ "setting" => setting, "block" => %w[13 12], "width" => "26", "length" => "61" }) }
  end

  def test_what_cannot_be_set_is_named
    two = [{ "block" => block(9), "count" => 6 }, { "block" => block(8), "count" => 6 }]

    assert_equal ["/blocks"], faults(11)
    assert_equal ["/blocks/1/block"], faults(12, blocks: two)
    assert_equal ["/setting/layout"], faults(18, blocks: [{ "block" => block(9, 6), "count" => 18 }], layout: "on_point")
    assert_equal ["/setting/outer"], faults(4, layout: "on_point", across: 1, sashing: "1", outer: false)
    assert_equal ["/setting/place"], faults(12, place: [[0] * 3] * 3)
    assert_equal ["/setting/place"], faults(12, place: [[0, 0, 1], *[[0] * 3] * 3])
    assert_equal [], quilt(12, place: [[0] * 3] * 4)["not_bought"]
  end

  def test_what_cannot_be_sewn_is_named_where_it_lies
    { { "span" => [2, 1] } => "/pieces/0/span", { "kind" => "flying_geese", "fabrics" => { "goose" => "a", "sky" => "b" } } => "/pieces/0/span",
      { "fabrics" => {} } => "/pieces/0/fabrics", { "fabrics" => { "patch" => "a", "sky" => "b" } } => "/pieces/0/fabrics/sky",
      { "kind" => "triangle" } => "/pieces/0/grain" }.each do |change, pointer|
      assert_equal ["/blocks/0/block#{pointer}"], faults(12, blocks: [{ "block" => block(9, **change), "count" => 12 }]), change
    end
    large = [{ "block" => block(49), "count" => 12 }]

    assert_equal ["/blocks/0/block/pieces/0/span"], faults(12, blocks: large)
    bare = block(9).merge("columns" => %w[9 9])
    twice = block(9).merge("pieces" => block(9)["pieces"] * 2)

    assert_equal ["/blocks/0/block/pieces"], faults(12, blocks: [{ "block" => bare, "count" => 12 }])
    assert_equal ["/blocks/0/block/pieces/1"], faults(12, blocks: [{ "block" => twice, "count" => 12 }])
  end

  private

  def drawn(count, blocks: nil, **setting)
    OakenGauge.quilt({ "blocks" => blocks || [{ "block" => block(9), "count" => count }],
                       "setting" => { "across" => 3, "down" => 4, "fabrics" => { "sashing" => "sand", "cornerstones" => "rust" },
                                      **setting.compact.transform_keys(&:to_s) } }, view: true)
  end

  # Whether the middle of a stone lies in the quilt, or on its edge, and on no block of 9.
  def clear?(stone, middles, size, layout)
    x, y = stone["outline"].transpose.map { |line| line.sum / line.size }
    reach = ->(across, down) { layout == "straight" ? [across.abs, down.abs].max : (across.abs + down.abs) / Math.sqrt(2) }
    x.between?(-0.01, size[0] + 0.01) && y.between?(-0.01, size[1] + 0.01) &&
      middles.none? { |middle| reach.call(x - middle[0], y - middle[1]) < 4.5 }
  end

  def area_of(fill)
    corners = fill["outline"]
    corners.zip(corners.rotate).sum { |(x, y), (to_x, to_y)| (x * to_y) - (to_x * y) }.abs / 2
  end

  def nearest(middles)
    middles.combination(2).map { |one, other| Math.hypot(one[0] - other[0], one[1] - other[1]) }.min
  end

  def stones(answer)
    counts(answer).values_at("cornerstone", "half_cornerstone").compact.sum
  end

  def half(column, light, dark, turn)
    { "kind" => "half_square", "at" => [column, 0], "turn" => turn, "fabrics" => { "light" => light, "dark" => dark } }
  end

  def tri(column, left, right, mirror)
    { "kind" => "three_triangle", "at" => [column, 0], "mirror" => mirror, "fabrics" => { "half" => "sea", "left" => left, "right" => right } }
  end

  def long(across, down, **more, &beside)
    count = (across * down) + ((across - 1) * (down - 1))
    answer = quilt(count, layout: "on_point", across: across, down: down, sashing: "1 1/2", **more)
    answer["pieces"].select { |piece| piece["for"] == "long_sash" }
                    .flat_map { |piece| [beside.call(OakenGauge::Length.parse(piece["size"].last).inches).round] * piece["count"] }.sort
  end

  # Square inches. Sashes that end in a point are as long along their middle as from edge to edge.
  def filled(answer, count, sash)
    pitch = 9 + (sash ? OakenGauge::Length.parse(sash).inches : 0)
    triangles = answer["setting_triangles"]
    (81 * count) + answer["pieces"].sum { |piece| area(piece, pitch - 9) } +
      (triangles["side"]["count"] * (triangles["side"]["exact"]**2) / 4) + (2 * (triangles["corner"]["exact"]**2))
  end

  def area(piece, sash)
    across, along = piece["size"].map { |side| OakenGauge::Length.parse(side).inches }
    case piece["for"]
    when "half_cornerstone" then piece["count"] * (sash**2) / 2
    when "binding" then 0
    else piece["count"] * (across - 0.5) * (piece["ends"] == "mitred" ? along - sash - 1.2071 : along - 0.5)
    end
  end
end
