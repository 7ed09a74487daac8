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
