# frozen_string_literal: true

require "oaken_gauge/command_line"
require "open3"
require "stringio"
require "support/core_case"

# What bin/gauge does, in this process but once.
class CommandLineTest < CoreCase
  GAUGE = File.expand_path("../../bin/gauge", __dir__)

  def gauge(*arguments, input: "")
    out = StringIO.new
    err = StringIO.new
    read = ->(file) { (file ? File.binread(file) : input.dup).force_encoding(Encoding::UTF_8) }
    code = OakenGauge::CommandLine.new(read: read, output: out, errors: err).run(arguments)
    [out.string, err.string, code]
  end

  # As a process of its own, the same.
  def test_as_a_person_runs_it
    out, err, status = Open3.capture3(GAUGE, "weigh", stdin_data: JSON.generate(half_square))

    assert_equal gauge("weigh", input: JSON.generate(half_square)), [out, err, status.exitstatus]
    out, err, status = Open3.capture3(GAUGE, "weigh", "--sample", "0", stdin_data: "{")

    assert_equal ["", 2], [out, status.exitstatus]
    assert_equal 1, JSON.parse(err)["errors"].size
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

  # Every command answers what its door answers.
  def test_every_command
    { "sizes" => { "units" => [{ "kind" => "half_square", "share" => "1/6" }], "block" => { "from" => "6", "to" => "8", "step" => "1" } },
      "plan" => { "stock" => { "ink" => [{ "form" => "yardage" }] }, "pieces" => [{ "fabric" => "ink", "size" => %w[3 3], "count" => 4 }] },
      "turning" => half_square.merge("over" => { "priority" => "fabric" }),
      "choose" => { "stock" => { "ink" => [{ "form" => "yardage" }] },
                    "units" => [{ "id" => "a", "unit" => { "kind" => "square", "finished" => "2", "count" => 3 }, "fabrics" => { "patch" => "ink" } }] } }
      .each do |command, document|
      assert_equal [JSON.parse(JSON.generate(OakenGauge.public_send(command, document))), 0],
                   gauge(command, input: JSON.generate(document)).then { |out, _, code| [JSON.parse(out), code] }, command
    end
  end
end
