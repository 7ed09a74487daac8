# frozen_string_literal: true

require "support/server_case"

# Several makers at one bench: each window says by its address whose it works at.
class MakersAtTheBenchTest < ServerCase
  def bench_of(maker, path)
    get "/api/makers/#{maker.id}/#{path}"
    JSON.parse(last_response.body)
  end

  def add(name)
    Server::Models::Maker.find(send_json("POST", "/api/makers", { "name" => name })["id"])
  end

  def remove(maker)
    header "Content-Type", nil
    delete "/api/makers/#{maker.id}?lock_version=#{maker.reload.lock_version}"
    check
  end

  def test_each_has_her_own
    bea = add("Bea")

    assert_equal [[], [], []], [bench_of(bea, "tools")["tools"], bench_of(bea, "fabrics")["fabrics"], bench_of(bea, "projects")["projects"]]
    header "Content-Type", "application/json"
    post "/api/makers/#{bea.id}/projects", JSON.generate("name" => "Harbour")

    assert_equal 201, last_response.status
    assert_equal(["Harbour"], bench_of(bea, "projects")["projects"].map { |one| one["name"] })
    refute_includes(bench_of(@maker, "projects")["projects"].map { |one| one["name"] }, "Harbour")
  end

  # What is hers is found at no other bench, whatever its number.
  def test_nothing_is_shared
    bea = add("Bea")
    ["projects/#{@project.id}", "projects/#{@project.id}/missing", "blocks/#{@maker.blocks.first.id}"].each do |path|
      bench_of(bea, path)

      assert_equal 404, last_response.status, path
    end
    header "Content-Type", "application/json"
    patch "/api/makers/#{bea.id}/units/#{@unit.id}", JSON.generate("lock_version" => @unit.lock_version, "label" => "Hers")

    assert_equal [404, "Wave tips"], [last_response.status, @unit.reload.label]
  end

  def test_whoever_comes_elsewhere_leaves_the_others_where_they_are
    bea = add("Bea")
    send_json("POST", "/api/start", { "maker" => bea.id })

    assert_equal bea.id, fetch("/api/start")["maker_id"]
    assert_equal @maker.id, bench_of(@maker, "start")["maker_id"]
    assert_equal @project.id, bench_of(@maker, "projects/#{@project.id}")["id"]
  end

  def test_renamed_removed_and_put_back
    bea = add("Bea")
    renamed = send_json("PATCH", "/api/makers/#{bea.id}", { "name" => "Beatrix", "lock_version" => 0 })

    assert_equal [200, "Beatrix"], [last_response.status, renamed["name"]]
    stale = send_json("PATCH", "/api/makers/#{bea.id}", { "name" => "Bee", "lock_version" => 0 })

    assert_equal [409, "Beatrix"], [last_response.status, stale["current"]["name"]]
    removed = remove(bea)

    refute_includes fetch("/api/makers")["makers"].map { |one| one["id"] }, bea.id
    bench_of(bea, "projects")

    assert_equal 404, last_response.status
    send_json("POST", "/api/makers/#{bea.id}/back", { "lock_version" => removed["lock_version"] })

    assert_includes fetch("/api/makers")["makers"].map { |one| one["name"] }, "Beatrix"
  end

  def test_the_last_one_stays
    assert_match(/last one/, remove(@maker)["title"])
    assert_equal 422, last_response.status
  end

  # A link to one of her projects does not hold any more, even when she is put back.
  def test_what_a_removed_maker_showed_is_shown_no_more
    add("Bea")
    word = send_json("POST", "/api/projects/#{@project.id}/link", {})["path"].split("/").last
    row = remove(@maker)
    get "/api/shown/#{word}"

    assert_equal 404, last_response.status
    send_json("POST", "/api/makers/#{@maker.id}/back", { "lock_version" => row["lock_version"] })
    get "/api/shown/#{word}"

    assert_equal 404, last_response.status
  end

  def test_twenty_are_enough
    (1..19).each { |i| Server::Models::Maker.create!(name: "Maker #{i}") }
    refused = send_json("POST", "/api/makers", { "name" => "One more" })

    assert_equal [422, 20], [last_response.status, Server::Models::Maker.count]
    assert_match(/20 makers/, refused["title"])
  end

  def test_pages_say_whose_they_are
    { "/" => "/makers/#{@maker.id}", "/tools?add=die" => "/makers/#{@maker.id}/tools?add=die", "/makers/999999/tools" => "/makers/#{@maker.id}/makers" }.each do |from, to|
      get from

      assert_equal [302, to], [last_response.status, URI(last_response.headers["location"]).request_uri], from
    end
    other = add("Bea").tap(&:come)
    get "/projects/#{@project.id}/quilt"

    assert_equal "/makers/#{@maker.id}/projects/#{@project.id}/quilt", URI(last_response.headers["location"]).path
    get "/makers/#{other.id}"

    assert_equal 200, last_response.status
  end
end
