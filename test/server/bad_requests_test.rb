# frozen_string_literal: true

require "support/fuzzing"
require "support/server_case"

# Requests and stored documents that cannot be used.
class BadRequestsTest < ServerCase
  TINY = { "id" => "tiny", "name" => "Tiny cells", "kind" => "foundation_grid", "cell" => "0.01", "columns" => 200, "rows" => 200 }.freeze

  def test_a_stored_tool_that_is_refused_now_is_put_aside_and_blocks_nothing
    @maker.tools.create!(document: TINY, position: 99)
    project = fetch("/api/projects/#{@project.id}")

    refute_includes @project.reload.drawer.map { |tool| tool["id"] }, "tiny"
    assert_equal(["Tiny cells"], project["put_aside"].map { |tool| tool["name"] })
    assert_match(/cell is "0.01": allowed is at least 1/, project["put_aside"].first["say"])
    send_json("PUT", "/api/units/#{@unit.id}/pick", { "method" => "rotary/two_at_a_time", "unit" => @unit.spec, "lock_version" => @unit.lock_version })

    assert_equal 200, last_response.status
  end

  def test_a_tool_beyond_the_limits_is_not_stored
    send_json("POST", "/api/tools", { "tool" => TINY })

    assert_problem 422, "/tool/cell", /no smaller cell/
  end

  def test_a_unit_with_fabrics_that_its_kind_has_not_is_not_stored
    spec = { "kind" => "flying_geese", "finished" => %w[2 4], "count" => 4 }
    shelf = @maker.fabrics.first.id
    send_json("POST", "/api/projects/#{@project.id}/units", { "label" => "A", "unit" => spec, "fabrics" => { "light" => shelf } })

    assert_problem 422, "/fabrics/light", /allowed are goose, sky/
    send_json("PATCH", "/api/units/#{@unit.id}", { "unit" => spec, "lock_version" => @unit.lock_version })

    assert_problem 422, "/fabrics/light", /allowed are goose, sky/
    assert_equal "half_square", @unit.reload.spec["kind"]
    send_json("PATCH", "/api/units/#{@unit.id}", { "unit" => spec, "fabrics" => { "goose" => shelf }, "lock_version" => @unit.lock_version })

    assert_equal [200, { "goose" => shelf }], [last_response.status, @unit.reload.to_document["fabrics"]]
  end

  def test_a_pick_of_another_kind_is_refused
    send_json("PUT", "/api/units/#{@unit.id}/pick",
              { "method" => "rotary/patches", "unit" => { "kind" => "square", "finished" => "2", "count" => 1 }, "lock_version" => @unit.lock_version })

    assert_problem 422, "/unit/kind", /allowed is the unit's own kind, half_square/
  end

  PLAIN = { ["GET", "/api/kinds?a=%", {}] => 400, ["GET", "/api/kinds?a=1&a[b]=2", {}] => 400, ["GET", "/assets/%00", {}] => 400,
            ["GET", "/nowhere/%ff", {}] => 400, ["BREW", "/api/kinds", {}] => 501, ["GET", "/api/nothing", {}] => 404,
            ["GET", "/api/kinds", { "HTTP_HOST" => "evil.example" }] => 403, ["POST", "/api/tools", { "HTTP_ORIGIN" => "http://evil.example" }] => 403,
            ["POST", "/api/tools", { "CONTENT_TYPE" => "multipart/form-data; boundary=x" }] => 415,
            ["DELETE", "/api/units/999999?lock_version=99999999999999999999", {}] => 404 }.freeze

  def test_refusals_are_problem_documents
    PLAIN.each do |(method, address, headers), status|
      answer = Fuzzing.ask(APP, method, address, { "HTTP_HOST" => "localhost", **headers }, "{}")

      assert_equal [status, "application/problem+json"], [answer[0], answer[1]["content-type"]], "#{method} #{address} #{headers}"
      assert_equal status, JSON.parse(answer[2])["status"]
    end
  end

  # In full: bench/fuzz.rb.
  def test_spoilt_requests
    tally = Fuzzing.requests(20_261_126, 1200, APP) do
      setup
      @maker
    end

    assert_equal 1200, tally.select { |key, _| key.is_a?(Integer) }.values.sum
    assert_empty tally.keys.grep(String), tally.inspect
    assert_operator tally[:slowest], :<, Fuzzing::SLOW
  end
end
