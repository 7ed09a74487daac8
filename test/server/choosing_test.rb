# frozen_string_literal: true

require "support/server_case"

# One method for each unit of a project, all together: proposed, held together, and picked at once.
class ChoosingResourceTest < ServerCase
  def choice(body = {})
    send_json("POST", "/api/projects/#{@project.id}/choice", body)
  end

  def worked(job)
    Server::Jobs::Choose.new({}).run(job["id"])
    fetch("/api/choices/#{job['id']}")
  end

  def turn(unit, from, to)
    { "id" => unit.id, "from" => { "method" => from, "unit" => unit.spec }, "to" => { "method" => to, "unit" => unit.spec } }
  end

  def best(unit)
    OakenGauge.weigh(unit.weigh_document)["methods"].first["method"]
  end

  def put_picks(*changes)
    send_json("PUT", "/api/projects/#{@project.id}/picks", { "units" => changes })
  end

  def test_many_units_are_a_job_that_is_asked_once
    job = choice

    assert_equal [202, "waiting", job["id"]], [last_response.status, job["state"], choice["id"]]
    done = worked(job)

    assert_equal "done", done["state"]
    assert_equal @project.units.map(&:label).sort, done["answer"]["picks"].keys.sort
    assert_equal [200, done], [(again = choice) && last_response.status, again]
  end

  def test_few_units_are_answered_at_once_in_the_names_of_the_bench
    @project.units.last(3).each { |unit| unit.update!(removed_at: Time.now) }
    kept = @project.units.first
    send_json("PUT", "/api/units/#{kept.id}/pick", { "lock_version" => 0, "method" => "rotary/patches", "unit" => kept.spec })
    told = choice("keep" => [kept.id])["answer"]

    assert_equal "rotary/patches", told["picks"][kept.label]
    assert_empty told["lengths"].keys - @maker.fabrics.map(&:name) - [Server::Deciding::ANY]
    refute(told["changes"].any? { |change| change["unit"] == kept.label })
    assert(told["changes"].all? { |change| change["from"].nil? && change["to_title"] })
  end

  # Of two picks the one that is named.
  def test_only_the_picks_that_are_to_stay_stay
    first, second = @project.units.first(2)
    [first, second].each { |unit| send_json("PUT", "/api/units/#{unit.id}/pick", { "lock_version" => 0, "method" => best(unit), "unit" => unit.spec }) }
    document = Server::Deciding.new(@project.reload).document({}, [second.id])

    assert_equal({ second.label => best(second) }, document["units"].to_h { |unit| [unit["id"], unit["keep"]] }.compact)
  end

  # Two of one name, eighty letters long, are told apart by their numbers.
  def test_units_of_one_name
    @project.units.first(2).each { |unit| unit.update!(label: "W" * 80) }
    told = worked(choice)["answer"]["picks"].keys

    assert_empty(@project.units.reload.first(2).map { |unit| "#{'W' * 60} (#{unit.id})" } - told)
    assert_equal 5, told.size
  end

  def test_limits_are_read_by_the_core
    choice("limits" => { "tools_at_most" => 0 })

    assert_problem 422, "/limits/tools_at_most", /from 1/
    choice("limits" => { "saws" => 1 })

    assert_problem 422, "/limits/saws", /unknown/
    choice("limits" => { "only_tools" => ["no such"] })

    assert_problem 422, "/limits/only_tools/0", /ids of its tools/
  end

  # All together: a ruler is set once for what has the same line.
  def test_what_picks_come_to
    first, second = @project.units.first(2)
    one = send_json("POST", "/api/projects/#{@project.id}/together", { "picks" => { first.id.to_s => "rotary/patches" } })["figures"]

    assert_equal "Fabric used", one.first["title"]
    both = { first.id.to_s => "rotary/patches", second.id.to_s => best(second) }
    two = send_json("POST", "/api/projects/#{@project.id}/together", { "picks" => both })["figures"]

    assert_operator two.first["text"].to_i, :>, one.first["text"].to_i
    assert_empty send_json("POST", "/api/projects/#{@project.id}/together", { "picks" => {} })["figures"]
  end

  def test_all_are_picked_or_none
    first, second = @project.units.first(2)
    other = best(second)
    kept = put_picks(turn(first, nil, "rotary/patches"), turn(second, nil, other))["units"]

    assert_equal(["rotary/patches", other], kept.map { |unit| unit["pick"]["method"] })
    # One of them stands otherwise by now.
    put_picks(turn(first, "rotary/patches", nil), turn(second, nil, nil))

    assert_equal 409, last_response.status
    assert_match(/\A#{second.label} was changed in another window: it is .* now\. Nothing was changed here\./, JSON.parse(last_response.body)["title"])
    assert_equal 2, Server::Models::Pick.count
    put_picks(turn(first, "rotary/patches", "rotary/stitch_and_flip"), turn(second, other, nil))

    assert_equal [422, 2], [last_response.status, Server::Models::Pick.count]
    back = put_picks(turn(first, "rotary/patches", nil), turn(second, other, nil))["units"]

    assert_equal [nil, nil, 0], [*back.map { |unit| unit["pick"] }, Server::Models::Pick.count]
  end

  def test_units_of_other_projects_are_not_reached
    other = @maker.projects.create!(name: "Other")
    send_json("PUT", "/api/projects/#{other.id}/picks", { "units" => [turn(@unit, nil, "rotary/patches")] })

    assert_equal 404, last_response.status
    send_json("POST", "/api/projects/#{other.id}/choice", {})

    assert_problem 422, "", /no units/
  end
end
