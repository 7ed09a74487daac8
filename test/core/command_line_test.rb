# frozen_string_literal: true

require "open3"
require "support/core_case"

# bin/gauge as a person runs it.
class CommandLineTest < CoreCase
  GAUGE = File.expand_path("../../bin/gauge", __dir__)

  def gauge(*arguments, input: "")
    out, err, status = Open3.capture3(GAUGE, *arguments, stdin_data: input)
    [out, err, status.exitstatus]
  end

  def test_weighs_standard_input
    out, err, code = gauge("weigh", input: JSON.generate(half_square))

    assert_equal ["", 0], [err, code]
    assert_equal 12, JSON.parse(out)["methods"].size
  end

  def test_errors_are_json_on_standard_error
    { '{"unit":{"kind":"half_square","finished":"0","count":1}}' => "/unit/finished", "{" => "", "\xff\xfe" => "",
"[]" => "" }.each do |input, pointer|
      out, err, code = gauge("weigh", input: input)

      assert_equal ["", 2], [out, code]
      assert_equal pointer, JSON.parse(err)["errors"][0]["pointer"]
    end
  end

  def test_unknown_commands_and_missing_files
    assert_equal 2, gauge("bake")[2]
    assert_match(/cannot be read/, JSON.parse(gauge("weigh", "no-such-file.json")[1])["errors"][0]["message"])
  end

  def test_makes_units_at_random_when_asked
    out, err, code = gauge("weigh", "--sample", "2000", "--seed", "7", input: JSON.generate(half_square))
    samples = JSON.parse(out)["methods"].filter_map { |method| method.dig("accuracy", "sample") }

    assert_equal ["", 0], [err, code]
    assert_operator samples.size, :>=, 7
    assert(samples.all? { |sample| sample.values_at("count", "seed", "agrees") == [2000, 7, true] })
    assert_equal out, gauge("weigh", "--seed", "7", "--sample", "2000", input: JSON.generate(half_square))[0]
    refute_equal out, gauge("weigh", "--seed", "8", "--sample", "2000", input: JSON.generate(half_square))[0]
  end

  def test_samples_that_cannot_be_made
    [%w[weigh --sample], %w[weigh --sample many], %w[weigh --sample 0], %w[weigh --sample 2000000], %w[weigh --bake 3], %w[sizes --sample 500]].each do |arguments|
      out, err, code = gauge(*arguments, input: JSON.generate(half_square))

      assert_equal ["", 2], [out, code], arguments.inspect
      assert_match(/--sample/, JSON.parse(err)["errors"][0]["message"])
    end
  end
end
