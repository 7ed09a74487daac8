# frozen_string_literal: true

require "support/server_case"

class ProjectsTest < ServerCase
  def test_a_project_comes_with_units_drawer_and_fabrics
    project = fetch("/api/projects/#{@project.id}")

    assert_equal ["Slack Tide lap quilt", "Tamsin Orrel"], project.values_at("name", "maker")
    assert_equal(["Wave tips", "Shallows", "Corner sails", "Terns", "Keels"], project["units"].map { |unit| unit["label"] })
    assert_equal [11, 5], [project["drawer"].size, project["fabrics"].size]
    assert_equal @project.id, fetch("/api/projects")["projects"].first["id"]
  end

  def test_make_change_and_take_away
    made = send_json("POST", "/api/projects", { "name" => "Eel pond", "seam_allowance" => "6mm" })

    assert_equal [201, "6mm"], [last_response.status, made["seam_allowance"]]
    changed = send_json("PATCH", "/api/projects/#{made['id']}", { "lock_version" => 0, "name" => "Eel weir" })

    assert_equal ["Eel weir", 1], changed.values_at("name", "lock_version")
    delete "/api/projects/#{made['id']}?lock_version=0"

    assert_problem 409
    delete "/api/projects/#{made['id']}?lock_version=1"

    assert_equal 204, last_response.status
    fetch("/api/projects/#{made['id']}")

    assert_problem 404, nil, /no project #{made['id']}/
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
