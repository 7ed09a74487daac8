# frozen_string_literal: true

require "json_schemer"
require "support/server_case"

# The whole bench as one file, out and in.
class BenchResourceTest < ServerCase
  def setup
    super
    Server::Models::Pick.delete_all
  end

  def written
    fetch("/api/bench")
  end

  def test_what_was_read_in_is_written_the_same
    send_json("PUT", "/api/units/#{@unit.id}/pick", { "lock_version" => 0, "method" => "rotary/patches", "unit" => @unit.spec })
    @project.update!(notes: "two\nlines")
    file = written

    assert_equal [1, 11, 5, 2, 1], [file["oaken_gauge"], *file.values_at("tools", "fabrics", "blocks", "projects").map(&:size)]
    assert_equal({ "method" => "rotary/patches", "finished" => "2" }, file["projects"][0]["units"][0]["pick"])
    elsewhere = Server::Importer.new(file).import
    @maker.destroy!

    assert_equal file, written
    assert_equal [2, 5], [elsewhere.blocks.size, elsewhere.projects.first.units.size]
  end

  def test_the_file_is_as_its_schema_says
    schema = JSONSchemer.schema(JSON.parse(File.read(File.join(Server::ROOT, "docs/formats/bench.schema.json"))))

    assert_empty(schema.validate(written).map { |error| error["error"] })
  end

  # What is there just so is not there twice; another tool of that name comes beside it.
  def test_a_file_is_added_to_what_is_there
    file = written
    file["tools"].first["length"] = "36"
    answer = send_json("POST", "/api/bench", file)

    assert_equal [201, 2], [last_response.status, answer["projects"].size]
    assert_equal [12, 5, 2], [@maker.tools.count, @maker.fabrics.count, @maker.blocks.count]
    assert_equal %w[24 36], @maker.tools.select { |tool| tool.key.start_with?("long-rule") }.map { |tool| tool.document["length"] }.sort
  end

  def test_a_file_with_a_fault_adds_nothing
    file = written
    file["blocks"].first["pieces"].pop
    send_json("POST", "/api/bench", file)

    assert_problem 422, "/blocks/0/pieces", /bare/
    file = written
    file["projects"].first["units"].first["fabrics"] = { "light" => "nowhere" }
    send_json("POST", "/api/bench", file)

    assert_problem 422, "/projects/0/units/0/fabrics/light", /nowhere/
    assert_equal 1, @maker.projects.count
  end
end
