# frozen_string_literal: true

require "support/server_case"

class ProjectsTest < ServerCase
  def test_a_project_comes_with_units_drawer_and_fabrics
    project = fetch("/api/projects/#{@project.id}")

    assert_equal ["Slack Tide lap quilt", "Tamsin Orrel"], project.values_at("name", "maker")
    assert_equal(["Wave tips", "Shallows", "Corner sails", "Terns", "Keels"], project["units"].map { |unit| unit["label"] })
    assert_equal 5, project["fabrics"].size
    assert_equal @project.id, fetch("/api/projects")["projects"].first["id"]
  end

  # A word that is another one whenever its units would be weighed otherwise, so that a page asks anew.
  def test_what_its_units_are_weighed_by
    told = -> { fetch("/api/projects/#{@project.id}")["weighed_by"] }
    changes = { drawer: -> { @maker.tools.first.update!(retired: true) }, hands: -> { @maker.update!(profile: { "press" => 90 }) },
                fabric: -> { @maker.fabrics.first.update!(document: { "form" => "yardage", "width" => "38" }) },
                seam: -> { @project.update!(seam_allowance: "3/8") } }
    words = [told.call, *changes.values.map { |change| change.call && told.call }]

    assert_equal changes.size + 1, words.uniq.size
    @project.update!(notes: "Other notes")

    assert_equal words.last, told.call
  end

  def test_make_change_and_take_away
    made = send_json("POST", "/api/projects", { "name" => "Eel pond", "seam_allowance" => "6mm" })

    assert_equal [201, "6mm"], [last_response.status, made["seam_allowance"]]
    changed = send_json("PATCH", "/api/projects/#{made['id']}", { "lock_version" => 0, "name" => "Eel weir" })

    assert_equal ["Eel weir", 1], changed.values_at("name", "lock_version")
    delete "/api/projects/#{made['id']}?lock_version=0"

    assert_problem 409
    delete "/api/projects/#{made['id']}?lock_version=1"

    assert_equal 200, last_response.status
    fetch("/api/projects/#{made['id']}")

    assert_problem 404, nil, /no project #{made['id']}/
    back = send_json("POST", "/api/projects/#{made['id']}/back", { "lock_version" => 2 })

    assert_equal ["Eel weir", 3], back.values_at("name", "lock_version")
  end

  def test_a_copy_has_the_units_and_not_the_picks
    send_json("PUT", "/api/units/#{@unit.id}/pick", { "lock_version" => 0, "method" => "rotary/patches", "unit" => @unit.spec })

    assert_equal [5, 1], fetch("/api/projects")["projects"].first.values_at("units_in_all", "units_picked")
    made = send_json("POST", "/api/projects/#{@project.id}/copy", { "name" => "Ebb" })

    assert_equal [201, "Ebb", 5, 0], [last_response.status, *made.values_at("name", "units_in_all", "units_picked")]
    copy, given = [made["id"], @project.id].map { |id| fetch("/api/projects/#{id}")["units"] }

    assert_equal(given.map { |unit| unit.values_at("label", "unit", "fabrics") }, copy.map { |unit| unit.values_at("label", "unit", "fabrics") })
    assert_empty(copy.map { |unit| unit["id"] } & given.map { |unit| unit["id"] })
  end

  # What is put aside comes last; notes may be emptied again.
  def test_put_aside_and_notes
    send_json("POST", "/api/projects", { "name" => "Eel pond", "notes" => "two\nlines" })
    send_json("PATCH", "/api/projects/#{@project.id}", { "lock_version" => 0, "aside" => true })

    assert_equal([["Eel pond", false], ["Slack Tide lap quilt", true]], fetch("/api/projects")["projects"].map { |one| one.values_at("name", "aside") })
    made = fetch("/api/projects")["projects"].first
    changed = send_json("PATCH", "/api/projects/#{made['id']}", { "lock_version" => 0, "notes" => "" })

    assert_equal ["two\nlines", ""], [made["notes"], changed["notes"]]
    send_json("PATCH", "/api/projects/#{made['id']}", { "lock_version" => 1, "aside" => "yes" })

    assert_problem 422, "/aside", /true or false/
  end

  def test_a_stale_change_is_refused
    send_json("PATCH", "/api/projects/#{@project.id}", { "lock_version" => 0, "name" => "One" })
    send_json("PATCH", "/api/projects/#{@project.id}", { "lock_version" => 0, "name" => "Two" })

    assert_equal "One", assert_problem(409)["current"]["name"]
  end

  def test_bad_projects
    send_json("POST", "/api/projects", { "seam_allowance" => "wide" })

    assert_problem 422, "/name", /missing/
    assert_problem 422, "/seam_allowance", /wide/
    send_json("POST", "/api/projects", { "name" => "" })

    assert_problem 422, "/name", /1 to 80/
  end

  def test_addresses_with_nothing_behind_them
    ["/api/projects/999999", "/api/nothing", "/api/units/1"].each do |path|
      fetch(path)

      assert_problem 404
    end
    fetch("/api/projects/x")

    assert_operator last_response.status, :>=, 400
  end
end
