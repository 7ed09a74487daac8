# frozen_string_literal: true

require "minitest/autorun"
require "json"
require "oaken_gauge"
require "support/sampled"

# What core tests share: short ways to weigh, and figures compared to a millionth.
class CoreCase < Minitest::Test
  include OakenGauge
  include Sampled

  CLOSE = 1e-6
  EXAMPLES = File.expand_path("../../core/examples", __dir__)

  # A drawer with one of each tool, as documents.
  DRAWER = [
    { "id" => "rule", "name" => "Rule", "kind" => "straight_ruler", "width" => "6 1/2", "length" => "24" },
    { "id" => "triangle", "name" => "Triangle", "kind" => "strip_triangle_ruler",
      "sides" => [{ "makes" => "half_square", "reads" => "finished", "marks" => { "from" => "1", "to" => "8", "step" => "1/2" } }] },
    { "id" => "die", "name" => "Die", "kind" => "die", "shapes" => [{ "patch" => "half_square", "finished" => "2", "count" => 8 }],
      "board" => %w[6 9], "blank" => ["5 1/2", "7"] },
    { "id" => "press", "name" => "Press", "kind" => "die_press", "bed_width" => "6" }
  ].freeze

  def half_square(finished = "2", count = 24, **rest)
    { "unit" => { "kind" => "half_square", "finished" => finished, "count" => count }, "tools" => DRAWER, **rest.transform_keys(&:to_s) }
  end

  # One method's answer.
  def weigh(id, document)
    OakenGauge.weigh(document)["methods"].find { |method| method["method"] == id }
  end

  def codes(method)
    method["problems"].map { |problem| problem["code"] }
  end

  # Every fault of a document that cannot be read, as pointer => message.
  def faults(document)
    error = assert_raises(OakenGauge::Documents::Invalid) { OakenGauge.weigh(document) }
    error.faults.to_h { |fault| [fault.pointer, fault.message] }
  end

  # Everything expected is there, numbers to a millionth; what is not named is not looked at.
  def assert_holds(expected, actual, at = "")
    case expected
    when Hash then expected.each { |key, value| assert_holds(value, actual[key], "#{at}/#{key}") }
    when Array
      assert_equal expected.size, actual&.size, at
      expected.each_index { |i| assert_holds(expected[i], actual[i], "#{at}/#{i}") }
    when Float then assert_in_delta expected, actual, CLOSE, at
    when nil then assert_nil actual, at

    else assert_equal expected, actual, at
    end
  end
end
