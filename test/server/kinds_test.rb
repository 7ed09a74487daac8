# frozen_string_literal: true

require "support/catalogue"
require "support/server_case"

# Every kind of unit through the server: stored, weighed, picked, found again.
class KindsTest < ServerCase
  def setup
    super
    @maker.tools.destroy_all
    Catalogue::TOOLS.each_with_index { |tool, i| @maker.tools.create!(document: tool, position: i) }
  end

  def store(spec)
    roles = OakenGauge::Units.kinds.fetch(spec["kind"]).roles
    shelf = @maker.fabrics.where("document ->> 'form' = 'yardage'").ids
    fabrics = roles.each_with_index.to_h { |role, i| [role, shelf[i % shelf.size]] }
    send_json("POST", "/api/projects/#{@project.id}/units", { "label" => spec["kind"], "unit" => spec, "fabrics" => fabrics })
  end

  def test_every_kind_is_stored_and_its_best_method_picked
    Catalogue.units(4).uniq { |spec| spec["kind"] }.each do |spec|
      unit = store(spec)

      assert_equal 201, last_response.status, spec.inspect
      best = OakenGauge.weigh(Server::Models::Unit.find(unit["id"]).weigh_document)["methods"].first
      kept = send_json("PUT", "/api/units/#{unit['id']}/pick", { "lock_version" => 0, "method" => best["method"], "unit" => unit["unit"] })

      assert_equal [200, best["method"]], [last_response.status, kept.dig("pick", "method")], spec.inspect
      assert_equal JSON.parse(JSON.generate(best["makes"])), kept["pick"]["answer"]["makes"]
    end
  end

  def test_the_view_of_every_kind_keeps_to_the_contract
    Catalogue.units(4).each do |spec|
      answer = send_json("POST", "/api/weigh?view=full", { "unit" => spec, "tools" => Catalogue::TOOLS })

      assert_equal [200, spec["kind"]], [last_response.status, answer["unit"]["kind"]]
    end
  end

  def test_the_kinds_there_are
    get "/api/kinds"

    assert_equal [200, OakenGauge.kinds], [last_response.status, check]
    # Each can be stored as it stands.
    OakenGauge.kinds["kinds"].each { |kind| assert_equal kind["starter"], store(kind["starter"])["unit"], kind["kind"] }
  end

  def test_where_the_fence_stands
    answer = send_json("POST", "/api/weigh?view=full", { "unit" => { "kind" => "flying_geese", "finished" => %w[2 4], "count" => 3 }, "at" => "1 1/2" })

    assert_equal [["1 1/2", "3"], "1 1/2", "Finished height", ["1 1/2", "3"]],
                 [answer["unit"]["finished"], answer["beam"]["finished"], answer["beam"]["measure"], answer["drawing"]["sides"]]
    send_json("POST", "/api/weigh?view=full", { "unit" => { "kind" => "flying_geese", "finished" => %w[2 4], "count" => 3 }, "at" => "25" })

    assert_problem 422, "/at", /at most 24/
  end

  def test_units_that_the_core_refuses_are_not_stored
    [{ "kind" => "flying_geese", "finished" => %w[2 5], "count" => 1 }, { "kind" => "shape", "outline" => [%w[0 0], %w[1 1]], "count" => 1 },
     { "kind" => "cut_corner", "finished" => "2", "corner" => "2", "corners" => 1, "count" => 1 }].each do |spec|
      store(spec)
      problem = assert_problem(422)

      assert(problem["errors"].all? { |error| error["pointer"].start_with?("/unit/") }, problem.inspect)
    end
    assert_equal 5, @project.units.count
  end
end
