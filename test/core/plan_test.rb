# frozen_string_literal: true

require_relative "../../bin/support/schemas"
require "support/core_case"
require "support/catalogue"

# The cutting plan: by hand, and for any pieces at all.
class PlanTest < CoreCase
  BOLT = { "form" => "yardage", "usable_width" => "40" }.freeze

  def plan(pieces, stock = [BOLT], **more)
    OakenGauge.plan({ "stock" => { "ink" => stock }, "pieces" => pieces, **more.transform_keys(&:to_s) })
  end

  def piece(size, count, **more)
    { "fabric" => "ink", "size" => size, "count" => count, **more.transform_keys(&:to_s) }
  end

  def faults_of(document)
    assert_raises(Documents::Invalid) { OakenGauge.plan(document) }.faults.to_h { |fault| [fault.pointer, fault.message] }
  end

  def sizes_laid(fabric)
    fabric["strips"].flat_map { |strip| strip["pieces"].map { |one| one["size"] } * strip.fetch("count", 1) }
  end

  def inches(text)
    Length.parse(text).inches
  end

  # 30 squares of 2⅞: 13 to a strip, three strips. 24 of 2½ × 5½: 7 to a strip of 2½, or one above the other 14 to a
  # strip of 5: one such, and ten more on two of 2½, which is as much as four of 2½.
  def test_strips_by_hand
    ink = plan([piece(["2 7/8", "2 7/8"], 30)])["fabrics"]["ink"]

    assert_equal ["8 5/8", "8 5/8", "0"], ink.values_at("used_length", "bound_length", "gap")
    assert_equal([[2, 13], [nil, 4]], ink["strips"].map { |strip| [strip["count"], strip["pieces"].size] })
    assert_equal "10", plan([piece(["2 1/2", "5 1/2"], 24)])["fabrics"]["ink"]["used_length"]
  end

  # Eight 5 × 10 and eight 5 × 30: a 5 strip takes one of each, whole. First fit puts four short ones on a strip.
  def test_better_than_by_hand
    ink = plan([piece(%w[5 10], 8), piece(%w[5 30], 8)])["fabrics"]["ink"]

    assert_equal %w[40 40], ink.values_at("used_length", "bound_length")
  end

  # 3½ × 60½ from 40 wide: along a bolt of two yards; from one of a yard joined, 64 inches of strip each.
  def test_a_piece_longer_than_the_fabric_is_wide
    border = [piece(["3 1/2", "60 1/2"], 1)]

    assert_equal [["60 1/2", "3 1/2"]], sizes_laid(plan(border, [BOLT.merge("length" => "72")])["fabrics"]["ink"])
    joined = plan(border, [BOLT.merge("length" => "36")])["fabrics"]["ink"]

    assert_equal ["7", [["3 1/2", "24"], ["3 1/2", "40"]]], [joined["used_length"], sizes_laid(joined).sort]
  end

  # Two borders of 3½ × 60½ along the bolt leave 33 × 60½ of their band. Squares of 4: 8 in a row of 33, 15 rows, so all 100 lie
  # there, where ten strips of 4 took 40 more. Ten of 2½ × 40 and more do not fit the 33 and are strips of their own.
  def test_what_a_band_leaves_is_cut_first
    borders = piece(["3 1/2", "60 1/2"], 2)
    ink = plan([borders, piece(%w[4 4], 100)])["fabrics"]["ink"]

    assert_equal ["60 1/2", 1, 102], [ink["used_length"], ink["strips"].size, sizes_laid(ink).size]
    assert_operator inches(ink["bound_length"]), :>=, 60
    wide = plan([borders, piece(["2 1/2", "38"], 3, turn: false)])["fabrics"]["ink"]

    assert_equal "68", wide["used_length"]
    assert_equal "60 1/2", plan([borders, piece(["2 1/2", "38"], 3)])["fabrics"]["ink"]["used_length"]
  end

  # Any long pieces with any others: all there, none on another, none past the band, and never worse than strips of their own.
  def test_any_bands_at_all
    sampled(23, 12) do |random|
      long = Array.new(random.rand(1..2)) { piece([random.rand(8..30).quo(4).to_s, random.rand(164..280).quo(4).to_s], random.rand(1..4)) }
      pieces = long + random_pieces(random, random.rand(1..5))
      ink = plan(pieces)["fabrics"]["ink"]

      assert_operator inches(ink["bound_length"]), :<=, inches(ink["used_length"]), pieces
      assert_operator inches(ink["used_length"]), :<=, inches(ink["first_fit_length"]), pieces
      assert_equal pieces.sum { |one| one["count"] }, sizes_laid(ink).size, pieces
      ink["strips"].each { |strip| assert_apart(strip) }
    end
  end

  def assert_apart(strip)
    boxes = strip["pieces"].map { |one| [one["at"], one["up"], *one["size"].reverse].map { |side| inches(side) } }

    boxes.each { |at, up, along, across| assert at + along <= 40 && up + across <= inches(strip["width"]), strip }
    boxes.combination(2) { |pair| assert pair.permutation.any? { |one, other| before?(one, other) }, strip }
  end

  def before?((at, up, along, across), (its_at, its_up, *))
    at + along <= its_at || up + across <= its_up
  end

  # 24 of 2½ × 4½ of ink and of sky, cut on one another from bolts 40 and 42 wide: 16 on a strip of 4½, 8 on one of 2½;
  # the sky has 6 squares of 5 of its own besides.
  def test_pairs_are_cut_on_one_another
    stock = { "ink" => [BOLT], "sky" => [BOLT.merge("usable_width" => "42")] }
    pieces = %w[ink sky].map { |fabric| piece(["2 1/2", "4 1/2"], 24, pair: true).merge("fabric" => fabric) }
    answer = OakenGauge.plan({ "stock" => stock, "pieces" => [*pieces, piece(%w[5 5], 6).merge("fabric" => "sky")] })["fabrics"]
    ink = strips_with(answer["ink"], "sky")

    assert_equal [24, ink], [ink.flatten(1).size, strips_with(answer["sky"], "ink")]
    assert_equal({ "ink" => %w[7 7], "sky" => %w[12 12] },
                 answer.transform_values { |fabric| fabric.values_at("used_length", "bound_length") })
  end

  # Five pairs of 5 take 25 of a strip; of the ink three more squares of 5 lie on the other 15, and two of 4 need a strip.
  def test_what_strips_of_pairs_have_left_is_cut_from_first
    pairs = %w[ink sky].map { |fabric| piece(%w[5 5], 5, pair: true).merge("fabric" => fabric) }
    answer = OakenGauge.plan({ "stock" => { "ink" => [BOLT], "sky" => [BOLT] }, "pieces" => [*pairs, piece(%w[5 5], 3)] })["fabrics"]

    assert_equal({ "ink" => %w[5 5 0], "sky" => %w[5 5 0] },
                 answer.transform_values { |fabric| fabric.values_at("used_length", "bound_length", "gap") })
    assert_equal([[8], [5]], answer.values.map { |fabric| fabric["strips"].map { |strip| strip["pieces"].size } })
    assert_equal(%w[25 30 35], answer["ink"]["strips"].first["pieces"].last(3).map { |laid| laid["at"] })
    more = with_pairs([*pairs, piece(%w[5 5], 3), piece(%w[4 4], 2)])

    assert_equal ["9", [8, 2]], [more["used_length"], more["strips"].map { |strip| strip["pieces"].size }]
  end

  # Nothing but pairs, on a bolt whose length is known: three strips of 5 go on 16 inches, four do not.
  def test_a_bolt_that_only_pairs_are_cut_from
    answer = lambda do |count|
      pairs = %w[ink sky].map { |fabric| piece(%w[5 5], count, pair: true).merge("fabric" => fabric) }
      OakenGauge.plan({ "stock" => { "ink" => [BOLT.merge("length" => "16")], "sky" => [BOLT] }, "pieces" => pairs })["fabrics"]["ink"]
    end

    assert_equal ["15", []], answer.call(24).values_at("used_length", "short")
    assert_equal(["1 of A is missing: it takes 4 more of the bolt."], answer.call(25)["short"].map { |one| one["say"] })
  end

  def with_pairs(pieces)
    OakenGauge.plan({ "stock" => { "ink" => [BOLT], "sky" => [BOLT] }, "pieces" => pieces })["fabrics"]["ink"]
  end

  # Any pairs with any others: all there, none on another, and no more of the bolt than each by themselves take.
  def test_any_pairs_at_all
    sampled(31, 12) do |random|
      pairs = random_pieces(random, 2).flat_map { |one| %w[ink sky].map { |fabric| one.merge("fabric" => fabric, "pair" => true) } }
      others = random_pieces(random, random.rand(1..4))
      ink = with_pairs(pairs + others)
      apart = [with_pairs(pairs), plan(others)["fabrics"]["ink"]]

      assert_operator inches(ink["used_length"]), :<=, apart.sum { |one| inches(one["used_length"]) }, pairs + others
      assert_operator inches(ink["bound_length"]), :<=, inches(ink["used_length"])
      assert_equal (pairs + others).select { |one| one["fabric"] == "ink" }.sum { |one| one["count"] }, sizes_laid(ink).size
      ink["strips"].each { |strip| assert_apart(strip) }
    end
  end

  def strips_with(fabric, other)
    fabric["strips"].select { |strip| strip["with"] == other }.map { |strip| strip["pieces"] }
  end

  # Directional ink lies as it was asked for, and the sky with it.
  def test_a_pair_lies_as_both_may
    pieces = [piece(["2 1/2", "4 1/2"], 4, pair: true, turn: false), piece(["4 1/2", "2 1/2"], 4, pair: true).merge("fabric" => "sky")]
    answer = OakenGauge.plan({ "stock" => { "ink" => [BOLT], "sky" => [BOLT] }, "pieces" => pieces })["fabrics"]

    assert_equal([[["2 1/2", "4 1/2"]]] * 2, answer.values.map { |fabric| sizes_laid(fabric).uniq })
  end

  def test_a_pair_of_one
    stock = { "ink" => [BOLT], "sky" => [BOLT] }
    ask = ->(*others) { { "stock" => stock, "pieces" => [piece(%w[5 5], 6, pair: true), *others] } }

    assert_match(/6 of 5 × 5 in ink have none/, faults_of(ask.call)["/pieces/0/pair"])
    assert_equal %w[/pieces/0/pair /pieces/1/pair], faults_of(ask.call(piece(%w[5 5], 7, pair: true).merge("fabric" => "sky"))).keys
    assert_equal(%w[/pieces/0/pair], faults_of(ask.call(piece(%w[5 5], 6).merge("fabric" => "sky"))).keys)
  end

  def test_sheets_first_then_the_bolt
    ink = plan([piece(["4 1/2", "4 1/2"], 20)], [{ "form" => "fat_quarter", "count" => 1 }, BOLT])["fabrics"]["ink"]

    assert_equal [1, "4 1/2"], ink.values_at("sheets_used", "used_length") # 12 on the quarter, 8 on a strip
    assert_equal([12, 8], ink["strips"].map { |strip| strip["pieces"].size })
  end

  def test_what_the_stock_cannot_give
    ink = plan([piece(%w[5 5], 20)], [BOLT.merge("length" => "10")])["fabrics"]["ink"]

    assert_equal([["A", 4]], ink["short"].map { |short| short.values_at("letter", "count") })
    assert_match(/5 more of the bolt/, ink["short"].first["say"])
    scrap = plan([piece(%w[5 5], 5)], [{ "form" => "scraps", "pieces" => [%w[5 6]] }])["fabrics"]["ink"]

    assert_equal([4], scrap["short"].map { |short| short["count"] })
  end

  def test_letters_spares_and_picks
    unit = { "kind" => "half_square", "finished" => "2", "count" => 24 }
    answer = OakenGauge.plan({ "stock" => { "ink" => [BOLT], "sand" => [BOLT] }, "spare_percent" => 10, "tools" => DRAWER,
                               "pieces" => [piece(%w[6 6], 10)], "picks" => [{ "unit" => unit, "method" => "rotary/two_at_a_time",
                                                                               "fabrics" => { "light" => "sand", "dark" => "ink" } }] })

    assert_equal([["A", %w[6 6], 11], ["B", ["2 7/8", "2 7/8"], 28]], answer["letters"].map { |letter| letter.values_at("letter", "size", "count") })
    assert_equal ["half_square"], answer["letters"].last["for"]
    assert_empty Schemas.faults("plan-answer", answer)
  end

  def pick(kind, finished, method, roles)
    { "unit" => { "kind" => kind, "finished" => finished, "count" => 14 }, "method" => method, "fabrics" => roles.to_h { |role| [role, "ink"] } }
  end

  def test_a_pick_that_gives_no_pieces_says_why
    picks = [pick("half_square", "2", "die/patches", %w[light dark])]
    message = faults_of({ "stock" => { "ink" => [BOLT] }, "picks" => picks }).fetch("/picks/0/method")

    assert_match(/gives no pieces: There is no die for a half-square triangle in the drawer/, message)
  end

  # Goose and two skies nest in 5.914, two sets on a strip of 12 (11.83), and four strips of 2½ go on a scrap of 10 × 20.
  def test_strips_that_a_method_cuts_up_come_from_scraps_too
    scraps = { "form" => "scraps", "pieces" => [%w[10 20], %w[12 12]] }
    ink = plan([], [scraps], picks: [pick("flying_geese", %w[2 4], "triangle_ruler/strips", %w[goose sky])], tools: Catalogue::TOOLS)["fabrics"]["ink"]

    assert_equal([4, 3], ink["strips"].map { |sheet| sheet["pieces"].size })
    assert_equal [["2 1/2", "11 27/32"]], sizes_laid(ink).uniq
  end

  def test_the_slotted_ruler
    slots = { "id" => "s", "name" => "S", "kind" => "slotted_ruler", "slot_step" => "1/2", "reach" => "12", "length" => "20" }
    ink = plan([piece(["2 1/2", "2 1/2"], 40)], tools: [slots])["fabrics"]["ink"]

    assert_equal([["0", ["2 1/2", "5", "7 1/2"]]], ink["placements"].first["sequence"].map { |one| one.values_at("shift", "slots") })
  end

  # Of 6 and 10 inches: 6, 10, 12, 16, 18, 20. Where they are too many, 5,000 inches in thousandths, the next thousandth does.
  def test_what_strips_take_is_a_sum_of_their_widths
    sums = OakenGauge::Planning::Sums.new([6r, 10r])

    assert_equal([6, 10, 12, 16, 16, 20], [1, 7, 11, 13, 16, 18.5].map { |least| sums.least(least, 40r) })
    assert_equal 8, sums.least(9, 8r)
    fine = OakenGauge::Planning::Sums.new([1000.001r, 3/1000r])

    assert_equal 4000.001r, fine.least(4000.0004, 5000r)
  end

  def test_the_same_document_gives_the_same_plan
    pieces = random_pieces(Random.new(3), 9)

    assert_equal plan(pieces), plan(pieces)
  end

  def random_pieces(random, kinds)
    Array.new(kinds) { piece(["#{random.rand(8..60)}/8", "#{random.rand(8..96)}/8"], random.rand(1..20), turn: random.rand < 0.7) }
  end

  # Any pieces: all are there, none overlap, every cut runs from edge to edge, never worse than by hand, never less than
  # the bound.
  def test_any_pieces_at_all
    sampled(12, 25) do |random, i|
      pieces = random_pieces(random, random.rand(1..8)).uniq { |one| one["size"] }
      ink = plan(pieces, effort: 1)["fabrics"]["ink"]

      assert_equal pieces.sum { |one| one["count"] }, sizes_laid(ink).size, i
      used, bound, by_hand = ink.values_at("used_length", "bound_length", "first_fit_length").map { |length| inches(length) }

      assert_operator used, :<=, by_hand
      assert_operator bound, :<=, used
      assert_equal(used, ink["strips"].sum { |strip| inches(strip["width"]) * strip.fetch("count", 1) })
      ink["strips"].each { |strip| assert_strip(strip) }
    end
  end

  # Segments one beside the other; in each a stack of pieces no longer than it, one above the other.
  def assert_strip(strip)
    segments = strip["pieces"].group_by { |one| inches(one["at"]) }.sort
    ends = segments.map { |at, list| at + list.map { |one| inches(one["size"][1]) }.max }

    assert(segments.map(&:first).drop(1).zip(ends).all? { |begins, before| begins >= before })
    assert_operator ends.last, :<=, 40
    segments.map(&:last).each { |list| assert_stack(list, inches(strip["width"])) }
  end

  def assert_stack(list, width)
    across = list.sort_by { |one| inches(one["up"]) }.map { |one| [inches(one["up"]), inches(one["size"][0])] }

    assert(across.each_cons(2).all? { |(low, high), (next_low, _)| low + high <= next_low })
    assert_operator across.last.sum, :<=, width
  end

  BAD = { { "stock" => {}, "pieces" => [] } => "/pieces",
          { "stock" => { "ink" => [] }, "pieces" => [] } => "/stock/ink",
          { "stock" => { "ink" => [BOLT] }, "pieces" => [{ "fabric" => "sea", "size" => %w[2 2] }] } => "/pieces/0/fabric",
          { "stock" => { "ink" => [BOLT] }, "pieces" => [{ "fabric" => "ink", "size" => %w[0 2] }] } => "/pieces/0/size/0",
          { "stock" => { "ink" => [BOLT] }, "pieces" => [{ "fabric" => "ink", "size" => %w[2 2], "count" => 100_000 }] } => "/pieces/0/count",
          { "stock" => { "ink" => [BOLT] }, "pieces" => [{ "fabric" => "ink", "size" => %w[41 42] }] } => "/pieces/0",
          { "stock" => { "ink" => [{ "form" => "squares", "side" => "5" }] }, "pieces" => [{ "fabric" => "ink", "size" => %w[2 6] }] } => "/pieces/0",
          { "stock" => { "ink" => [BOLT] }, "pieces" => [{ "fabric" => "ink" }] } => "/pieces/0/size",
          { "stock" => { "ink" => [{ "form" => "scraps", "pieces" => [%w[2 2]] * 10_000 }] }, "pieces" => [] } => "" }.freeze

  def test_bad_documents
    BAD.each { |document, pointer| assert_includes faults_of(document).keys, pointer, document.to_s[0, 200] }
    assert_match(/joined from strips/, faults_of({ "stock" => { "ink" => [BOLT] }, "pieces" => [{ "fabric" => "ink", "size" => %w[41 42] }] })["/pieces/0"])
  end
end
