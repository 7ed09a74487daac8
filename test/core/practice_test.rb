# frozen_string_literal: true

require "support/core_case"

# Drills: every question has one right answer among others.
class PracticeTest < CoreCase
  def questions(drill, tools = OakenGauge.usual_tools, seed: 1)
    OakenGauge.practice(drill, tools, Random.new(seed).method(:rand))
  end

  def test_each_question_has_its_right_answer_once
    OakenGauge.drills.each do |drill|
      20.times do |seed|
        [[], OakenGauge.usual_tools].each do |tools|
          asked = questions(drill["drill"], tools, seed: seed)

          assert_equal 10, asked.size
          asked.each { |one| assert_equal [one["choices"], true], [one["choices"].uniq, one["right"].between?(0, one["choices"].size - 1)], drill["drill"] }
        end
      end
    end
  end

  def test_the_same_seed_asks_the_same_and_another_something_else
    assert_equal questions("read_the_eighth", seed: 3), questions("read_the_eighth", seed: 3)
    refute_equal questions("read_the_eighth", seed: 3), questions("read_the_eighth", seed: 4)
    assert_nil questions("no_such_drill")
  end

  def right(question)
    question["choices"][question["right"]]
  end

  def test_the_lit_line_is_the_one_that_is_called_right
    questions("read_the_eighth").each { |question| assert_equal question["ruler"]["lit"], OakenGauge::Length.parse(right(question)).to_f }
  end

  def test_sets_are_rounded_up
    questions("how_many_sets").each do |question|
      count = question["ask"][/\A\d+/].to_i
      each = { "two" => 2, "four" => 4, "eight" => 8 }[question["ask"][/(two|four|eight) at a time/, 1]]

      assert_equal (count + each - 1) / each, right(question).to_i
    end
  end

  # By area: the long seam level and half below, the fabric called left lies on the side that the hand is called.
  def test_the_hand_is_the_side_that_left_lies_on
    hands = questions("left_or_right", seed: 7).map do |question|
      corners = question["patches"].to_h { |patch| [patch["role"], patch["outline"].map { |x, y| Complex(x, y) }] }
      middle = ->(role) { corners[role].sum / 3 }
      up = ((middle.call("left") + middle.call("right")) / 2) - middle.call("half")
      side = ((middle.call("left") - middle.call("right")) / up).imag.positive? ? "left" : "right"

      assert_equal "A #{side} unit", right(question)
      side
    end

    assert_equal %w[left right], hands.uniq.sort
  end
end
