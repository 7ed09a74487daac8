# frozen_string_literal: true

require "support/core_case"

# Figures set against the best and the worst, weighed by priorities.
class RankingTest < CoreCase
  # What ranking looks at, made up: cloth kept from the shelf, minutes, chances to slip, surplus.
  Figures = Struct.new(:name, :cloth, :minutes, :slips, :over, :rank, :score, keyword_init: true) do
    def waste
      { consumed: cloth + 10, offcut: 10, surplus: over }
    end

    def total(_what)
      slips
    end

    def feasible?
      name != :never
    end
  end

  def outcomes
    [Figures.new(name: :thrifty, cloth: 100, minutes: 30, slips: 40, over: 0), Figures.new(name: :quick, cloth: 200, minutes: 10, slips: 20, over: 8),
     Figures.new(name: :middling, cloth: 150, minutes: 20, slips: 30, over: 4), Figures.new(name: :never, cloth: 0, minutes: 0, slips: 0, over: 0)]
  end

  def order(**priorities)
    all = { fabric: 0, time: 0, accuracy: 0, surplus: 0 }.merge(priorities)
    Weighing::Ranking.new(outcomes, all).in_order
  end

  def test_one_priority_at_a_time
    { fabric: %i[thrifty middling quick never], time: %i[quick middling thrifty never], accuracy: %i[quick middling thrifty never],
      surplus: %i[thrifty middling quick never] }.each do |priority, names|
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

  def test_ties_keep_the_order_they_came_in
    assert_equal %i[thrifty quick middling never], order.map(&:name)
    # Each of the first two is best in one and worst in the other; the third is halfway in both.
    assert_equal %i[thrifty quick middling never], order(fabric: 1, time: 1).map(&:name)
  end

  def test_priorities_scale_alike
    assert_equal order(fabric: 1, time: 2).map(&:score), order(fabric: 10, time: 20).map(&:score)
  end
end
