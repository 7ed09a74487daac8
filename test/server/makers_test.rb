# frozen_string_literal: true

require "support/server_case"

class MakersResourceTest < ServerCase
  def patch_maker(**body)
    send_json("PATCH", "/api/maker", { "lock_version" => @maker.reload.lock_version, **body.transform_keys(&:to_s) })
  end

  def parameter(document, name)
    document["parameters"].find { |one| one["name"] == name }
  end

  def test_every_value_says_what_it_means_and_where_it_is_from
    maker = fetch("/api/maker")

    assert_equal OakenGauge::Makers::Parameters.all.size, maker["parameters"].size
    assert(maker["parameters"].all? { |one| one["title"].length > 2 && one["meaning"].length > 8 && one["value"] >= 0 })
    assert_equal [0.013, "measured", 24, 0.015], parameter(maker, "seam_foot").values_at("value", "basis", "count", "assumed")
    assert_equal [0.006, "assumed", nil], parameter(maker, "die").values_at("value", "basis", "count")
    assert_equal(%w[school margin narrow_seam trim_sides marking layers pressing large_square numbers corners starched bonus], maker["choices"].map { |one| one["name"] })
    assert_equal "1/8", maker["choices"][1]["value"]
  end

  def test_a_measured_value_is_kept_and_weighed_with
    profile = @maker.profile.merge("errors" => { "die" => { "value" => 0.02, "count" => 9 } }, "trim_sides" => 2)
    maker = patch_maker(profile: profile)

    assert_equal [0.02, "measured", 9], parameter(maker, "die").values_at("value", "basis", "count")
    assert_equal 2, maker["choices"].find { |one| one["name"] == "trim_sides" }["value"]
    assert_equal profile, fetch("/api/projects/#{@project.id}")["profile"]
    assert_equal profile, @unit.reload.weigh_document["maker"]
  end

  def test_priorities_are_kept
    patch_maker(priorities: { "fabric" => 0, "ease" => 4 })

    # What she left out has its usual weight.
    assert_equal({ "fabric" => 0, "time" => 1, "accuracy" => 1, "surplus" => 1, "ease" => 4 }, fetch("/api/projects/#{@project.id}")["priorities"])
    assert_equal @maker.reload.profile, fetch("/api/maker")["profile"]
  end

  def test_bad_values_are_named_and_nothing_is_stored
    before = @maker.reload.attributes
    patch_maker(profile: { "errors" => { "die" => 3, "hat" => 1 }, "press" => "slow", "school" => "mine" }, priorities: { "cloth" => 1, "time" => -1 })

    assert_problem 422, "/profile/errors/die", /is 3: allowed is a number from 0 to 1/
    assert_problem 422, "/profile/errors/hat", /unknown key/
    assert_problem 422, "/profile/press", /slow/
    assert_problem 422, "/profile/school", /either, exact, oversize, narrow/
    assert_problem 422, "/priorities/cloth", /unknown key/
    assert_problem 422, "/priorities/time", /-1/
    assert_equal before, @maker.reload.attributes
  end

  def test_a_profile_that_is_none
    ["fast", [1], 7].each do |profile|
      patch_maker(profile: profile)

      assert_problem 422, "/profile"
    end
  end

  def test_two_windows
    seen = @maker.reload.lock_version
    patch_maker(priorities: { "time" => 3 })
    send_json("PATCH", "/api/maker", { "lock_version" => seen, "priorities" => { "time" => 0 } })

    assert_equal 3, assert_problem(409)["current"]["priorities"]["time"]
    assert_equal({ "time" => 3 }, @maker.reload.priorities)
  end

  def test_a_pick_is_weighed_as_she_works
    patch_maker(profile: { "starched" => true }, priorities: { "time" => 1, "fabric" => 0, "accuracy" => 0, "surplus" => 0 })
    picked = send_json("PUT", "/api/units/#{@unit.id}/pick", { "lock_version" => @unit.reload.lock_version, "method" => "rotary/patches", "unit" => @unit.spec })
    expected = OakenGauge.weigh(@unit.reload.weigh_document)["methods"].find { |method| method["method"] == "rotary/patches" }

    assert_equal expected["accuracy"]["size_sd"], picked["pick"]["answer"]["accuracy"]["size_sd"]
    assert_equal expected["rank"], picked["pick"]["answer"]["rank"]
  end
end
