# frozen_string_literal: true

require "support/server_case"

# The database really stopped, and started again.
class OutageTest < ServerCase
  def test_weighing_goes_on_storing_waits_and_nothing_is_lost
    ThrowawayCluster.own do |cluster|
      setup
      go_through_an_outage(cluster)
    end
  end

  # Whoever is signed in has the page all the same, which says what is wrong; whether it is there at all asks no database.
  def test_pages_are_there_for_whoever_is_signed_in
    ThrowawayCluster.own do |cluster|
      setup
      ENV["ACCOUNTS"] = "1"
      account = Server::Models::Account.make("Ada", "tide and table and twine")
      set_cookie "oaken_gauge=#{Server::Models::Session.give(100, account: account)}"
      cluster.stop

      assert_equal([200, 503, 200, 503], ["/alive", "/health", "/tools", "/api/tools"].map { |path| get(path).status })
    ensure
      ENV.delete("ACCOUNTS")
      clear_cookies
      cluster.start
    end
  end

  def go_through_an_outage(cluster)
    cluster.stop
    get "/health"

    assert_equal [503, "gone"], [last_response.status, JSON.parse(last_response.body)["database"]]
    fetch("/api/projects/#{@project.id}")

    assert_problem 503, nil, /not answering/
    send_json("POST", "/api/weigh", { "unit" => @unit.spec })

    assert_equal 200, last_response.status
    cluster.start

    assert_equal "Slack Tide lap quilt", fetch("/api/projects/#{@project.id}")["name"]
  end
end
