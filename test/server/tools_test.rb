# frozen_string_literal: true

require "support/server_case"

class ToolsResourceTest < ServerCase
  RULER = { "id" => "small", "name" => "Small rule", "kind" => "straight_ruler", "width" => "3", "length" => "12.5" }.freeze

  def test_make_change_and_take_away
    made = send_json("POST", "/api/tools", { "tool" => RULER })

    assert_equal [201, "12 1/2"], [last_response.status, made["tool"]["length"]]
    changed = send_json("PATCH", "/api/tools/#{made['id']}", { "lock_version" => 0, "tool" => RULER.merge("name" => "Tiny rule") })

    assert_equal "Tiny rule", changed["tool"]["name"]
    assert_equal 12, fetch("/api/tools")["tools"].size
    delete "/api/tools/#{made['id']}?lock_version=0"

    assert_problem 409
    delete "/api/tools/#{made['id']}?lock_version=1"

    assert_equal [204, 11], [last_response.status, @maker.tools.count]
    delete "/api/tools/#{@maker.tools.first.id}"

    assert_equal [400, 11], [last_response.status, @maker.tools.count] # which one was seen has to be said
  end

  # Two windows add a tool with one id at the same time: the one that comes second is told, and nothing is lost.
  def test_one_id_at_the_same_time
    answers = Array.new(8) { Thread.new { Rack::MockRequest.new(APP).post("/api/tools", at_once) } }.map { |thread| thread.value.status }

    assert_equal 1, answers.count(201)
    assert_empty answers - [201, 409, 422]
    assert_equal 1, @maker.tools.where(key: "small").count
  end

  def at_once
    { "HTTP_HOST" => "localhost", "CONTENT_TYPE" => "application/json", :input => JSON.generate({ "tool" => RULER }) }
  end

  # Another maker's tools and units are not there.
  def test_what_is_another_makers_cannot_be_found
    other = Server::Importer.new(JSON.parse(File.read(DEMO))).import
    tool = other.tools.first
    unit = other.projects.first.units.first
    delete "/api/tools/#{tool.id}?lock_version=0"

    assert_problem 404
    [["PATCH", "/api/units/#{unit.id}"], ["PUT", "/api/units/#{unit.id}/pick"], ["POST", "/api/units/#{unit.id}/back"]].each do |method, path|
      send_json(method, path, { "lock_version" => 0, "label" => "Mine", "method" => "rotary/patches", "unit" => unit.spec }.slice(*keys_of(path)))

      assert_problem 404
    end
    delete "/api/units/#{unit.id}?lock_version=0"

    assert_problem 404
  end

  def keys_of(path)
    return %w[lock_version method unit] if path.end_with?("pick")

    path.end_with?("back") ? %w[lock_version] : %w[lock_version label]
  end

  def test_bad_tools_are_named_by_pointer
    send_json("POST", "/api/tools", { "tool" => RULER.merge("width" => "0", "length" => nil) })

    assert_problem 422, "/tool/width", /more than 0/
    send_json("POST", "/api/tools", { "tool" => RULER.merge("id" => "die-2") })

    assert_problem 422, "/tool/id", /another tool/
  end

  def test_a_stale_tool_is_refused
    tool = @maker.tools.first
    tool.touch
    send_json("PATCH", "/api/tools/#{tool.id}", { "lock_version" => 0, "tool" => RULER })

    assert_problem 409
  end
end
