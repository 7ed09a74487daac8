# frozen_string_literal: true

require "support/catalogue"
require "support/core_case"

# What was worked out once is remembered; that must change no answer.
class MemoTest < CoreCase
  def test_a_document_is_read_once
    memo = Memo.new(20)
    read = 0
    tools = Array.new(3) { memo.fetch({ "id" => "a" }) { (read += 1) && Object.new } }

    assert_equal [1, 1], [read, tools.uniq.size]
    memo.fetch({ "id" => "b" }) { read += 1 }

    assert_equal 2, read
  end

  def test_what_could_not_be_read_is_read_again
    memo = Memo.new(20)
    memo.fetch({ "id" => "a" }) { nil }

    assert_equal :tool, memo.fetch({ "id" => "a" }) { :tool }
  end

  def test_the_oldest_are_forgotten
    memo = Memo.new(20)
    21.times { |i| memo.fetch(i) { i } }

    assert_equal :anew, memo.fetch(0) { :anew }
    assert_equal 5, memo.fetch(5) { :anew }
  end

  # What threads share is kept under a lock: two that write to one Hash at once may break Ruby itself.
  def test_threads_that_ask_the_same_at_once
    documents = %w[half_square hourglass square_in_square].product((1..4).to_a).map do |kind, i|
      { "unit" => { "kind" => kind, "count" => 7, "finished" => "#{i} 3/16" } }
    end
    answers = Array.new(4) { Thread.new { documents.map { |document| OakenGauge.weigh(document) } } }.map(&:value)

    answers.each { |answer| assert_equal documents.map { |document| OakenGauge.weigh(document) }, answer }
    assert_instance_of Memo, Units::HalfSquare.new(finished: 2r, count: 1).frame.known
  end

  def test_a_bad_tool_is_refused_every_time
    bad = { "id" => "r", "name" => "R", "kind" => "straight_ruler", "width" => "0", "length" => "24" }

    2.times { assert_equal ["/tools/0/width"], faults(half_square.merge("tools" => [bad])).keys }
  end

  def test_a_changed_tool_is_another_tool
    ruler = { "id" => "t", "name" => "T", "kind" => "strip_triangle_ruler", "sides" => [{ "makes" => "half_square", "reads" => "finished", "marks" => %w[2] }] }
    longer = ruler.merge("sides" => [ruler["sides"][0].merge("marks" => %w[2 3])])
    feasible = [ruler, longer].map { |tool| weigh("triangle_ruler/strip_pair", half_square("3", 4).merge("tools" => [DRAWER[0], tool]))["feasible"] }

    assert_equal [false, true], feasible
  end

  def test_the_same_question_has_the_same_answer_whatever_was_asked_before
    asked = Catalogue.units(7).map { |unit| { "unit" => unit, "tools" => Catalogue::TOOLS } }
    first = asked.map { |document| OakenGauge.weigh(document) }

    assert_equal(first.reverse, asked.reverse.map { |document| OakenGauge.weigh(document) })
  end
end
