# frozen_string_literal: true

require "support/core_case"

# Plans from several bolts, sheets and scraps of one fabric: what finds room, what is missing, and that all of it can be cut.
class StockTest < CoreCase
  BOLT = { "form" => "yardage", "usable_width" => "40" }.freeze
  FORMS = [->(r) { BOLT.merge("usable_width" => r.rand(10..45).to_s, "length" => r.rand(2..30).to_s) }, lambda { |r|
    { "form" => "fat_quarter", "count" => r.rand(1..2) }
  }, ->(r) { { "form" => "strips", "width" => "2 1/2", "usable_length" => "40", "count" => r.rand(1..3) } }, lambda { |r|
    { "form" => "scraps", "pieces" => Array.new(r.rand(1..4)) { [r.rand(2..14).to_s, r.rand(2..14).to_s] } }
  }, ->(r) { { "form" => "squares", "side" => r.rand(4..10).to_s, "count" => r.rand(1..5) } }].freeze

  def ink(stock, *pieces)
    OakenGauge.plan({ "stock" => { "ink" => stock }, "pieces" => pieces.map { |one| { "fabric" => "ink", **one } } })["fabrics"]["ink"]
  end

  def piece(size, count, **more)
    { "size" => size, "count" => count, **more.transform_keys(&:to_s) }
  end

  def missing(plan)
    plan["short"].map { |one| one.values_at("letter", "count") }
  end

  # 17½ is three times 5⅝ and 20 eight times 2¼, 24 in all: rows both ways round hold one more. 6 is 1¼ + 1¼ + 2¼ + 1¼ and twice
  # 2¼ + … : 84 where equal rows hold 68. Of the scraps 9 × 9 holds nine squares and a 3 × 6, 5 × 7 four, 3 × 20 eight with no 3 × 6.
  def test_fewest_missing_from_sheets
    assert_empty missing(ink([{ "form" => "fat_quarter", "count" => 1 }], piece(["2 1/4", "5 5/8"], 25)))
    assert_empty missing(ink([{ "form" => "strips", "width" => "6", "count" => 1 }], piece(["1 1/4", "2 1/4"], 84)))
    scraps = [{ "form" => "scraps", "pieces" => [%w[5 7], %w[3 20], %w[9 9], ["2 1/2", "2 1/2"]] }]

    assert_equal [["A", 1]], missing(ink(scraps, piece(["2 1/2", "2 1/2"], 20), piece(%w[3 6], 2)))
  end

  # Every way to cut a sheet apart, tried at every whole inch: which counts can be cut of it.
  class Saw
    def initialize(sizes, most)
      @sizes = sizes
      @most = most
      @held = {}
    end

    # @return [Array<Array<Integer>>] none of them part of another
    def held(wide, long)
      @held[[wide, long].sort] ||= largest([*whole(wide, long), *cut(wide, long), *cut(long, wide)].uniq)
    end

    # @return [Integer] of all sheets, the most pieces
    def most(sheets)
      sheets.reduce([@most.map { 0 }]) { |all, sheet| sums(all, held(*sheet)) }.map(&:sum).max
    end

    private

    def whole(wide, long)
      [@most.map { 0 }] + @sizes.each_index.select { |i| @sizes[i].sort.zip([wide, long].sort).all? { |side, room| side <= room } }
                                .map { |i| @most.each_index.map { |kind| kind == i ? 1 : 0 } }
    end

    def cut(wide, long)
      (1..(wide / 2)).flat_map { |at| sums(held(at, long), held(wide - at, long)) }
    end

    def sums(some, others)
      largest(some.product(others).map { |one, other| one.zip(other, @most).map { |a, b, most| [a + b, most].min } }.uniq)
    end

    def largest(all)
      all.reject { |one| all.any? { |other| other != one && other.zip(one).all? { |a, b| a >= b } } }
    end
  end

  # One to three kinds, up to thirty pieces, one to three scraps: no more missing than a saw leaves that tries everything.
  def test_no_layout_has_fewer_missing
    sampled(14, 40) do |random|
      sizes = Array.new(random.rand(1..3)) { [random.rand(1..5), random.rand(1..6)] }.uniq(&:sort)
      counts = sizes.map { random.rand(1..10) }
      sheets = Array.new(random.rand(1..3)) { [random.rand(4..11), random.rand(4..11)] }
      cuts = sizes.zip(counts).map { |size, count| piece(size.map(&:to_s), count) }
      laid = planned_on_scraps(sheets, cuts) or next

      assert_equal counts.sum - Saw.new(sizes, counts).most(sheets), laid["short"].sum { |one| one["count"] }, [sheets, sizes, counts].inspect
    end
  end

  def planned_on_scraps(sheets, cuts)
    ink([{ "form" => "scraps", "pieces" => sheets.map { |sheet| sheet.map(&:to_s) } }], *cuts)
  rescue Documents::Invalid
    nil
  end

  # A fat quarter and two scraps lie on the table together: what fits on one of them alone is not taken by what fits on all.
  def test_sheets_of_several_forms_are_one_stock
    stock = [{ "form" => "squares", "side" => "5", "count" => 1 }, { "form" => "scraps", "pieces" => [%w[3 7]] }]

    assert_empty missing(ink(stock, piece(%w[3 7], 1), piece(%w[5 5], 1)))
    assert_empty missing(ink(stock.reverse, piece(%w[3 5], 2)))
  end

  # Nine and nine inches of two bolts: a strip of 5 on the one, eight squares; sixteen take one of each; the seventeenth is missing.
  def test_two_bolts
    nines = [BOLT.merge("length" => "9")] * 2

    assert_equal(%w[5 10 10], [4, 16, 17].map { |count| ink(nines, piece(%w[5 5], count))["used_length"] })
    assert_equal [["A", 1]], missing(ink(nines, piece(%w[5 5], 17)))
    assert_equal([0, 1], ink(nines, piece(%w[5 5], 16))["strips"].map { |strip| strip["stock"] })
  end

  # 20 wide: four squares of 5; 42 wide, 12 long: sixteen. A piece of 30 only lies on the wider one.
  def test_bolts_of_two_widths
    stock = [BOLT.merge("usable_width" => "20", "length" => "9"), BOLT.merge("usable_width" => "42", "length" => "12")]

    assert_empty missing(ink(stock, piece(%w[5 5], 20)))
    plan = ink(stock, piece(%w[3 30], 1), piece(%w[5 5], 9))

    assert_empty missing(plan)
    assert_equal([0, 1, 1], plan["strips"].map { |strip| strip["stock"] }.sort)
  end

  # Where strips across a short bolt have no room for all, it is cut like a sheet: 3 × 9 along it beside 3 × 3 in threes.
  def test_a_short_bolt_is_cut_like_a_sheet_before_anything_is_missing
    sampled(8, 40) do |random|
      size = [random.rand(2..6), random.rand(2..6)]
      wide = random.rand(8..20)
      long = random.rand(8..20)
      bolt = ink([BOLT.merge("usable_width" => wide.to_s, "length" => long.to_s)], piece(size.map(&:to_s), 20))
      sheet = ink([{ "form" => "scraps", "pieces" => [[long.to_s, wide.to_s]] }], piece(size.map(&:to_s), 20))

      assert_equal missing(sheet), missing(bolt), [wide, long, size].inspect
    end
  end

  # On the narrow bolt, that has no end, none fits; on the short one just two of 3 × 3 beside one another, where 7 are wanted.
  def test_a_bolt_without_end_that_is_too_narrow
    bolts = [BOLT.merge("usable_width" => "7", "length" => "3"), BOLT.merge("usable_width" => "2")]
    plan = ink(bolts, piece(%w[3 3], 7))

    assert_equal 5, missing(plan).sum(&:last)
    assert_equal(2, plan["strips"].sum { |strip| strip["pieces"].size })
    assert_empty missing(ink([*bolts, BOLT.merge("usable_width" => "3")], piece(%w[3 3], 7)))
  end

  def test_runs_longer_than_any_bolt
    plan = ink([BOLT.merge("length" => "9")] * 2, { "run" => { "width" => "2 1/2", "length" => "300" } })

    assert_equal [2, "15"], [plan["short"].size, plan["used_length"]]
    assert_empty missing(ink([BOLT], { "run" => { "width" => "2 1/2", "length" => "300" } }))
  end

  def faults(stock, *pieces)
    assert_raises(Documents::Invalid) { ink(stock, *pieces) }.faults.map(&:message).join
  end

  # Not to be turned it takes 30; turned it stands along the bolt.
  def test_wider_than_the_fabric
    narrow = [BOLT.merge("usable_width" => "5")]

    assert_match(/5 × 30, not to be turned: .*It is 5 wide: it takes 30/, faults(narrow, piece(%w[5 30], 1, turn: false)))
    assert_equal "30", ink(narrow, piece(%w[5 30], 1))["used_length"]
    assert_match(/It is 40 wide: it takes 41/, faults([BOLT], piece(%w[41 42], 1)))
    assert_match(/not to be turned/, faults([{ "form" => "squares", "side" => "6" }], piece(%w[2 7], 1, turn: false)))
  end

  # Not to be turned, nor on a sheet: 2 × 6 stands in 3 × 7 only one way.
  def test_what_may_not_be_turned_is_not
    scrap = ->(*size) { [{ "form" => "scraps", "pieces" => [size] }] }

    assert_equal([%w[2 6]], ink(scrap.call("3", "7"), piece(%w[2 6], 1, turn: false))["strips"].first["pieces"].map { |one| one["size"] })
    assert_match(/not to be turned/, faults(scrap.call("7", "3"), piece(%w[2 6], 1, turn: false)))
  end

  # Any stock: all pieces lie on it or are told as missing, none on another, none past an edge.
  def test_any_stock_at_all
    sampled(19, 40) do |random|
      stock = Array.new(random.rand(1..6)) { FORMS.sample(random: random).call(random) }
      pieces = Array.new(random.rand(1..4)) { piece([random.rand(4..40).quo(4).to_s, random.rand(4..50).quo(4).to_s], random.rand(1..9), turn: random.rand < 0.8) }
      plan = planned(stock, pieces) or next
      laid = plan["strips"].sum { |strip| strip["pieces"].size * strip.fetch("count", 1) }

      assert_equal pieces.sum { |one| one["count"] }, laid + plan["short"].sum { |one| one["count"] }, [stock, pieces].inspect
      plan["strips"].each { |strip| assert_apart(strip) }
      assert_within(stock, plan)
    end
  end

  # What no sheet and no bolt holds at all is a fault, and so is a joined piece counted in several strips here.
  def planned(stock, pieces)
    rooms = stock.select { |one| one["form"] == "yardage" }.map { |one| one["usable_width"].to_i }
    return if pieces.any? { |one| one["size"].map { |side| side.to_r }.max > (rooms.max || 0) } # rubocop:disable Style/SymbolProc

    ink(stock, *pieces)
  end

  def inches(text)
    Length.parse(text).inches
  end

  def assert_apart(strip)
    boxes = strip["pieces"].map { |one| [one["at"], one["up"], *one["size"].reverse].map { |side| inches(side) } }

    boxes.each { |at, up, along, across| assert at + along <= inches(strip["length"]) && up + across <= inches(strip["width"]), strip }
    boxes.combination(2) { |pair| assert pair.permutation.any? { |one, other| one[0] + one[2] <= other[0] || one[1] + one[3] <= other[1] }, strip }
  end

  def assert_within(stock, plan)
    stock.each_with_index do |one, place|
      own = plan["strips"].select { |strip| strip["stock"] == place }
      one["form"] == "yardage" ? assert_on_bolt(own, one) : assert_sheets(own, one)
    end
  end

  def assert_on_bolt(strips, bolt)
    ends = strips.map { |strip| inches(strip["at"]) + (inches(strip["width"]) * strip.fetch("count", 1)) }

    assert_operator ends.max || 0, :<=, inches(bolt["length"])
  end

  def assert_sheets(taken, stock)
    assert_operator taken.sum { |sheet| sheet.fetch("count", 1) }, :<=, stock["count"] || stock["pieces"].size
  end
end
