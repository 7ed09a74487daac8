# frozen_string_literal: true

require "support/server_case"

# Steps at the bench, and the place in a list that is kept for every device.
class StepsTest < ServerCase
  def test_the_steps_of_a_pick_have_one_number_each
    get "/api/units/#{@unit.id}/steps"

    assert_problem 404, nil, /No method is picked for Wave tips/
    send_json("PUT", "/api/units/#{@unit.id}/pick", { lock_version: 0, method: "rotary/two_at_a_time", unit: @unit.spec })
    told = fetch("/api/units/#{@unit.id}/steps")
    strip = told["steps"].find { |step| step["title"] == "Cut strips" }

    # A half-square of 2 is cut from squares of 2 7/8, sewn to 2 1/2; an edge is squared up so many times.
    assert_equal ["2 7/8", "cut"], strip.values_at("number", "shown")
    assert_equal ["2 1/2", "cut"], told["steps"].last.values_at("number", "shown")
    assert_equal "count", told["steps"].first["shown"]
    assert_includes told["steps"].map { |step| step["care"] }, "Needle: hands clear; foot off the pedal to thread."
    assert_equal(told["steps"].map { |step| step["say"] }, told["drawn"].map { |step| step["say"] })
  end

  def test_the_steps_of_any_method_are_drawn_where_the_fence_stands
    drawn = fetch("/api/units/#{@unit.id}/steps/drawn?method=rotary/two_at_a_time&at=3&count=4")["drawn"]
    strip = drawn.find { |step| step["step"] == "cut_strip" }

    # A half-square of 3 is cut from squares of 3 7/8.
    assert_equal "Cut 2 strips 3 7/8 wide.", strip["say"]
    assert_equal(["3 7/8", "3 7/8"], strip["drawing"]["labels"].map { |label| label["text"] })
    assert_empty fetch("/api/units/#{@unit.id}/steps/drawn?method=nothing")["drawn"]
    get "/api/units/#{@unit.id}/steps/drawn?method=rotary/patches&at=nonsense"

    assert_problem 422, "/at", /nonsense/
  end

  def test_her_place_is_kept_by_list_and_by_maker
    assert_equal 0, fetch("/api/bookmark?list=unit%201")["step"]
    send_json("PUT", "/api/bookmark", { list: "unit 1", step: 6 })
    send_json("PUT", "/api/bookmark", { list: "unit 1", step: 7 })

    assert_equal [7, 0], [fetch("/api/bookmark?list=unit%201")["step"], fetch("/api/bookmark?list=unit%202")["step"]]
    assert_equal 1, @maker.bookmarks.count
    [{ list: "x", step: -1 }, { list: "x", step: "two" }, { list: "", step: 1 }, { list: "x" * 201, step: 1 }, { list: "x" }].each do |body|
      send_json("PUT", "/api/bookmark", body)

      assert_includes [400, 422], last_response.status, body
    end
  end

  def test_what_she_has_not_been_at_for_longest_goes_first
    kept = Server::Models::Bookmark::KEPT
    now = Time.now
    rows = Array.new(kept) { |i| { maker_id: @maker.id, list: "l#{i}", step: 1, created_at: now, updated_at: now - i } }
    Server::Models::Bookmark.insert_all!(rows)
    Server::Models::Bookmark.put(@maker, "new", 3)

    assert_equal [kept, 3, 0], [@maker.bookmarks.count, Server::Models::Bookmark.of(@maker, "new"), Server::Models::Bookmark.of(@maker, "l#{kept - 1}")]
  end

  def test_methods_are_held_against_one_another
    told = fetch("/api/units/#{@unit.id}/held?methods=rotary/two_at_a_time,rotary/patches&count=24")

    assert_equal(["Two at a time", "Single patches, rotary cut"].sort, told["methods"].map { |one| one["title"] }.sort)
    assert_equal %w[accuracy count ease fabric size surplus time], told["overtakes"].map { |one| one["over"] }.sort
    ["", "rotary/patches", "a,b,c,d"].each do |methods|
      get "/api/units/#{@unit.id}/held?methods=#{methods}"

      assert_problem 422, "/methods", /two or three/
    end
  end

  def test_who_is_first_at_each_size_and_weight
    told = fetch("/api/units/#{@unit.id}/turning?from=1&to=3")

    assert_equal %w[1 3], [told["intervals"].first["from"], told["intervals"].last["to"]]
    assert_equal [1.0, 3.0], [told["intervals"].first["span"].first, told["intervals"].last["span"].last]
    weights = fetch("/api/units/#{@unit.id}/turning/priorities?at=3")["priorities"]

    assert_equal %w[accuracy ease fabric surplus time], weights.keys.sort
    weights.each_value { |one| assert_equal [0.0, 100.0], [one["intervals"].first["from"], one["intervals"].last["to"]] }
    get "/api/units/#{@unit.id}/turning"

    assert_problem 422, "/over/size/0"
  end
end
