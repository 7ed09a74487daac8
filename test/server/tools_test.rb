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
    delete "/api/tools/#{made['id']}"

    assert_equal 11, @maker.tools.count
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
