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
    assert_equal 10, JSON.parse(out)["methods"].size
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
end
