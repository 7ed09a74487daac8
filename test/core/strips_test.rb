# frozen_string_literal: true

require "support/core_case"
require "support/strip_bound"

# Strips of the bolt, their segments and the stacks in them: the least that there is, by hand, by trying everything, and beside a
# bound that is worked out another way.
class StripsTest < CoreCase
  def kinds(*pieces)
    pieces.map do |across, along, count, turn = true|
      Planning::Kind.new(size: [across.to_r, along.to_r], count: count, turn: turn, shape: :rectangle)
    end
  end

  def cutting(*pieces, room: 40, **more)
    Planning::Cutting.new(kinds(*pieces), room.to_r, **more)
  end

  # One strip of 20: four segments of 9½ with two squares each (19 of 20), and one of 3⅜.
  def test_stacks_of_any_pieces
    plan = cutting(["27/8", 20, 1], ["19/2", "19/2", 8], room: 42)

    assert_equal [20, 20, 1], [plan.length, plan.bound, plan.strips.size]
    assert_equal([["19/2".to_r, 2]] * 4, plan.strips.first.segments.first(4).map { |segment| [segment.length, segment.pieces.size] })
  end

  # The same with four of 1 × 9: each lies above two squares, which are 19 of the 20, and is trimmed to its 9.
  def test_what_lies_in_a_segment_is_trimmed_to_its_own_length
    plan = cutting(["27/8", 20, 1], ["19/2", "19/2", 8], [1, 9, 4, false], room: 42)

    assert_equal [20, 20], [plan.length, plan.bound]
    assert_equal([[19/2r, [19/2r, 19/2r, 9]]] * 4,
                 plan.strips.first.segments.first(4).map { |segment| [segment.length, segment.pieces.map(&:along)] })
  end

  # Whole rows are counted: 16 squares of 2½ to a strip, 625 strips, listed once.
  def test_ten_thousand_squares_are_one_line
    plan = cutting(["5/2", "5/2", 10_000])

    assert_equal([[625, 16]], plan.strips.map { |strip| [strip.times, strip.segments.size] })
    assert_equal [1562.5r, 1562.5r], [plan.length, plan.bound]
  end

  def test_many_kinds_of_many_pieces_are_all_there
    random = Random.new(9)
    list = Array.new(60) { [random.rand(8..60)/8r, random.rand(8..96)/8r, 50] }
    plan = cutting(*list, effort: 1)

    assert_equal([50] * list.size, counted(plan, list.size))
    assert_operator plan.length, :<=, plan.first_fit.length
    assert_operator plan.bound, :<=, plan.length
  end

  def counted(plan, kinds)
    Array.new(kinds) { |kind| plan.strips.sum { |strip| strip.times * strip.tally.fetch(kind, 0) } }
  end

  # Ten pieces or fewer: every way to part them into strips, and strips into stacks, is tried.
  def test_of_few_pieces_no_plan_takes_less
    sampled(2, 30) do |random|
      room = [20, 40, 35/2r].sample(random: random)
      list = few_pieces(random, room.to_r)
      plan = cutting(*list, room: room)

      assert_equal Everything.new(list, room.to_r).least, plan.length, [room, list].inspect
      assert_operator plan.bound, :<=, plan.length
    end
  end

  def few_pieces(random, room)
    list = Array.new(random.rand(1..4)) { [random.rand(4..48)/4r, random.rand(4..70)/4r, random.rand(1..2), random.rand < 0.8] }
    fitting = list.select { |across, along, _, turn| (turn ? [across, along].min : along) <= room }
    fitting.empty? ? [[2r, 3r, 4, true]] : fitting.uniq { |across, along, *| [across, along] }
  end

  # Puts one piece after another into every stack of every strip there may be.
  class Everything
    def initialize(list, room)
      @pieces = list.flat_map { |across, along, count, turn| [(turn ? [[across, along], [along, across]] : [[across, along]]).uniq] * count }
      @room = room
      @widest = [24r, *@pieces.map { |ways| ways.select { |_, along| along <= room }.map(&:first).min }].max
    end

    def least(pieces = @pieces)
      return 0r if pieces.empty?

      (@least ||= {})[pieces] ||= begin
        first, *others = pieces
        (0..others.size).flat_map { |size| others.each_index.to_a.combination(size).to_a }.filter_map do |places|
          width = narrowest([first, *others.values_at(*places)])
          width && (width + least(others.reject.with_index { |_, i| places.include?(i) }))
        end.min
      end
    end

    def narrowest(pieces)
      (@narrowest ||= {}).fetch(pieces) { @narrowest[pieces] = sums(pieces).find { |width| stacked?(pieces, [], width) } }
    end

    def sums(pieces)
      pieces.reduce([0r]) { |all, ways| all | all.flat_map { |sum| ways.map { |across, _| sum + across } } }.grep(0.1..@widest).sort
    end

    def stacked?(pieces, stacks, width)
      return false if stacks.sum(&:first) > @room || stacks.any? { |_, across| across > width }
      return true if pieces.empty?

      first, *others = pieces
      first.any? { |way| with(way, stacks).any? { |more| stacked?(others, more, width) } }
    end

    def with((across, along), stacks)
      on_one = stacks.each_index.map { |i| stacks.dup.tap { |more| more[i] = [[stacks[i].first, along].max, stacks[i].last + across] } }
      [*on_one, [*stacks, [along, across]]]
    end
  end

  # Beside a column generation of its own, that goes through every width and place: the same bound, and nothing below it.
  def test_the_bound_worked_out_another_way
    gaps = sampled(5, 12) do |random|
      list = Array.new(random.rand(1..6)) { [random.rand(4..30), random.rand(4..48), random.rand(20..200), random.rand < 0.7] }
      plan = cutting(*list.map { |across, along, *more| [across/4r, along/4r, *more] })
      least = StripBound.new(list, 160, 96).least / 4

      assert_operator plan.length, :>=, least - 1e-6, list.inspect
      assert_in_delta least, plan.bound, step_after(list, least) + 1e-6, list.inspect
      (plan.length / least) - 1
    end

    assert_operator gaps.sum / gaps.size, :<=, 0.015
  end

  # How far it is to the next sum of sides at the most: they come in these steps where they are many.
  def step_after(list, least)
    sides = list.flat_map { |piece| piece.first(2) }
    sums = (1..((least * 4).ceil + sides.max)).each_with_object([true]) { |place, all| all[place] = sides.any? { |side| side <= place && all[place - side] } }
    from = ((least * 4) - 1e-6).ceil
    (from + sums[from..].index(true) - (least * 4)) / 4
  end

  # Sides in 64ths and in millimetres: more places than are gone through one by one; nothing overlaps, and first fit is no better.
  def test_sizes_on_a_fine_grid
    list = [[173/64r, 297/64r, 40], [50 / 25.4r.rationalize(1/1000r), 85 / 25.4r.rationalize(1/1000r), 33], [211/64r, 9, 12]]
    plan = cutting(*list)

    assert_equal [40, 33, 12], counted(plan, 3)
    assert_operator plan.length, :<=, plan.first_fit.length
    plan.strips.each { |strip| assert(strip.length <= 40 && strip.segments.all? { |segment| segment.across <= strip.width }) }
  end
end
