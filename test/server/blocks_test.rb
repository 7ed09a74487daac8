# frozen_string_literal: true

require "support/server_case"
require "pdf/inspector"

class BlocksResourceTest < ServerCase
  CELLS = [[{ "cut" => "rising", "fabrics" => %w[1 2] }, { "cut" => "falling", "fabrics" => %w[1 2] }]].freeze
  NEW = { "name" => "Gull", "picture" => { "cells" => CELLS, "finished" => "6.0" } }.freeze

  def test_make_change_and_remove
    made = send_json("POST", "/api/blocks", NEW)

    assert_equal [201, "Gull", CELLS, "6", []], [last_response.status, made["name"], *made["picture"].values_at("cells", "finished"), made["pieces"]]
    piece = { "kind" => "flying_geese", "at" => [0, 0], "span" => [2, 1], "fabrics" => { "goose" => "2", "sky" => "1" } }
    changed = send_json("PATCH", "/api/blocks/#{made['id']}", { "lock_version" => 0, "pieces" => [piece] })

    assert_equal [[piece], 1], changed.values_at("pieces", "lock_version")
    send_json("PATCH", "/api/blocks/#{made['id']}", { "lock_version" => 0, "name" => "Tern" })

    assert_equal "Gull", assert_problem(409)["current"]["name"]
    delete "/api/blocks/#{made['id']}?lock_version=1"

    assert_equal [204, 5], [last_response.status, fetch("/api/blocks")["blocks"].size]
  end

  GEESE = { "kind" => "flying_geese", "at" => [0, 0], "span" => [2, 1], "fabrics" => { "goose" => "2", "sky" => "1" } }.freeze

  # Units that look otherwise are those of another block: they stay away, and so do they where the picture changes under them.
  def test_units_of_another_picture_are_refused
    made = send_json("POST", "/api/blocks", { **NEW, "pieces" => [GEESE] })

    assert_equal [GEESE], made["pieces"]
    upside = [{ **GEESE, "turn" => 2 }]
    send_json("PATCH", "/api/blocks/#{made['id']}", { "lock_version" => 0, "pieces" => upside })

    assert_problem 422, "/pieces", /another block/
    send_json("PATCH", "/api/blocks/#{made['id']}", { "lock_version" => 0, "picture" => { "cells" => [CELLS.first.reverse], "finished" => "6" } })

    assert_problem 422, "/pieces", /another block/
    assert_equal [GEESE], @maker.blocks.find(made["id"]).pieces
    send_json("POST", "/api/blocks", { **NEW, "pieces" => upside })

    assert_problem 422, "/pieces", /another block/
    assert_equal 6, @maker.blocks.count
    below = CELLS.first.reverse.map { |cell| { **cell, "fabrics" => %w[2 1] } }
    turned = send_json("PATCH", "/api/blocks/#{made['id']}", { "lock_version" => 0, "pieces" => upside,
                                                               "picture" => { "cells" => [below], "finished" => "6" } })

    assert_equal upside, turned["pieces"]
  end

  # A middle twice as wide as the sides: four cells, of which columns are one, two and one.
  def test_columns_of_several_widths
    plain = Array.new(4) { Array.new(4) { { "cut" => "whole", "fabrics" => %w[1] } } }
    new = { "name" => "Sluice", "picture" => { "cells" => plain, "finished" => "12" }, "lines" => { "columns" => [1, 2, 1], "rows" => [2, 2] } }
    made = send_json("POST", "/api/blocks", new)

    assert_equal new["lines"], made["lines"]
    [[{ "columns" => [1, 2], "rows" => [4] }, "/lines/columns", /add up to 3: allowed are the 4 cells/],
     [{ "columns" => [4], "rows" => [0, 4] }, "/lines/rows/0", /whole number/],
     [{ "columns" => [4] }, "/lines/rows", /missing/]].each do |lines, pointer, message|
      send_json("PATCH", "/api/blocks/#{made['id']}", { "lock_version" => 0, "lines" => lines })

      assert_problem 422, pointer, message
    end
    changed = send_json("PATCH", "/api/blocks/#{made['id']}", { "lock_version" => 0, "lines" => nil })

    assert_nil changed["lines"]
    assert_equal 1, changed["lock_version"]
  end

  # The demo's quilt is set from both of its blocks.
  def test_a_block_that_a_quilt_uses_stays
    block = @maker.blocks.first
    delete "/api/blocks/#{block.id}?lock_version=0"

    assert_problem 422, nil, /Tide table is in the quilt of Slack Tide lap quilt/
    assert_equal 5, @maker.blocks.count
  end

  def test_bad_blocks_are_named_by_pointer
    send_json("POST", "/api/blocks", { "name" => "", "picture" => { "cells" => [[{ "cut" => "whole", "fabrics" => %w[1 2] }]], "finished" => "0" },
                                       "pieces" => [{ "kind" => "hat", "at" => [0, 0] }] })

    assert_problem 422, "/name", /1 to 80/
    assert_problem 422, "/picture/cells/0/0/fabrics", /allowed are 1/
    assert_problem 422, "/picture/finished", /more than 0/
    assert_problem 422, "/pieces/0/kind", /half_square/
    assert_equal 5, @maker.blocks.count
  end

  # With her own drawer: without a ruler no unit has a method, and the ways are told all the same.
  def test_a_picture_is_taken_apart_with_her_own_tools
    answer = send_json("POST", "/api/deconstruct?view=full", { "cells" => CELLS, "finished" => "6" })

    assert_equal [2, 3], [answer["ways_in_all"], answer["ways"].first["drawing"].size]
    assert_equal({ "fabric" => "2", "outline" => [[0.0, 1.0], [2.0, 1.0], [1.0, 0.0]] }, answer["ways"].first["drawing"].first)
    assert_equal "flying geese unit", answer["ways"].first["units"].first["title"]
    @maker.tools.destroy_all

    assert_nil send_json("POST", "/api/deconstruct", { "cells" => CELLS, "finished" => "6" })["ways"].first["net"]
    send_json("POST", "/api/deconstruct", [])

    assert_problem 400
  end

  # Triangles of 2 are on her half-inch triangle in a block of 12, a sixth of it.
  def test_sizes_are_asked_of_her_drawer
    ladder = send_json("POST", "/api/sizes", { "units" => [{ "kind" => "half_square", "share" => "1/6" }],
                                               "block" => { "from" => "12", "to" => "13", "step" => "1" } })["ladder"]

    assert_equal([["12", true], ["13", false]], ladder.map { |step| step.values_at("block", "all_on_marks") })
  end

  FILE = '<svg viewBox="0 0 2 2"><rect width="2" height="2" fill="#fff"/><polygon points="0,0 2,0 0,2" fill="#123"/></svg>'

  def test_a_file_of_polygons_is_read_and_nothing_is_stored
    read = send_json("POST", "/api/blocks/read", { "svg" => FILE })

    assert_equal [[1, 1], [[%w[#112233 #ffffff #ffffff #112233]]], 5], read.values_at("grid", "cells") + [@maker.blocks.count]
    send_json("POST", "/api/blocks/read", { "svg" => "<html/>" })

    assert_problem 422, "/svg"
    send_json("POST", "/api/blocks/read", { "svg" => 7 })

    assert_problem 422, "/svg", /text/
    send_json("POST", "/api/blocks/read", {})

    assert_problem 422, "/svg", /missing/
  end

  def test_a_block_as_a_picture_is_read_again_as_it_is
    block = @maker.blocks.first
    get "/api/blocks/#{block.id}/picture.svg"
    colours = @maker.fabrics.to_h { |fabric| [fabric.id.to_s, fabric.colour] }
    picture = last_response.body

    assert_equal ["image/svg+xml", 'attachment; filename="tide-table.svg"'],
                 [last_response.media_type, last_response.headers["content-disposition"]]
    read = send_json("POST", "/api/blocks/read", { "svg" => picture })

    assert_equal block.picture["cells"].flatten.flat_map { |cell| cell["fabrics"] }.uniq.map { |id| colours[id] }.sort, read["colours"].sort
  end

  def printed
    PDF::Inspector::Text.analyze(last_response.body).strings.join(" ").squeeze(" ")
  end

  # Gull finished at 6: one geese unit of 3 by 6, in the demo's first fabrics.
  def test_its_sheet_names_every_unit_and_is_hers_alone
    block = @maker.blocks.create!(name: "Gull", picture: { "cells" => CELLS, "finished" => "6" })
    get "/api/blocks/#{block.id}/sheet.pdf?paper=a4"
    words = printed

    assert_match(/Gull Finishes at 6 wide .*A\. 1 flying geese unit: goose .*finished 3 × 6; cut goose .*; sky /, words)
    block.update!(pieces: [0, 1].map { |x| { "kind" => "half_square", "at" => [x, 0], "turn" => x, "fabrics" => { "light" => "1", "dark" => "2" } } })
    get "/api/blocks/#{block.id}/sheet.pdf"

    # A half-square of 3 from a strip of 3 1/2.
    assert_match(%r{2 half-square triangle units \(HST\): .*finished 3; cut light 1 strip 3 1/2 wide}, printed)
    get "/api/blocks/#{block.id}/sheet.pdf?also=4"

    assert_match(/Finishes at 6 or at 4 wide.*Block of 4: finished 2; cut light/, printed)
    get "/api/blocks/#{block.id}/sheet.pdf?also=huge"

    assert_problem 422, "/also", /huge/
    get "/api/blocks/#{block.id}/sheet.pdf?paper=foolscap"

    assert_problem 422, "/paper", /letter and a4/
    other = Server::Importer.new(JSON.parse(File.read(DEMO))).import.blocks.first
    %w[sheet.pdf picture.svg].product([999_999, other.id]).each do |file, id|
      get "/api/blocks/#{id}/#{file}"

      assert_problem 404
    end
  end

  def test_stamps_are_units_and_parts_of_up_to_four_fabrics
    names = fetch("/api/stamps")["stamps"].map { |stamp| stamp["name"] }

    assert_includes names, "flying geese unit, 2 × 1 cells"
    assert_includes names, "Pinwheel"
  end
end
