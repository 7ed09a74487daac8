# frozen_string_literal: true

require "support/server_case"

class QuiltsResourceTest < ServerCase
  PLAIN = { "cells" => [[{ "cut" => "rising", "fabrics" => %w[1 2] }]], "finished" => "9" }.freeze

  def setup
    super
    @block = @maker.blocks.create!(name: "Buoy", picture: PLAIN)
  end

  def quilt(**setting)
    { "blocks" => [{ "id" => @block.id, "count" => 18 }],
      "setting" => { "layout" => "on_point", "across" => 3, "down" => 4, **setting.transform_keys(&:to_s) } }
  end

  # 9 on point, 3 by 4: 27√2 by 36√2, and its triangles from squares of 14 and 7 1/4. A block without a chosen way is cut the best.
  def test_a_quilt_of_stored_blocks
    answer = send_json("POST", "/api/projects/#{@project.id}/quilt", quilt)

    assert_equal [38.1838, 50.9117], answer["exact"]
    assert_equal(["14", "7 1/4"], answer["setting_triangles"].values_at("side", "corner").map { |one| one["square"] })
    assert_equal([["half_square", 18]], answer["units"].map { |unit| unit.values_at("kind", "count") })
    assert_equal 18, answer["drawing"]["places"].size
  end

  def test_one_block_is_made_as_often_as_the_setting_holds
    answer = send_json("POST", "/api/projects/#{@project.id}/quilt", { **quilt(down: 5), "blocks" => [{ "id" => @block.id }] })

    assert_equal 23, answer["blocks"]
    send_json("POST", "/api/projects/#{@project.id}/quilt", { **quilt, "blocks" => [{ "id" => @block.id }] * 2 })

    assert_problem 422, "/blocks/0/count", /missing/
  end

  def test_it_is_kept_with_its_project
    kept = send_json("PATCH", "/api/projects/#{@project.id}", { "lock_version" => 0, "quilt" => quilt(sashing: "1.5") })

    assert_equal [quilt(sashing: "1 1/2"), 1], kept.values_at("quilt", "lock_version")
    send_json("PATCH", "/api/projects/#{@project.id}", { "lock_version" => 1, "quilt" => quilt(layout: "round") })

    assert_problem 422, "/quilt/setting/layout", /straight/
  end

  def test_what_cannot_be_set_is_named
    send_json("POST", "/api/projects/#{@project.id}/quilt", quilt(down: 5))

    assert_problem 422, "/blocks", /18 in all.*23/
    send_json("POST", "/api/projects/#{@project.id}/quilt", { **quilt, "blocks" => [{ "id" => 999_999, "count" => 18 }] })

    assert_problem 422, "/blocks/0/id", /no block/
    send_json("POST", "/api/projects/999999/quilt", quilt)

    assert_problem 404
  end

  # A lap of 54 by 66 in blocks of 9 is 6 by 8: 66 is no multiple of 9, and 8 cover it.
  def test_how_many_blocks_a_place_takes
    lap = fetch("/api/places")["places"].find { |place| place["name"] == "A lap" }
    fit = send_json("POST", "/api/fit", { "setting" => { "layout" => "straight", "across" => 1, "down" => 1 }, "block" => %w[9 9],
                                          **lap.slice("width", "length", "drop") })

    assert_equal [6, 8, %w[54 72]], fit.values_at("across", "down", "finished")
  end

  def test_a_place_that_cannot_be_is_named
    bad = { "setting" => { "layout" => "straight", "across" => 1, "down" => 1 }, "block" => %w[9 9], "width" => "wide", "length" => "-3", "drop" => nil }
    send_json("POST", "/api/fit", bad)

    assert_problem 422, "/width", /a length/
    assert_problem 422, "/length", /more than 0/
    send_json("POST", "/api/fit", { **bad, "width" => "54", "length" => "1e400" })

    assert_problem 422, "/length"
    [[], nil, { "setting" => [[]], "block" => [[]], "width" => {}, "length" => [] }].each do |wrong|
      send_json("POST", "/api/fit", wrong)

      assert_operator last_response.status, :<, 500, wrong.inspect
      assert_operator last_response.status, :>=, 400, wrong.inspect
    end
  end
end
