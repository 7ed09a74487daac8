# frozen_string_literal: true

require "support/server_case"

class UnitsResourceTest < ServerCase
  SPEC = { "kind" => "half_square", "finished" => "2 1/2", "count" => 30 }.freeze

  def pick(version, method = "die/patches", unit = @unit.spec)
    send_json("PUT", "/api/units/#{@unit.id}/pick", { "lock_version" => version, "method" => method, "unit" => unit })
  end

  def test_a_new_unit_keeps_its_fabrics
    fabrics = { "light" => @maker.fabrics[0].id, "dark" => @maker.fabrics[1].id }
    made = send_json("POST", "/api/projects/#{@project.id}/units", { "label" => "Foam", "unit" => SPEC.merge("finished" => "2.5"), "fabrics" => fabrics })

    assert_equal [201, SPEC, fabrics], [last_response.status, made["unit"], made["fabrics"]]
    assert_equal %w[Keels Foam], @project.reload.units.last(2).map(&:label)
  end

  def test_bad_units
    send_json("POST", "/api/projects/#{@project.id}/units", { "unit" => SPEC.merge("finished" => "0"), "fabrics" => { "light" => 999_999 } })

    assert_problem 422, "/label", /missing/
    assert_problem 422, "/unit/finished", %r{at least 1/8}
    assert_problem 422, "/fabrics/light", /id of a fabric/

    assert_equal 5, @project.units.count
  end

  def test_a_pick_keeps_the_size_and_what_the_core_answered
    kept = pick(0, "triangle_ruler/strip_pair", SPEC)

    assert_equal [SPEC, SPEC, "triangle_ruler/strip_pair"], [kept["unit"], kept["pick"]["unit"], kept["pick"]["method"]]
    assert_equal 30, kept["pick"]["answer"]["makes"]["made"]
    assert_equal kept, fetch("/api/projects/#{@project.id}")["units"].first
  end

  def test_a_second_pick_replaces_the_first_and_unpick_takes_it_back
    pick(0)
    again = pick(1, "rotary/two_at_a_time")

    assert_equal ["rotary/two_at_a_time", 2], [again["pick"]["method"], again["lock_version"]]
    delete "/api/units/#{@unit.id}/pick?lock_version=2"

    assert_nil check["pick"]
    assert_equal 0, Server::Models::Pick.count
  end

  def test_a_pick_is_taken_back_and_the_size_set_in_one
    pick(0)
    taken = pick(1, nil, @unit.spec.merge("finished" => "2"))

    assert_equal ["2", nil, 2], [taken["unit"]["finished"], taken["pick"], taken["lock_version"]]
    pick(2, "", @unit.spec)

    assert_problem 422, "/method"
  end

  def test_a_method_that_cannot_make_the_unit_is_not_picked
    pick(0, "die/patches", SPEC)

    assert_problem 422, "/method", /No die cuts/
    pick(0, "die/teleport", SPEC)

    assert_problem 422, "/method", /allowed is one of/

    assert_equal [0, "2"], [@unit.reload.lock_version, @unit.spec["finished"]]
  end

  def test_two_tabs_cannot_pick_over_one_another
    pick(0, "rotary/patches")
    pick(0, "die/patches")

    assert_equal "rotary/patches", assert_problem(409, nil, /another window/)["current"]["pick"]["method"]
    delete "/api/units/#{@unit.id}/pick?lock_version=0"

    assert_problem 409

    assert_equal "rotary/patches", @unit.reload.pick.method_id
  end

  def test_saves_at_the_same_moment
    answers = Array.new(6) do |i|
      Thread.new do
        body = JSON.generate({ lock_version: 0, unit: SPEC.merge("count" => i + 1) })
        Rack::MockRequest.new(APP).patch("http://localhost/api/units/#{@unit.id}", input: body, "CONTENT_TYPE" => "application/json", "HTTP_HOST" => "localhost").status
      end
    end.map(&:value)

    assert_equal [200, 409], answers.uniq.sort
    assert_equal 1, answers.count(200)
  end

  COUNTED = [{ "label" => "Gull: geese", "unit" => { "kind" => "flying_geese", "finished" => %w[2 4], "count" => 4 }, "fabrics" => {} },
             { "label" => "Gull: three", "unit" => { "kind" => "three_triangle", "finished" => "4", "count" => { "left" => 1, "right" => 2 } },
               "fabrics" => {} }].freeze

  # What a block counts, for six of them: 24, and 6 left and 12 right. Sent again, the same units are changed.
  def test_counted_units_come_all_together
    path = "/api/projects/#{@project.id}/units/counted"
    first = send_json("POST", path, { "units" => COUNTED, "times" => 6 })["units"]

    assert_equal([24, { "left" => 6, "right" => 12 }], first.map { |unit| unit["unit"]["count"] })
    again = send_json("POST", path, { "units" => COUNTED, "times" => 2 })["units"]

    assert_equal(first.map { |unit| unit["id"] }, again.map { |unit| unit["id"] })
    assert_equal([[8, 1], [{ "left" => 2, "right" => 4 }, 1]], again.map { |unit| [unit["unit"]["count"], unit["lock_version"]] })
    assert_equal 7, @project.units.count
  end

  # The same half-squares of the same fabrics from the quilt as from a block: asked about, then its count is set, or they stand beside.
  def test_units_that_are_there_by_another_name_are_not_counted_twice
    path = "/api/projects/#{@project.id}/units/counted"
    send_json("POST", path, { "units" => COUNTED, "times" => 6 })
    again = COUNTED.map { |one| one.merge("label" => one["label"].sub(/.*:/, "Quilt:")) }
    asked = send_json("POST", path, { "units" => again, "times" => 12 })

    assert_problem 409, nil, /another name/
    assert_equal([[COUNTED.first["label"], 24, 48]], asked["there"].first(1).map { |one| one.values_at("label", "count", "counted") })
    assert_equal 7, @project.units.count
    set = send_json("POST", path, { "units" => again, "times" => 12, "there" => "set" })["units"]

    assert_equal [[COUNTED.first["label"], 48], 7], [[set.first["label"], set.first["unit"]["count"]], @project.units.count]
    send_json("POST", path, { "units" => again, "times" => 12, "there" => "beside" })

    assert_equal 9, @project.units.count
    send_json("POST", path, { "units" => again, "there" => "twice" })

    assert_problem 422, "/there"
  end

  # Counted by several windows in the same moment each is there once: one window is told so, the others that another did it.
  def test_units_that_several_windows_count_at_once_are_there_once
    windows = nil
    Server::Models::Project.transaction do
      Server::Models::Project.lock.find(@project.id)
      windows = Array.new(4) { Thread.new { count_in_a_window } }
      sleep 0.02 until waiting >= 4 || windows.none?(&:alive?)
    end

    assert_equal [201, 409, 409, 409], windows.map(&:value).sort
    assert_equal 7, @project.units.reload.count
  end

  def waiting
    Server::Models::Project.connection.select_value("SELECT count(DISTINCT pid) FROM pg_locks WHERE NOT granted")
  end

  def count_in_a_window
    Rack::MockRequest.new(APP).post("http://localhost/api/projects/#{@project.id}/units/counted",
                                    input: JSON.generate({ units: COUNTED, times: 6 }), "CONTENT_TYPE" => "application/json",
                                    "HTTP_HOST" => "localhost").status
  end

  # One that cannot be leaves the others away as well.
  def test_counted_units_come_all_or_none
    path = "/api/projects/#{@project.id}/units/counted"
    { [COUNTED.first, { **COUNTED.last, "unit" => { "kind" => "heart" } }] => "/units/1/unit/kind",
      [COUNTED.first, COUNTED.last.except("label")] => "/units/1/label",
      [COUNTED.first, { **COUNTED.last, "fabrics" => { "half" => 999 } }] => "/units/1/fabrics/half",
      [] => "/units", 3 => "/units" }.each do |units, pointer|
      send_json("POST", path, { "units" => units })

      assert_problem 422, pointer, /allowed|missing/
    end
    send_json("POST", path, { "units" => COUNTED, "times" => 0 })

    assert_problem 422, "/times"
    send_json("POST", path, { "units" => [COUNTED.first.merge("unit" => COUNTED.first["unit"].merge("count" => 50_000))], "times" => 10 })

    assert_problem 422
    assert_equal 5, @project.units.count
  end

  def test_a_changed_size_keeps_the_pick_as_it_was
    pick(0)
    changed = send_json("PATCH", "/api/units/#{@unit.id}", { "lock_version" => 1, "unit" => SPEC })

    assert_equal ["2 1/2", "2"], [changed["unit"]["finished"], changed["pick"]["unit"]["finished"]]
  end

  def test_a_unit_taken_away_can_be_put_back_with_its_pick
    pick(0)
    away = take_away(1)

    assert_equal [200, @unit.id], [last_response.status, away["id"]]
    refute_includes fetch("/api/projects/#{@project.id}")["units"].map { |unit| unit["id"] }, @unit.id
    pick(2)

    assert_problem 404
    back = send_json("POST", "/api/units/#{@unit.id}/back", { "lock_version" => away["lock_version"] })

    assert_equal [200, "die/patches", "Wave tips"], [last_response.status, back.dig("pick", "method"), back["label"]]
    assert_equal @unit.id, fetch("/api/projects/#{@project.id}")["units"].first["id"]
  end

  def take_away(version)
    delete "/api/units/#{@unit.id}?lock_version=#{version}"
    JSON.parse(last_response.body)
  end

  def test_a_unit_that_was_changed_meanwhile_is_not_taken_away
    pick(0)

    assert_equal 1, take_away(0)["current"]["lock_version"]
    assert_problem 409
    assert_nil @unit.reload.removed_at
  end

  def test_a_project_that_is_removed_takes_its_units_with_it_until_it_is_put_back
    delete "/api/projects/#{@project.id}?lock_version=0"
    take_away(0)

    assert_problem 404
    send_json("POST", "/api/projects/#{@project.id}/back", { "lock_version" => 1 })

    assert_equal 1, take_away(0)["lock_version"]
  end

  def test_a_maker_takes_everything_with_her
    take_away(0)
    @maker.destroy!

    assert_equal [0, 0], [Server::Models::Unit.count, Server::Models::Pick.count]
  end

  def test_the_database_keeps_its_own_rules
    assert_raises(ActiveRecord::StatementInvalid) { @project.units.create!(label: " ", spec: SPEC) }
    assert_raises(ActiveRecord::StatementInvalid) { @project.units.create!(label: "x", spec: { "kind" => "half_square" }) }
    assert_raises(ActiveRecord::RecordNotUnique) { 2.times { @unit.unit_fabrics.create!(role: "third", fabric: @maker.fabrics.first) } }
    assert_raises(ActiveRecord::InvalidForeignKey) { @maker.fabrics.first.delete }
  end
end
