# frozen_string_literal: true

require "support/core_case"

# Figures set against the best and the worst, weighed by priorities.
class RankingTest < CoreCase
  # What ranking looks at, made up: cloth kept from the shelf, minutes, units in a hundred that are not
  # good, surplus, and what there is to learn.
  Made = Struct.new(:name, :cloth, :minutes, :bad, :over, :difficulty, :school, :rank, :score, :beaten_by, keyword_init: true) do
    def waste
      { consumed: cloth + 10, offcut: 10, net: cloth, surplus: over }
    end

    def accuracy
      Struct.new(:good_share).new(1 - (bad / 100.0))
    end

    def way
      own = school
      Struct.new(:class).new(Struct.new(:school, :large_square).new(own))
    end

    def feasible?
      name != :never
    end
  end

  def outcomes
    [Made.new(name: :thrifty, cloth: 100, minutes: 30, bad: 40, over: 0, difficulty: 9), Made.new(name: :quick, cloth: 200, minutes: 10, bad: 20, over: 8, difficulty: 15),
     Made.new(name: :middling, cloth: 150, minutes: 20, bad: 30, over: 4, difficulty: 12), Made.new(name: :never, cloth: 0, minutes: 0, bad: 0, over: 0, difficulty: 0)]
  end

  def order(**priorities)
    all = { fabric: 0, time: 0, accuracy: 0, surplus: 0, ease: 0 }.merge(priorities)
    Weighing::Ranking.new(outcomes, all).in_order
  end

  def test_one_priority_at_a_time
    { fabric: %i[thrifty middling quick never], time: %i[quick middling thrifty never], accuracy: %i[quick middling thrifty never],
      surplus: %i[thrifty middling quick never], ease: %i[thrifty middling quick never] }.each do |priority, names|
      assert_equal names, order(priority => 1).map(&:name), priority
    end
  end

  def test_scores_by_hand
    assert_equal [1.0, 0.5, 0.0], order(fabric: 1).first(3).map(&:score)
    # Cloth three, time one: thrifty (3 + 0)/4, middling (1.5 + 0.5)/4, quick (0 + 1)/4.
    assert_equal({ thrifty: 0.75, middling: 0.5, quick: 0.25 }, order(fabric: 3, time: 1).first(3).to_h { |one| [one.name, one.score] })
  end

  def test_ranks_count_only_what_can_be_used
    assert_equal [1, 2, 3, nil], order(time: 2).map(&:rank)
  end

  # Of equal scores the one that takes less from stock is first.
  def test_ties_are_broken_by_what_is_taken
    assert_equal %i[thrifty middling quick never], order.map(&:name)
    # Each of thrifty and quick is best in one and worst in the other; the third is halfway in both.
    assert_equal %i[thrifty middling quick never], order(fabric: 1, time: 1).map(&:name)
  end

  def test_priorities_scale_alike
    assert_equal order(fabric: 1, time: 2).map(&:score), order(fabric: 10, time: 20).map(&:score)
  end

  # 100 and 101 square inches are told apart by a fifth of the way only: five in a hundred would count in full.
  def test_figures_that_nearly_agree_are_not_torn_apart
    near = [Made.new(name: :one, cloth: 100, minutes: 1, bad: 0, over: 0, difficulty: 1), Made.new(name: :other, cloth: 101, minutes: 1, bad: 0, over: 0, difficulty: 1)]
    scores = Weighing::Ranking.new(near, { fabric: 1 }).in_order.map(&:score)

    assert_in_delta 1.0, scores[0], CLOSE
    assert_in_delta 1 - (1 / (0.05 * 101)), scores[1], CLOSE
  end

  def test_the_other_school_comes_after_her_own
    schooled = outcomes.first(3).zip([:oversize, :exact, nil]).each { |made, school| made.school = school }.map(&:first)

    assert_equal %i[middling quick thrifty], Weighing::Ranking.new(schooled, { fabric: 1 }, Weighing::Maker.new(school: :exact)).in_order.map(&:name)
    assert_equal %i[thrifty middling quick], Weighing::Ranking.new(schooled, { fabric: 1 }, Weighing::Maker.new(school: :oversize)).in_order.map(&:name)
  end

  # Where all are alike in a figure, each is the best in it.
  def test_a_figure_that_tells_nothing_apart_counts_in_full
    alike = Array.new(2) { |i| Made.new(name: i, cloth: 100, minutes: 10 * (i + 1), bad: 1, over: 0, difficulty: 1) }

    assert_equal [1.0, 0.5], Weighing::Ranking.new(alike, { fabric: 1, time: 1 }).in_order.map(&:score)
  end

  def test_beaten_on_every_count
    worse = Made.new(name: :worse, cloth: 100, minutes: 31, bad: 40, over: 0, difficulty: 9)
    ranked = Weighing::Ranking.new([*outcomes, worse], { time: 1 }).in_order

    assert_equal({ worse: :thrifty }, ranked.select(&:beaten_by).to_h { |made| [made.name, made.beaten_by.name] })
  end

  def test_alike_in_everything_neither_beats_the_other
    twins = Array.new(2) { |i| Made.new(name: i, cloth: 1, minutes: 1, bad: 1, over: 1, difficulty: 1) }

    assert(Weighing::Ranking.new(twins, { time: 1 }).in_order.none?(&:beaten_by))
  end
end
