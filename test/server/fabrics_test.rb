# frozen_string_literal: true

require "support/server_case"

class FabricsResourceTest < ServerCase
  NEW = { "name" => "Wet sand", "colour" => "#C2B280", "weave" => "slub", "fabric" => { "form" => "yardage", "usable_width" => "42.5" } }.freeze

  def test_make_change_and_remove
    made = send_json("POST", "/api/fabrics", NEW)

    assert_equal [201, "#c2b280", "42 1/2"], [last_response.status, made["colour"], made["fabric"]["usable_width"]]
    changed = send_json("PATCH", "/api/fabrics/#{made['id']}", { "lock_version" => 0, "name" => "Dry sand" })

    assert_equal ["Dry sand", 1], changed.values_at("name", "lock_version")
    delete "/api/fabrics/#{made['id']}?lock_version=0"

    assert_problem 409
    delete "/api/fabrics/#{made['id']}?lock_version=1"

    assert_equal [204, 5], [last_response.status, fetch("/api/fabrics")["fabrics"].size]
  end

  def test_looks_may_be_left_out
    made = send_json("POST", "/api/fabrics", NEW.slice("name", "fabric"))

    assert_equal %w[plain], made.values_at("weave")
  end

  def test_bad_fabrics_are_named_by_pointer
    send_json("POST", "/api/fabrics", { "name" => " ", "colour" => "red", "weave" => "velvet", "fabric" => { "form" => "strips" } })

    assert_problem 422, "/name", /text of 1 to 80/
    assert_problem 422, "/colour", /red.*a colour such as #1c5aa8/
    assert_problem 422, "/weave", /plain, twill/
    assert_problem 422, "/fabric/width", /missing/
    assert_equal 5, @maker.fabrics.count
  end

  # A unit that was removed may be put back, and needs its fabric then.
  def test_what_a_unit_uses_stays
    fabric = @unit.fabrics.first
    delete "/api/fabrics/#{fabric.id}?lock_version=0"

    assert_problem 422, nil, /used by Wave tips.*give them another fabric first/
    @project.units.each { |unit| unit.update!(removed_at: Time.now) }
    delete "/api/fabrics/#{fabric.id}?lock_version=0"

    assert_problem 422
    assert_equal 5, @maker.fabrics.count
  end
end
