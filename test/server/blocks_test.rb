# frozen_string_literal: true

require "support/server_case"

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

    assert_equal [204, 2], [last_response.status, fetch("/api/blocks")["blocks"].size]
  end

  # The demo's quilt is set from both of its blocks.
  def test_a_block_that_a_quilt_uses_stays
    block = @maker.blocks.first
    delete "/api/blocks/#{block.id}?lock_version=0"

    assert_problem 422, nil, /Tide table is in the quilt of Slack Tide lap quilt/
    assert_equal 2, @maker.blocks.count
  end

  def test_bad_blocks_are_named_by_pointer
    send_json("POST", "/api/blocks", { "name" => "", "picture" => { "cells" => [[{ "cut" => "whole", "fabrics" => %w[1 2] }]], "finished" => "0" },
                                       "pieces" => [{ "kind" => "hat", "at" => [0, 0] }] })

    assert_problem 422, "/name", /1 to 80/
    assert_problem 422, "/picture/cells/0/0/fabrics", /allowed are 1/
    assert_problem 422, "/picture/finished", /more than 0/
    assert_problem 422, "/pieces/0/kind", /half_square/
    assert_equal 2, @maker.blocks.count
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
end
