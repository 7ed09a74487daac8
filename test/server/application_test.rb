# frozen_string_literal: true

require "support/server_case"

# What every request passes through.
class ApplicationTest < ServerCase
  # Whichever of its models has been used before.
  def test_health_asks_the_database
    Dir[File.join(Server::ROOT, "server/models/*.rb")].each { |file| Server::Models.const_get(File.basename(file, ".rb").split("_").map(&:capitalize).join) }

    assert_equal({ "status" => "well", "database" => "answering", "disk" => "unknown" }, fetch("/health"))
  end

  def test_the_policy_lets_in_nothing_from_outside_and_no_inline_script
    get "/health"
    policy = last_response.headers["content-security-policy"]

    assert_match(/default-src 'none'/, policy)
    assert_match(/script-src 'self';/, policy)
    refute_match(/unsafe/, policy)
    assert_equal "nosniff", last_response.headers["x-content-type-options"]
  end

  def test_each_answer_has_a_nonce_of_its_own
    nonces = Array.new(2) { get("/health").headers["content-security-policy"][/nonce-([^']+)/, 1] }

    assert_equal 2, nonces.uniq.size
  end

  def test_strange_hosts_and_strange_pages_are_refused
    header "Host", "bench.example"
    get "/health"

    assert_equal 403, last_response.status
    header "Host", "localhost"
    header "Origin", "http://elsewhere.example"
    post "/api/projects", '{"name":"x"}', "CONTENT_TYPE" => "application/json"

    assert_equal 403, last_response.status
  end

  # What a client says of where it comes from is not believed, unless a proxy that is named passes it on.
  def test_whoever_is_connected_is_counted
    env = { "REMOTE_ADDR" => "192.0.2.7", "HTTP_X_FORWARDED_FOR" => "198.51.100.1, 203.0.113.9" }

    assert_equal "192.0.2.7", Server::Throttle.address(env)
    assert_equal "127.0.0.1", Server::Throttle.address(env.merge("REMOTE_ADDR" => "127.0.0.1"))
    ENV["PROXIES"] = "192.0.2.7, 203.0.113.9"

    assert_equal "198.51.100.1", Server::Throttle.address(env)
    assert_equal "192.0.2.7", Server::Throttle.address(env.except("HTTP_X_FORWARDED_FOR"))
    assert_equal "127.0.0.1", Server::Throttle.address(env.merge("REMOTE_ADDR" => "127.0.0.1"))
  ensure
    ENV.delete("PROXIES")
  end

  def test_a_client_that_changes_its_name_is_held_back_all_the_same
    told = Array.new((2 * Server::Throttle::REQUESTS) + 1) do |i|
      get("/api/none", {}, "HTTP_X_FORWARDED_FOR" => "198.51.100.#{i % 250}").status
    end

    assert_equal 429, told.last
  end

  def test_a_request_is_logged_as_one_line_of_json
    LOG.truncate(0)
    LOG.rewind
    get "/health"
    line = JSON.parse(LOG.string)

    assert_equal ["GET", "/health", 200], line.values_at("method", "path", "status")
  end

  def test_what_fails_inside_shows_no_trace
    log = StringIO.new
    failing = Server::Middleware::RequestLog.new(->(_) { raise "secret at line 7" }, log)
    status, headers, body = failing.call(Rack::MockRequest.env_for("/"))

    assert_equal [500, "application/problem+json"], [status, headers["content-type"]]
    refute_match(/secret/, body.join)
    assert_match(/secret/, log.string)
  end

  def test_a_database_that_went_away_is_said_and_waited_for
    gone = Server::Middleware::RequestLog.new(->(_) { raise ActiveRecord::ConnectionNotEstablished }, StringIO.new)
    status, headers, = gone.call(Rack::MockRequest.env_for("/"))

    assert_equal [503, "2"], [status, headers["retry-after"]]
  end

  # What is asked before anybody comes is in no log, and ends where the database is away.
  def test_it_asks_itself_beforehand
    LOG.truncate(0)
    LOG.rewind

    assert_predicate Server::Beforehand.new(APP), :asked?
    assert_empty LOG.string
    asked = []
    away = ->(env) { (asked << env["PATH_INFO"]) && [asked.size == 3 ? 503 : 200, {}, []] }

    refute_predicate Server::Beforehand.new(away), :asked?
    assert_equal Server::Beforehand::ASKED.first(3), asked
  end
end
