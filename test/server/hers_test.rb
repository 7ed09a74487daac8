# frozen_string_literal: true

require "support/server_case"

# What makes the bench hers: the first start, measures, parts of the drawer, which line, what is missing and promised, drills.
class HersTest < ServerCase
  Maker = Server::Models::Maker

  def pick(unit, method, project = nil)
    send_json("PUT", "/api/units/#{unit.id}/pick", { lock_version: unit.lock_version, method: method, unit: unit.spec })
    project
  end

  def test_a_first_start_asks_and_both_benches_can_be_come_back_to
    @maker.update_columns(came_at: nil)

    assert_equal({ "chosen" => false, "demo" => true, "has_own" => false, "maker_id" => @maker.id, "name" => @maker.name, "project_id" => @project.id }, fetch("/api/start"))
    own = send_json("POST", "/api/start", { bench: "own" })

    assert_equal [true, false, true, nil], own.values_at("chosen", "demo", "has_own", "project_id")
    assert_empty fetch("/api/projects")["projects"]
    send_json("POST", "/api/projects", { name: "First" })
    send_json("POST", "/api/start", { bench: "demo" })

    assert_equal "Slack Tide lap quilt", fetch("/api/projects")["projects"].first["name"]
    send_json("POST", "/api/start", { bench: "own" })

    assert_equal([["First"], 2], [fetch("/api/projects")["projects"].map { |project| project["name"] }, Maker.count])
    send_json("POST", "/api/start", { bench: "other" })

    assert_problem 422, "/bench", /demo/
  end

  # From the other bench nothing of the demo can be reached.
  def test_what_is_on_the_other_bench_cannot_be_found
    send_json("POST", "/api/start", { bench: "own" })
    ["/api/projects/#{@project.id}", "/api/projects/#{@project.id}/missing", "/api/units/#{@unit.id}/templates.pdf",
     "/api/tools/#{@maker.tools.first.id}/template.svg"].each do |path|
      get path

      assert_equal 404, last_response.status, path
    end
    assert_empty fetch("/api/fabrics/promised")["promised"]
  end

  def test_a_project_in_centimetres_is_weighed_in_centimetres
    made = send_json("POST", "/api/projects", { name: "Metric", measure: "cm", seam_allowance: "0.75 cm" })

    assert_equal ["cm", "0.75cm"], made.values_at("measure", "seam_allowance")
    unit = send_json("POST", "/api/projects/#{made['id']}/units", { label: "A", unit: { kind: "half_square", finished: "5cm", count: 4 } })

    assert_equal "cm", Server::Models::Unit.find(unit["id"]).weigh_document["measure"]
    assert_equal "5cm", fetch("/api/kinds?measure=cm")["kinds"].first["starter"]["finished"]
    send_json("PATCH", "/api/projects/#{made['id']}", { lock_version: 0, measure: "ell" })

    assert_problem 422, "/measure", /inch, cm/
  end

  def test_a_project_may_use_a_part_of_the_drawer
    key = @maker.tools.first.key
    send_json("PATCH", "/api/projects/#{@project.id}", { lock_version: @project.lock_version, tool_keys: [key] })

    assert_equal([key], @project.reload.drawer.map { |tool| tool["id"] })
    assert_equal([key], @unit.reload.weigh_document["tools"].map { |tool| tool["id"] })
    send_json("PATCH", "/api/projects/#{@project.id}", { lock_version: @project.reload.lock_version, tool_keys: [] })

    assert_operator @project.reload.drawer.size, :>, 5
  end

  def test_a_retired_tool_is_kept_and_not_used
    tool = @maker.tools.first
    retired = send_json("PATCH", "/api/tools/#{tool.id}", { lock_version: tool.lock_version, retired: true })

    assert_equal [true, tool.key], [retired["retired"], retired["tool"]["id"]]
    refute_includes(@project.reload.drawer.map { |one| one["id"] }, tool.key)
    assert_empty fetch("/api/projects/#{@project.id}")["put_aside"]
  end

  def test_tools_come_with_their_pictures
    tools = fetch("/api/tools")["tools"]

    assert_equal [6.5, 24.0], tools.find { |one| one["tool"]["kind"] == "straight_ruler" }["picture"]["size"]
    assert_operator fetch("/api/tools/usual")["tools"].size, :>, 10
    look = send_json("POST", "/api/tools/look", { tool: OakenGauge.usual_tools.find { |one| one["kind"] == "strip_triangle_ruler" } })

    assert_equal 2, look["readings"].size
    send_json("POST", "/api/tools/look", { tool: { kind: "straight_ruler", id: "a", name: "A", width: "x", length: "24" } })

    assert_problem 422, "/tool/width"
  end

  def test_which_line_is_asked_with_her_own_drawer
    answer = send_json("POST", "/api/which-line", { unit: { kind: "half_square", finished: "2", count: 1 } })

    assert_includes(answer["groups"].first["layings"].map { |laying| laying["tool"] }, @maker.tools.first.key)
    send_json("POST", "/api/which-line", { unit: { kind: "half_square", finished: "two", count: 1 } })

    assert_problem 422, "/unit/finished"
    send_json("POST", "/api/which-line", "[]")

    assert_problem 400
  end

  def test_what_picks_take_is_promised_and_projects_put_aside_take_nothing
    pick(@unit, "rotary/two_at_a_time")
    promised = fetch("/api/fabrics/promised")["promised"]
    used = @unit.unit_fabrics.map { |held| held.fabric_id.to_s }

    assert_empty used - promised.keys # and what the quilt takes besides
    assert_equal @project.name, promised[used.first]["by"].first["project"]
    @project.reload.update!(aside: true)

    assert_empty fetch("/api/fabrics/promised")["promised"]
  end

  def test_what_is_missing_is_looked_for_in_a_project
    answer = fetch("/api/projects/#{@project.id}/missing")

    assert_equal [%w[gains idle unreached], false], [answer["missing"].keys.sort, answer["counting"]]
  end

  def test_drills_are_asked_and_their_results_kept
    drill = fetch("/api/practice")["drills"].first["drill"]

    assert_equal fetch("/api/practice/#{drill}?seed=5"), fetch("/api/practice/#{drill}?seed=5")
    send_json("POST", "/api/practice/#{drill}", { right: 8, asked: 10 })

    assert_equal([[8, 10]], fetch("/api/practice")["drills"].first["results"].map { |result| result.values_at("right", "asked") })
    send_json("POST", "/api/practice/#{drill}", { right: 11, asked: 10 })

    assert_problem 422, "/right"
    send_json("POST", "/api/practice/juggling", { right: 1, asked: 10 })

    assert_problem 404
    get "/api/practice/juggling"

    assert_problem 404
  end
end
