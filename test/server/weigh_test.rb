# frozen_string_literal: true

require "support/server_case"

class WeighTest < ServerCase
  ASKED = { "unit" => { "kind" => "half_square", "finished" => "2", "count" => 24 } }.freeze

  def test_answers_what_the_core_answers
    assert_equal JSON.parse(JSON.generate(OakenGauge.weigh(ASKED))), send_json("POST", "/api/weigh", ASKED)
  end

  def test_the_full_view_adds_words_drawings_and_the_beam
    answer = send_json("POST", "/api/weigh?view=full", ASKED.merge("tools" => @maker.tools.map(&:document)))

    assert_equal ["Strip-number triangle", "2 1/2"], answer["beam"]["rows"].find { |row| row["reads"] == "strip" }.values_at("name", "locked")
    feasible = answer["methods"].select { |method| method["feasible"] }

    assert(feasible.all? { |method| method["steps"].any? && method["drawings"].keys == %w[light dark] })
    assert_equal(%w[light dark], answer["drawing"]["patches"].map { |patch| patch["role"] })
  end

  def test_her_profile_and_what_counts_for_her
    quick = send_json("POST", "/api/weigh?view=full", ASKED.merge("maker" => { "press" => 90, "starched" => true }, "priorities" => { "fabric" => 0, "accuracy" => 0, "surplus" => 0 }))
    minutes = quick["methods"].filter_map { |method| method.dig("effort", "minutes") }

    # What comes near is as good; nothing slower by a tenth stands above.
    minutes.each_cons(2) { |first, second| assert_operator first, :<, 1.1 * second }
    assert(quick["methods"].select { |method| method["feasible"] }.all? { |method| method["why"].length > 20 && method["accuracy"]["by_step"].all? { |part| part["say"] } })
  end

  def test_bad_makers_are_named_by_pointer
    send_json("POST", "/api/weigh", ASKED.merge("maker" => { "errors" => { "die" => "thin" } }, "priorities" => { "time" => 101 }))

    assert_problem 422, "/maker/errors/die", /thin/
    assert_problem 422, "/priorities/time", /101/
  end

  def test_bad_documents_are_named_by_pointer
    send_json("POST", "/api/weigh", { "unit" => { "kind" => "half_square", "finished" => "5 ft", "count" => 0 }, "hat" => 1 })

    assert_problem 422, "/unit/finished", /5 ft/
    assert_problem 422, "/unit/count", /is 0/
    assert_problem 422, "/hat", /unknown key/
  end

  def test_broken_json
    send_json("POST", "/api/weigh", "{")

    assert_problem 400
  end

  def test_a_body_that_is_too_large
    send_json("POST", "/api/weigh", "x" * (Server::Middleware::BodyLimit::LARGEST + 1))

    assert_problem 413, nil, /at most 512 KB/
  end

  def test_a_large_body_without_a_stated_length
    env = Rack::MockRequest.env_for("/api/weigh", method: "POST", input: StringIO.new("x" * 600_000))
    env.delete("CONTENT_LENGTH")

    assert_equal 413, Server::Middleware::BodyLimit.new(->(_) { [200, {}, []] }).call(env).first
  end

  # A window may end while they are counted; two cannot.
  def test_too_many_requests
    ((2 * Server::Throttle::REQUESTS) + 1).times { get("/api/none").status == 429 ? break : next }

    assert_problem 429
  end

  # By hand: what a document of the whole drawer says, for 30 at 3 inches and fabric twice as important.
  def test_a_unit_as_it_is_stored
    asked = "at=3&count=30&priorities[fabric]=2&priorities[time]=0"
    answer = send_json("GET", "/api/units/#{@unit.id}/weighing?view=fence&#{asked}")
    document = @unit.weigh_document(@unit.spec.merge("count" => 30)).merge("at" => "3", "priorities" => { "fabric" => 2, "time" => 0 })

    assert_equal JSON.parse(JSON.generate(OakenGauge.weigh(document, view: :fence))), answer
    assert_equal 30, answer["unit"]["count"]
    assert_equal "3", answer["fence"]["finished"]
    refute answer.key?("beam")
  end

  def test_the_beam_comes_apart_and_says_the_same_at_the_fence
    beam = send_json("GET", "/api/units/#{@unit.id}/beam?at=2+1/16")
    fence = send_json("GET", "/api/units/#{@unit.id}/weighing?view=fence&at=2+1/16")["fence"]

    assert_equal beam["rows"].map { |row| row.slice("tool", "side", "role", "locked", "gaps") }, fence["rows"]
    assert_equal beam.slice("finished", "at"), fence.slice("finished", "at")
  end

  def test_what_cannot_be_is_named_by_where_it_stands
    send_json("GET", "/api/units/#{@unit.id}/weighing?at=wide&count=many&priorities[fabric]=a+lot")

    assert_equal 422, last_response.status
    assert_equal %w[/at /priorities/fabric /unit/count], JSON.parse(last_response.body)["errors"].map { |fault| fault["pointer"] }.sort
    send_json("GET", "/api/units/#{@unit.id}/weighing?count=0&left=3")

    assert_equal(["/unit/count"], JSON.parse(last_response.body)["errors"].map { |fault| fault["pointer"] })
  end

  def test_only_plain_numbers_are_numbers
    { "count=0x1A" => "/unit/count", "count=1e3" => "/unit/count", "count=1_0" => "/unit/count", "priorities[time]=1e999" => "/priorities/time" }
      .each do |query, pointer|
        send_json("GET", "/api/units/#{@unit.id}/weighing?#{query}")

        assert_equal([pointer], JSON.parse(last_response.body)["errors"].map { |fault| fault["pointer"] }, query)
      end
  end

  def test_what_matters_is_said_by_name
    ["priorities=2", "priorities[a][b]=2", "priorities[]=2", "at[a]=2"].each do |query|
      send_json("GET", "/api/units/#{@unit.id}/weighing?#{query}")

      assert_includes [400, 422], last_response.status, query
    end
  end

  def test_only_of_units_that_are_there_and_hers
    @unit.update!(removed_at: Time.now)
    %w[weighing beam].each { |what| send_json("GET", "/api/units/#{@unit.id}/#{what}") && assert_problem(404, nil, /unit/) }
  end
end
