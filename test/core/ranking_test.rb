# frozen_string_literal: true

require "support/core_case"

# What methods are worth by what counts, and what is preferred of those that come near.
class RankingTest < CoreCase
  # What ranking looks at, made up: fabric kept from the shelf, minutes, units in a hundred that are not
  # good, surplus, and what there is to learn.
  Made = Struct.new(:name, :fabric, :minutes, :bad, :over, :difficulty, :school, :bias, :chances, :kept, :parts, :rank, :score,
                    :beaten_by, :below_for, keyword_init: true) do
    def waste
      { consumed: fabric + 10, offcut: 10, net: fabric.to_f, surplus: over, in_units: 50.0 }
    end

    # Of what was opened all goes back in useful pieces, unless it is said.
    def used_up
      fabric + 10 - (kept || 10)
    end

    def techniques
      parts || 1
    end

    def accuracy
      Struct.new(:good_share, :bias_edges).new(1 - (bad / 100.0), bias.to_i)
    end

    def way
      own = school
      Struct.new(:class, :unit).new(Struct.new(:school, :large_square).new(own), Struct.new(:count).new(10))
    end

    def total(_what)
      chances.to_i
    end

    def feasible?
      name != :never
    end
  end

  def outcomes
    [Made.new(name: :thrifty, fabric: 100, minutes: 30, bad: 40, over: 0, difficulty: 9), Made.new(name: :quick, fabric: 200, minutes: 10, bad: 20, over: 8, difficulty: 15),
     Made.new(name: :middling, fabric: 150, minutes: 20, bad: 30, over: 4, difficulty: 12), Made.new(name: :never, fabric: 0, minutes: 0, bad: 0, over: 0, difficulty: 0)]
  end

  def order(**priorities)
    all = { fabric: 0, time: 0, accuracy: 0, surplus: 0, ease: 0 }.merge(priorities)
    Comparing::Ranking.new(outcomes, all).in_order
  end

  def test_one_priority_at_a_time
    { fabric: %i[thrifty middling quick never], time: %i[quick middling thrifty never], accuracy: %i[quick middling thrifty never],
      surplus: %i[thrifty middling quick never], ease: %i[thrifty middling quick never] }.each do |priority, names|
      assert_equal names, order(priority => 1).map(&:name), priority
    end
  end

  # Of fabric 50 stays in the units: thrifty uses twice that, quick four times. Ten units take thrifty three minutes each,
  # quick one.
  def test_scores_by_hand
    assert_equal({ thrifty: -1.0, quick: -2.0 }, order(fabric: 1).to_h { |one| [one.name, one.score] }.slice(:thrifty, :quick))
    scores = order(fabric: 3, time: 1).to_h { |one| [one.name, one.score] }

    assert_in_delta ((3 * -1) - Math.log2(3)) / 4, scores[:thrifty]
    assert_in_delta ((3 * -2) - 0) / 4.0, scores[:quick]
    assert_in_delta 2 * 0.8, order(accuracy: 5).first.score
  end

  def test_ranks_count_only_what_can_be_used
    assert_equal [1, 2, 3, nil], order(time: 2).map(&:rank)
  end

  def made(name, **more)
    Made.new(name: name, fabric: 100, minutes: 20, bad: 10, over: 0, difficulty: 5, **more)
  end

  # Nothing counts, or nothing tells them apart: fewer raw edges, then fewer chances, then fewer minutes, then less taken.
  def test_what_is_preferred_of_those_that_are_near
    # None beats another: what is quicker is harder to learn.
    near = [made(:raw, bias: 2, minutes: 5, difficulty: 8), made(:slow, minutes: 21, difficulty: 6), made(:sure, chances: 0, minutes: 20, difficulty: 7),
            made(:busy, chances: 9, minutes: 1, difficulty: 9)]

    assert_equal %i[sure slow busy raw], Comparing::Ranking.new(near, { surplus: 1 }).in_order.map(&:name)
    assert_equal %i[little much], Comparing::Ranking.new([made(:much, fabric: 103), made(:little, fabric: 100)], { time: 1 }).in_order.map(&:name)
  end

  # 106 of fabric is as good as 100, 109 is not: log2(1.072) is 0.1.
  def test_how_near_is_near
    led = ->(fabric) { Comparing::Ranking.new([made(:raw, bias: 2), made(:other, fabric: fabric, minutes: 19)], { fabric: 1 }).in_order.first.name }

    assert_equal %i[other raw], [led.call(106), led.call(109)]
  end

  # One method more, however bad, changes nothing between the others.
  def test_another_method_moves_no_score
    before = order(fabric: 1, time: 2)
    after = Comparing::Ranking.new([*outcomes, made(:wild, fabric: 9000, minutes: 900)], { fabric: 1, time: 2 }).in_order

    assert_equal before.map(&:name), after.map(&:name) - [:wild]
    assert_equal before.to_h { |one| [one.name, one.score] }, after.to_h { |one| [one.name, one.score] }.except(:wild)
  end

  def test_priorities_scale_alike
    order(fabric: 1, time: 2).first(3).zip(order(fabric: 10, time: 20)) { |one, other| assert_in_delta one.score, other.score }
  end

  def test_the_other_school_comes_after_her_own
    schooled = outcomes.first(3).zip([:oversize, :exact, nil]).each { |made, school| made.school = school }.map(&:first)

    assert_equal %i[middling quick thrifty], Comparing::Ranking.new(schooled, { fabric: 1 }, Makers::Maker.new(school: :exact)).in_order.map(&:name)
    assert_equal %i[thrifty middling quick], Comparing::Ranking.new(schooled, { fabric: 1 }, Makers::Maker.new(school: :oversize)).in_order.map(&:name)
  end

  def test_beaten_on_every_count
    worse = Made.new(name: :worse, fabric: 100, minutes: 31, bad: 40, over: 0, difficulty: 9)
    ranked = Comparing::Ranking.new([*outcomes, worse], { time: 1 }).in_order

    assert_equal({ worse: :thrifty }, ranked.select(&:beaten_by).to_h { |made| [made.name, made.beaten_by.name] })
  end

  # By its score the beaten one would lead, or by what is preferred: it waits for the one that beats it.
  def test_what_is_beaten_stands_below_what_beats_it
    sure = made(:sure, chances: 3, minutes: 30)
    better = made(:better, chances: 50, minutes: 29)
    worse = made(:worse, chances: 2, minutes: 31, fabric: 101)

    assert_equal %i[better sure worse], ranking(worse, sure, better).map(&:name)
    assert_equal [nil, :beaten, :beaten], ranking(worse, sure, better).map(&:below_for)
  end

  def ranking(*made)
    Comparing::Ranking.new(made, { fabric: 1, time: 1 }).in_order
  end

  # Two near the best; one that is near only when these are placed is placed by what is preferred then.
  def test_near_is_near_the_best_of_those_not_yet_placed
    order = ->(*list) { Comparing::Ranking.new(list, { fabric: 1 }).in_order.map(&:name) }
    list = [made(:first, fabric: 100, chances: 1), made(:second, fabric: 105, chances: 9, minutes: 19), made(:third, fabric: 111, chances: 5, minutes: 18)]

    assert_equal %i[first third second], order.call(*list)
  end

  def test_fewer_techniques_come_first_of_those_that_are_near
    assert_equal %i[one mix], ranking(made(:mix, parts: 2, chances: 0), made(:one, chances: 20, fabric: 103, minutes: 19)).map(&:name)
    assert_equal %i[mix one], ranking(made(:mix, parts: 2, chances: 0), made(:one, chances: 20, fabric: 140)).map(&:name)
  end

  # 160 opened of which half goes back: of use, or not.
  def test_fabric_opened_for_little
    opened = ->(kept) { ranking(made(:opened, fabric: 100, kept: kept, chances: 1), made(:plain, chances: 9, fabric: 60, kept: 10, minutes: 33)).map(&:name) }

    assert_equal %i[opened plain], opened.call(40)
    assert_equal %i[plain opened], opened.call(0)
  end

  def test_what_put_each_below_the_one_above_it
    cause = ->(above, below, **weights) { Comparing::Ranking.new([above, below], { fabric: 1, **weights }).in_order.then { |one, other| [one.name, other.below_for] } }

    assert_equal %i[a fabric], cause.call(made(:a), made(:b, fabric: 150, minutes: 1))
    assert_equal %i[a time], cause.call(made(:a, minutes: 10), made(:b, fabric: 99, minutes: 40), time: 1)
    assert_equal %i[a alignments], cause.call(made(:a, chances: 1), made(:b, chances: 2, fabric: 101, minutes: 1))
    assert_equal %i[a bias_edges], cause.call(made(:a, bias: 0), made(:b, bias: 1, fabric: 101, minutes: 1))
    assert_equal %i[a techniques], cause.call(made(:a), made(:b, parts: 2, fabric: 101, minutes: 1))
    assert_equal %i[a beaten], cause.call(made(:a, minutes: 19), made(:b, chances: -1))
    assert_equal [:a, nil], cause.call(made(:a), made(:b))
  end

  def test_alike_in_everything_neither_beats_the_other
    twins = Array.new(2) { |i| Made.new(name: i, fabric: 1, minutes: 1, bad: 1, over: 1, difficulty: 1) }

    assert(Comparing::Ranking.new(twins, { time: 1 }).in_order.none?(&:beaten_by))
  end
end
