# frozen_string_literal: true

require "support/server_case"

# How far a project is: its stations, its home; and the demo, which is one story.
class StandingTest < ServerCase
  def test_stations_say_what_is_open_and_what_is_next
    at = -> { fetch("/api/projects/#{@project.id}/stations") }

    assert_equal ["5 to pick", "units", @unit.id], [at.call["stations"][1]["open"], at.call["next"]["station"], at.call["next_unit"]["id"]]
    send_json("PUT", "/api/units/#{@unit.id}/pick", { lock_version: 0, method: "rotary/two_at_a_time", unit: @unit.spec })

    assert_equal ["4 to pick", @project.units.second.id], [at.call["stations"][1]["open"], at.call["next_unit"]["id"]]
  end

  def test_what_is_short_is_open_at_the_station_where_it_is_bought
    without_quilt
    send_json("PUT", "/api/units/#{@unit.id}/pick", { lock_version: 0, method: "rotary/two_at_a_time", unit: @unit.spec })

    assert_nil fetch("/api/projects/#{@project.id}/stations")["stations"].last["open"]
    @unit.fabrics.each { |fabric| fabric.update!(document: fabric.document.merge("length" => "1")) }
    @maker.tools.reload
    told = fetch("/api/projects/#{@project.id}/stations")

    assert_equal "2 short", told["stations"].last["open"]
    @project.units.where.not(id: @unit.id).destroy_all

    assert_equal({ "say" => "buy 2 fabrics", "station" => "buy" }, fetch("/api/projects/#{@project.id}/stations")["next"])
    @project.reload.update!(aside: true)

    assert_nil fetch("/api/projects/#{@project.id}/stations")["stations"].last["open"]
  end

  def test_units_at_home_with_what_was_picked
    send_json("PUT", "/api/units/#{@unit.id}/pick", { lock_version: 0, method: "rotary/two_at_a_time", unit: @unit.spec })
    told = fetch("/api/projects/#{@project.id}/home")

    assert_equal [@unit.id, "Wave tips", "24", "Two at a time"],
                 [*told["units"].first.values_at("id", "label", "count"), told["units"].first["pick"]["title"]]
    assert_equal "1 of 5", told["totals"]["picked"]
    @project.units.last.update_columns(spec: { "kind" => "hourglass", "finished" => "no size", "count" => 1 })

    assert_match(/cannot be read/, fetch("/api/projects/#{@project.id}/home")["units"].last["say"])
  end

  # The whole drawer, or those of it that the project may use.
  def test_which_line_is_asked_of_the_tools_of_the_project
    laid = -> { fetch("/api/units/#{@unit.id}/line?at=2")["groups"].flat_map { |group| group["layings"] }.map { |one| one["tool"] }.uniq }

    assert_includes laid.call, "steps-triangle"
    @project.update!(tool_keys: %w[long-rule])

    assert_equal %w[long-rule], laid.call
    get "/api/units/#{@unit.id}/line?at=wide"

    assert_problem 422, "/at"
  end

  def test_the_demo_is_one_story
    maker = Server::Demo.load
    Server::Access::Current.maker = maker
    here, aside = maker.projects.to_a
    counted = OakenGauge.quilt(Server::Quilting.new(here, here.quilt).document)

    assert_empty counted["not_counted"]
    assert_equal(counted["units"].map { |unit| made(unit) }.sort, here.units.map { |unit| made(unit.spec.merge("fabrics" => held(unit))) }.sort)
    assert_equal [5, 8], [here.own_progress.picked, here.own_progress.units]
    assert_equal [true, 4, 4], [aside.aside, aside.own_progress.picked, aside.own_progress.units]
    # Of seven fabrics, two are short by no more than a quarter of a yard.
    short = counted["buy"].reject { |fabric| fabric["yards"] == "0" }

    assert_equal(["1/8", "1/8"], short.map { |fabric| fabric["yards"] })
  end

  private

  def without_quilt
    @project.update!(quilt: nil)
    @project.reload
  end

  def made(unit)
    unit.slice("kind", "finished", "count").merge("fabrics" => unit["fabrics"].sort).sort.inspect
  end

  def held(unit)
    unit.unit_fabrics.to_h { |held| [held.role, held.fabric_id.to_s] }
  end
end
