# frozen_string_literal: true

require_relative "../../bin/support/schemas"
require "support/catalogue"
require "support/chosen"
require "support/core_case"

# The published schemas, the declarations and the core say the same.
class SchemasTest < CoreCase
  ROOT = File.expand_path("../..", __dir__)

  def asked
    Catalogue.units.map { |unit| { "oaken_gauge" => 1, "unit" => unit, "tools" => Catalogue::TOOLS, "maker" => { "bonus" => true, "margin" => "1/4" } } }
  end

  def told(name, document)
    Schemas.faults(name, document)
  end

  def test_what_is_published_is_what_the_declarations_give
    Answers::Published.files.each do |file, document|
      assert_equal "#{JSON.pretty_generate(document)}\n", File.read(File.join(ROOT, file), encoding: "UTF-8"), "#{file}: run bin/support/formats"
    end
  end

  def test_what_the_page_tests_are_told_is_what_the_core_says
    assert_equal "#{JSON.pretty_generate(Schemas.fields)}\n", File.read(File.join(ROOT, Schemas::FIELDS), encoding: "UTF-8"), "run bin/support/formats"
  end

  def test_what_the_core_reads_keeps_to_the_schema
    asked.each { |document| assert_empty told("weigh", document), document["unit"].inspect }
    Catalogue::FABRICS.each_value { |fabric| assert_empty told("weigh", half_square.merge("fabrics" => { "light" => fabric })) }
  end

  def test_what_the_core_writes_keeps_to_the_schema
    asked.flat_map { |document| [document, document.merge("tools" => [])] }.each do |document|
      [false, true].each { |view| assert_empty told("weigh-answer", OakenGauge.weigh(document, view: view)), document["unit"].inspect }
    end
  end

  def test_sizes
    document = { "units" => [{ "kind" => "half_square", "share" => "1/6" }, { "kind" => "flying_geese", "share" => %w[1/6 1/3] }],
                 "block" => { "from" => "6", "to" => "9", "step" => "1/2" }, "tools" => Catalogue::TOOLS }

    assert_empty told("sizes", document)
    assert_empty told("sizes-answer", OakenGauge.sizes(document))
  end

  def test_choices
    limits = [{}, { "minutes_at_most" => 1 }, { "good_at_least" => 1 }]
    limits.each do |given|
      document = { **Chosen.document(Random.new(3)), "limits" => given }

      assert_empty told("choose", document)
      [nil, {}].each { |now| assert_empty told("choose-answer", OakenGauge.choose(document, now: now)) }
    end
  end

  def test_examples_and_the_demo_keep_to_the_schema
    Dir[File.join(EXAMPLES, "**/*.json")].each { |file| assert_empty told("weigh", JSON.parse(File.read(file))["weigh"]), file }
    demo = JSON.parse(File.read(File.join(ROOT, "db/demo/bench.json")))

    assert_empty told("bench", demo)
  end
end
