# frozen_string_literal: true

require "support/core_case"

# A project in centimetres: whole millimetres, rulers in their own measure, and nothing told in parts of an inch that no ruler has.
class MetricTest < CoreCase
  UNIT = { "kind" => "half_square", "finished" => "5cm", "count" => 24 }.freeze

  def method_of(technique, **more)
    weigh(technique, { "unit" => UNIT, "seam_allowance" => "0.75cm", **more.transform_keys(&:to_s) })
  end

  # 5 and (2 + √2) · 0.75 are 7.561, and 3 mm more 7.861: 7.9.
  def test_margins_and_narrow_seams_are_whole_millimetres
    task = Weighing::Question.new(unit: Units::HalfSquare.new(finished: 250/127r, count: 4, written_in: :cm), measure: :cm).task

    assert_equal [15/127r, 25/127r], [task.margin, task.narrow_seam]
    own = Makers::Maker.new(margin: 1/4r)

    assert_equal 1/4r, Weighing::Question.new(unit: Units::HalfSquare.new(finished: 2r, count: 4), measure: :cm, maker: own).task.margin
    assert_equal 1/8r, Weighing::Question.new(unit: Units::HalfSquare.new(finished: 2r, count: 4)).task.margin
    assert_equal [["7.9cm", "7.9cm"]], method_of("rotary/two_at_a_time_oversize")["cuts"].map { |cut| cut["size"] }.uniq
  end

  # A ruler printed in inches counts on a quarter, and says so.
  def test_no_seam_is_told_in_parts_of_a_millimetre
    ruler = { "id" => "t", "name" => "Triangle", "kind" => "strip_triangle_ruler",
              "sides" => [{ "makes" => "half_square", "reads" => "finished", "marks" => { "from" => "1", "to" => "6", "step" => "1/2" } }] }
    said = method_of("triangle_ruler/strip_pair", tools: [ruler])["problems"].map { |problem| problem["say"] }.join

    assert_match(%r{seam allowance of 1/4in \(0.64cm\)}, said)
    refute_match(/0\.635/, said)
  end

  # Numbers of a ruler in centimetres, ten millimetres from one to the next.
  def test_a_metric_ruler_is_drawn_with_its_own_numbers
    ruler = Tools::StraightRuler.new(id: "m", name: "M", width: 10 * 50/127r, length: 30 * 50/127r, written_in: :cm)

    assert_equal %w[1 2 3], ruler.picture.labels.map(&:text).sort_by(&:to_f).uniq.first(3)
    assert_equal %w[1 2 3], Tools::StraightRuler.new(id: "i", name: "I", width: 6r, length: 12r).picture.labels.map(&:text).sort_by(&:to_f).uniq.first(3)
  end

  # 7.3 cm in a project in inches stays what was typed, with its seam 8.57, and is cut to the next eighth: 2.874 + 0.854 is 3 3/4.
  def test_what_was_typed_in_the_other_measure_stays_as_it_was_typed
    answer = OakenGauge.weigh({ "unit" => UNIT.merge("finished" => "7.3cm"), "measure" => "inch" })

    assert_equal "7.3cm", answer["unit"]["finished"]
    refute_match(%r{/127|/254}, JSON.generate(answer))
    assert_equal [["3 3/4", "3 3/4"]], answer["methods"].find { |one| one["method"] == "rotary/two_at_a_time" }["cuts"].map { |cut| cut["size"] }.uniq
  end

  # A quilt in centimetres: blocks of 20, cut on the next millimetre, bought by ten centimetres.
  def test_a_metric_quilt
    block = { "name" => "B", "columns" => ["20cm"], "rows" => ["20cm"], "pieces" => [{ "kind" => "square", "at" => [0, 0], "fabrics" => { "patch" => "sea" } }] }
    answer = OakenGauge.quilt({ "blocks" => [{ "block" => block, "count" => 5 }], "seam_allowance" => "0.75cm", "measure" => "cm",
                                "setting" => { "layout" => "on_point", "across" => 2, "down" => 2, "fabrics" => { "triangles" => "sand" } } })

    # 20√2 and (2 + 2√2) · 0.75 are 31.905: 32 on the next millimetre.
    assert_equal "32cm", answer["setting_triangles"]["side"]["square"]
    assert(answer["buy"].all? { |one| (OakenGauge::Length.parse(one["length"]).inches * 127 / 500).denominator == 1 }, answer["buy"].to_s)
    assert_match(/cm\z/, answer["backing"]["length"])
  end
end
