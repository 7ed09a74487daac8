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

    assert_equal [1, 11, 5, 5, 1], [file["oaken_gauge"], *file.values_at("tools", "fabrics", "blocks", "projects").map(&:size)]
    assert_equal({ "method" => "rotary/patches", "finished" => "2" }, file["projects"][0]["units"][0]["pick"])
    elsewhere = Server::Importer.new(file).import
    @maker.destroy!

    assert_equal file, written
    assert_equal [5, 5], [elsewhere.blocks.size, elsewhere.projects.first.units.size]
  end

  def test_the_file_is_as_its_schema_says
    schema = JSONSchemer.schema(JSON.parse(File.read(File.join(Server::ROOT, "docs/formats/bench.schema.json"))))

    assert_empty(schema.validate(written).map { |error| error["error"] })
  end

  # Of a file with columns of several widths, its pieces on them; and of one whose units need smaller cells than its columns.
  def test_columns_of_blocks_are_kept
    squares = ->(at, span) { { "kind" => span.uniq.one? ? "square" : "rectangle", "at" => at, "span" => span, "turn" => 0, "mirror" => false } }
    wide = [squares.call([0, 0], [1, 1]), squares.call([1, 0], [1, 1]), squares.call([2, 0], [1, 1])].map { |piece| { **piece, "fabrics" => { "patch" => "kelp" } } }
    wide[1] = wide[1].merge("kind" => "rectangle", "turn" => 0)
    diamond = { "kind" => "square_in_square", "at" => [0, 0], "span" => [1, 1], "turn" => 0, "mirror" => false,
                "fabrics" => { "center" => "kelp", "corners" => "chalk" } }
    blocks = [{ "name" => "Sluice", "columns" => %w[3 6 3], "rows" => %w[3], "pieces" => wide },
              { "name" => "Diamond", "columns" => %w[4], "rows" => %w[4], "pieces" => [diamond] }]
    file = written.merge("blocks" => blocks, "projects" => [])
    send_json("POST", "/api/bench", file)
    sluice, kept = @maker.blocks.last(2)

    assert_equal [{ "columns" => [1, 2, 1], "rows" => [1] }, [[0, 0], [1, 0], [3, 0]], [4, 1]],
                 [sluice.lines, sluice.pieces.map { |piece| piece["at"] }, [sluice.picture["cells"].first.size, sluice.picture["cells"].size]]
    assert_equal [{ "columns" => [2], "rows" => [2] }, [2, 2]], [kept.lines, kept.pieces.first["span"]]
    assert_equal(blocks.map { |block| block.slice("name", "columns", "rows") },
                 written["blocks"].last(2).map { |block| block.slice("name", "columns", "rows") })
    assert_equal(%w[Sluice Diamond], send_json("POST", "/api/bench/look", file)["blocks"]["same"])
  end

  # What is there just so is not there twice; another tool of that name comes beside it.
  def test_a_file_is_added_to_what_is_there
    answer = send_json("POST", "/api/bench", changed)

    assert_equal [201, 2], [last_response.status, answer["projects"].size]
    # Blocks in the other colour are other blocks.
    assert_equal [12, 6, 10], [@maker.tools.count, @maker.fabrics.count, @maker.blocks.count]
    assert_equal %w[24 36], long_rules
    send_json("POST", "/api/bench", written)

    assert_equal 2, @maker.projects.count
  end

  # Another length of a ruler, another colour of a fabric, and notes for the project.
  def changed
    written.tap do |file|
      file["tools"].first["length"] = "36"
      file["fabrics"].first["color"] = "#123456"
      file["projects"].first["notes"] = "Another word"
    end
  end

  def long_rules
    @maker.tools.reload.select { |tool| tool.key.start_with?("long-rule") }.map { |tool| tool.document["length"] }.sort
  end

  def test_what_is_in_a_file_is_told_before_it_is_read_in
    look = send_json("POST", "/api/bench/look", changed)

    assert_equal([[], 10, ["Long rule 6½ × 24"]], look["tools"].values_at("new", "same", "other").then { |new, same, other| [new, same.size, other] })
    assert_equal [[@project.name], 1], [look["projects"]["other"], look["fabrics"]["other"].size]
    assert_equal [5, %w[24]], [look["blocks"]["same"].size, long_rules]
    file = changed.merge("tools" => [], "fabrics" => [], "projects" => [], "blocks" => [])

    assert_equal({ "new" => [], "same" => [], "other" => [] }, send_json("POST", "/api/bench/look", file)["tools"])
  end

  def test_where_things_differ_hers_may_stay
    send_json("POST", "/api/bench?clash=mine", changed)

    assert_equal [%w[24], 5, 1], [long_rules, @maker.fabrics.count, @maker.projects.count]
    refute_equal "#123456", @maker.fabrics.first.colour
  end

  def test_where_things_differ_the_files_may_take_their_place
    send_json("POST", "/api/bench?clash=theirs", changed)

    assert_equal [%w[36], 5, "#123456"], [long_rules, @maker.fabrics.count, @maker.fabrics.first.colour]
    assert_equal [["Another word"], 1], [@maker.projects.reload.map(&:notes), @maker.all_projects.where.not(removed_at: nil).count]
    send_json("POST", "/api/bench?clash=mixed", changed)

    assert_equal 400, last_response.status
  end

  # Results of drills go along, in the order of their days, and are not doubled where the file is read in twice.
  def test_how_drills_went_goes_along
    days = { 9 => "2026-11-20T10:00:00Z", 7 => "2026-11-19T10:00:00Z" }
    days.each { |right, day| @maker.drills.create!(kind: "left_or_right", asked: 10, right: right, created_at: day) }
    file = written

    assert_equal([[7, days[7]], [9, days[9]]], file["drills"].map { |result| result.values_at("right", "at") })
    2.times { send_json("POST", "/api/bench", file) }

    assert_equal [7, 9], @maker.drills.reload.map(&:right)
    @maker.drills.delete_all
    send_json("POST", "/api/bench", file)

    assert_equal file["drills"], written["drills"]
  end

  # What was kept of a drill that is not asked any more stays where it is.
  def test_a_result_that_no_file_may_have_keeps_no_file_from_being_written
    @maker.drills.create!(kind: "juggling", asked: 10, right: 1)
    @maker.drills.create!(kind: "left_or_right", asked: 2000, right: 1)

    assert_nil written["drills"]
    send_json("POST", "/api/practice/left_or_right", { right: 1, asked: 1001 })

    assert_problem 422, "/asked"
  end

  def test_a_result_that_cannot_be_is_refused
    { { "right" => 11 } => "/drills/0/right", { "at" => "2026-02-31T10:00:00Z" } => "/drills/0/at", { "drill" => "juggling" } => "/drills/0/drill" }
      .each do |wrong, pointer|
      result = { "drill" => "left_or_right", "asked" => 10, "right" => 9, "at" => "2026-11-20T10:00:00Z" }
      answer = send_json("POST", "/api/bench", written.merge("drills" => [result.merge(wrong)]))

      assert_equal([[pointer], 0], [answer["errors"].map { |fault| fault["pointer"] }, @maker.drills.count])
    end
  end

  # Centimetres, a part of the drawer, and a tool that is retired go with it.
  def test_what_is_hers_goes_along
    @project.update!(measure: "cm", tool_keys: ["long-rule"])
    @maker.tools.last.update!(retired: true)
    file = written
    Server::Importer.new(file).import
    @maker.destroy!

    assert_equal file, written
    assert_equal [["long-rule"], "cm", [file["tools"].last["id"]]], [*file["projects"].first.values_at("tools", "measure"), file["retired"]]
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
