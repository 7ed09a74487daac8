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

  # Sides of 9√2, 12.728: no line to look for, but squares of 14, trimmed when the top is squared up.
  def test_triangles_at_the_edge_are_told_once_as_cut_from_squares
    answer = send_json("POST", "/api/projects/#{@project.id}/quilt", quilt(fabrics: { "triangles" => "2" }))

    assert_match(%r{at about 12 3/4, .*cut each square twice corner to corner, and trim}, answer["setting_triangles"]["side"]["say"])
    refute_includes answer["units"].map { |unit| unit["kind"] }, "triangle"
  end

  # Her pick for the half-squares of the block, whatever their number, is what is counted; without it the best.
  def test_what_is_bought_follows_what_was_picked
    fabrics = { "light" => 1, "dark" => 2 }
    unit = send_json("POST", "/api/projects/#{@project.id}/units",
                     { "label" => "Buoys", "fabrics" => fabrics, "unit" => { "kind" => "half_square", "finished" => "9", "count" => 4 } })
    asked = -> { send_json("POST", "/api/projects/#{@project.id}/quilt", quilt)["units"].first.values_at("method", "picked") }

    refute asked.call.last
    pick(Server::Models::Unit.find(unit["id"]), "rotary/two_at_a_time_oversize")

    assert_equal ["rotary/two_at_a_time_oversize", true], asked.call
  end

  def pick(unit, method)
    send_json("PUT", "/api/units/#{unit.id}/pick",
              { "lock_version" => unit.lock_version, "method" => method, "unit" => unit.spec })

    assert_equal 200, last_response.status, last_response.body
  end

  # The demo's sheet has cells of 1 1/2: six of them make 9.
  def test_on_foundation_sheets
    panels = send_json("POST", "/api/projects/#{@project.id}/quilt", quilt)["panels"]

    assert_equal(["1", "1 1/2", "2"], panels.map { |one| one["cell"] })
    assert_match(/whole number/, panels.last["say"])
    assert_equal [[6, 6], [["9 1/2", "9 1/2"]]], [panels[1]["block"], panels[1]["panels"].map { |one| one["square_up"] }]
  end

  # By hand: 18 and 6 of 24 are three quarters and one; of 20 that is 15 and 5. On point 3 by 4 are 12 and 6 between.
  def test_several_blocks_are_shared_out
    { [[18, 6], { "layout" => "straight", "across" => 4, "down" => 5 }] => [15, 5],
      [[6, 3, 3], { "layout" => "straight", "across" => 2, "down" => 5 }] => [5, 3, 2],
      [[98, 1, 1], { "layout" => "straight", "across" => 2, "down" => 2 }] => [2, 1, 1],
      [[5, 5], { "layout" => "on_point", "across" => 3, "down" => 4 }] => [12, 6] }.each do |(counts, setting), shared|
      assert_equal shared, send_json("POST", "/api/share", { "counts" => counts, "setting" => setting })["counts"]
    end
    send_json("POST", "/api/share", { "counts" => [1] * 5, "setting" => { "layout" => "straight", "across" => 2, "down" => 2 } })

    assert_problem 422, "/counts", /more blocks than/
  end

  # A list of her own stands in place of the usual one, and goes with her file.
  def test_places_of_her_own
    usual = fetch("/api/places")
    hers = [{ "name" => "The window seat", "width" => "20", "length" => "60.5" }]
    send_json("PATCH", "/api/maker", { "lock_version" => usual["lock_version"], "places" => hers })
    kept = fetch("/api/places")

    assert_equal [true, false], [usual["usual"], kept["usual"]]
    assert_equal [{ "name" => "The window seat", "width" => "20", "length" => "60 1/2", "drop" => "0" }], kept["places"]
    assert_equal kept["places"], fetch("/api/bench")["maker"]["places"]
    assert_equal kept["places"], Server::Importer.new(fetch("/api/bench")).import.places
    send_json("PATCH", "/api/maker", { "lock_version" => kept["lock_version"], "places" => [hers.first.merge("width" => "wide")] })

    assert_problem 422, "/places/0/width"
    send_json("PATCH", "/api/maker", { "lock_version" => kept["lock_version"], "places" => nil })

    assert_equal usual["places"], fetch("/api/places")["places"]
  end

  # Other fabrics for the same quilt are kept with it, and go with the file by their names there.
  def test_colourways_are_kept
    ids = @maker.fabrics.first(3).map { |fabric| fabric.id.to_s }
    ways = [{ ids[0] => ids[2] }, {}]
    kept = send_json("PATCH", "/api/projects/#{@project.id}", { "lock_version" => 0, "quilt" => { **quilt, "colourways" => ways } })

    assert_equal ways, kept["quilt"]["colourways"]
    assert_equal 18, send_json("POST", "/api/projects/#{@project.id}/quilt", kept["quilt"])["blocks"]
    file = fetch("/api/bench")
    names = file["fabrics"].first(3).map { |fabric| fabric["id"] }

    assert_equal [{ names[0] => names[2] }, {}], file["projects"].first["colourways"]
    elsewhere = Server::Importer.new(file).import
    there = elsewhere.fabrics.first(3).map { |fabric| fabric.id.to_s }

    assert_equal [{ there[0] => there[2] }, {}], elsewhere.projects.first.quilt["colourways"]
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
