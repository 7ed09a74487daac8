# frozen_string_literal: true

require "support/core_case"

# A few methods held against one another: each span is asked anew, and the same one is first.
class HeldTest < CoreCase
  HELD = %w[rotary/two_at_a_time rotary/eight_at_a_time rotary/patches].freeze

  def held(document = half_square("2", 24), methods = HELD)
    OakenGauge.held(document, methods)
  end

  def first_of(document)
    task = OakenGauge.send(:read_weighing, document)
    outcomes = Weighing::Weigher.new(task, among: HELD).weighed
    Comparing::Ranking.new(outcomes, task.priorities, task.maker).ahead(task.priorities).first.way.class.id
  end

  def spans(answer, over)
    answer["overtakes"].find { |one| one["over"] == over }["spans"]
  end

  def test_each_span_of_counts_is_what_the_ranking_says
    told = spans(held, "count")

    (1..Turning::Held::MOST).each do |count|
      own = told.find { |span| count.between?(span["from"], span["to"]) }

      assert_equal first_of(half_square("2", count)), own["method"], count
    end
    assert_operator told.size, :>, 1
  end

  def test_inside_both_ends_of_each_span_of_a_weight_the_same_is_first
    answer = held
    %w[fabric time accuracy surplus ease].each do |name|
      spans(answer, name).each do |span|
        inside = (span["to"] - span["from"]) / 100
        [span["from"] + inside, span["to"] - inside].each do |weight|
          document = half_square("2", 24, priorities: { "fabric" => 1, "time" => 1, "accuracy" => 1, "surplus" => 1, "ease" => 0, name => weight })

          assert_equal span["method"], first_of(document), "#{name} #{weight}"
        end
      end
    end
  end

  # Weights of 1.2 to 1.8 are on no slider: what is first only there is not told.
  def test_what_is_first_between_two_weights_only_is_not_told
    outcome = Weighing::Weigher.new(OakenGauge.send(:read_weighing, half_square), among: HELD).weighed
    intervals = [[0.0, 1.2, 0], [1.2, 1.8, 1], [1.8, 100.0, 2]].map { |from, to, i| Turning::Interval.new(from: from, to: to, first: outcome[i]) }
    held = Struct.new(:methods, :intervals).new([], { fabric: intervals })
    told = Answers::HeldWriter.new(held, :inch).write["overtakes"].first

    assert_equal([0.0, 1.8], told["spans"].map { |span| span["from"] })
    assert_match(/\A#{outcome[0].way.class.title}; where it matters much #{outcome[2].way.class.title.downcase}\.\z/, told["say"])
  end

  def test_it_is_said_where_one_overtakes_the_other
    answer = held
    sizes = answer["overtakes"].first

    assert_equal(["Finished size", "How many", "Least fabric"], answer["overtakes"].first(3).map { |one| one["title"] })
    assert_equal sizes["spans"].size - 1, sizes["say"].scan("; from ").size
    assert(answer["overtakes"].all? { |one| one["spans"].size == 1 ? one["say"].end_with?(", all along.") : one["say"].include?("; ") })
    # A die for 2 is the only size it cuts.
    assert_equal(["Single patches, die cut"], held(half_square, %w[die/patches rotary/none])["methods"].map { |one| one["title"] })
  end
end
