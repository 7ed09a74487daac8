# frozen_string_literal: true

require "support/server_case"

# What can be stored can be written out and read in again: limits hold at the moment of adding.
class LimitsTest < ServerCase
  SPEC = { "kind" => "half_square", "finished" => "2", "count" => 12 }.freeze

  def fill(model, count, **attributes)
    rows = Array.new(count) { |i| yield(i).merge(attributes) }
    model.insert_all!(rows)
  end

  def test_no_unit_beyond_what_a_file_holds
    fill(Server::Models::Unit, 400 - @project.units.count, project_id: @project.id) { |i| { label: "U#{i}", spec: SPEC, position: i } }
    send_json("POST", "/api/projects/#{@project.id}/units", { "label" => "One more", "unit" => SPEC })

    assert_problem 422, nil, /A project holds at most 400 units/
    send_json("POST", "/api/projects/#{@project.id}/units/counted", { "units" => [{ "label" => "Q: one", "unit" => SPEC.merge("finished" => "3"), "fabrics" => {} }] })

    assert_problem 422, nil, /at most 400 units/
    assert_equal 400, @project.units.reload.count
    get "/api/bench"

    assert_equal 200, last_response.status
  end

  # One that was removed makes room, and does not come back where that is taken.
  def test_a_unit_that_is_put_back_counts
    fill(Server::Models::Unit, 400 - @project.units.count, project_id: @project.id) { |i| { label: "U#{i}", spec: SPEC, position: i } }
    delete "/api/units/#{@unit.id}?lock_version=#{@unit.lock_version}"
    send_json("POST", "/api/projects/#{@project.id}/units", { "label" => "In its place", "unit" => SPEC })

    assert_equal 201, last_response.status
    send_json("POST", "/api/units/#{@unit.id}/back", { "lock_version" => @unit.reload.lock_version })

    assert_problem 422, nil, /at most 400 units/
  end

  def test_no_tool_and_no_fabric_beyond_it
    fill(Server::Models::Fabric, 2000 - @maker.fabrics.count, maker_id: @maker.id) do |i|
      { name: "F#{i}", colour: "#888888", weave: "plain", document: { "form" => "yardage" } }
    end
    send_json("POST", "/api/fabrics", { "name" => "More", "fabric" => { "form" => "yardage" } })

    assert_problem 422, nil, /A bench holds at most 2000 fabrics/
    fill(Server::Models::Tool, 500 - @maker.tools.count, maker_id: @maker.id) do |i|
      { key: "t#{i}", position: i, document: { "kind" => "die_press", "id" => "t#{i}", "name" => "T", "bed_width" => "6" } }
    end
    send_json("POST", "/api/tools", { "tool" => { "kind" => "die_press", "id" => "more", "name" => "More", "bed_width" => "6" } })

    assert_problem 422, nil, /at most 500 tools/
    get "/api/bench"

    assert_equal 200, last_response.status
  end
end
