# frozen_string_literal: true

require "support/server_case"

# Whoever guesses at a passphrase: every guess counts, from wherever, and nobody else is locked out by it.
class GuessingTest < ServerCase
  PASSPHRASE = "tide and table and twine"
  WRONG = "not the one it is"

  def setup
    super
    ENV["ACCOUNTS"] = "1"
    @account = Server::Models::Account.make("Ada", PASSPHRASE)
    Server::Models::Account.make("Bea", PASSPHRASE)
  end

  def teardown
    ENV.delete("ACCOUNTS")
    clear_cookies
  end

  def sign_in(passphrase = PASSPHRASE, name: "Ada")
    send_json("POST", "/api/session", { name: name, passphrase: passphrase })
    last_response.status
  end

  # However the name is written it is one account, and ten are enough.
  def test_names_are_compared_as_they_are_stored
    names = ["Ada", " ada", "ADA ", "ada ", "aDa"]
    10.times { |i| sign_in(WRONG, name: names[i % 5]) }

    assert_equal [429, 429], [sign_in(name: " ADA"), sign_in]
    assert_equal 200, sign_in(name: "Bea")
  end

  # All at once, each of them counted before it is looked at.
  def test_guesses_at_the_same_moment_are_all_counted
    body = JSON.generate(name: "Ada", passphrase: WRONG)
    statuses = Array.new(24) do
      Thread.new { Rack::MockRequest.new(APP).post("/api/session", input: body, "CONTENT_TYPE" => "application/json", "HTTP_HOST" => "localhost").status }
    end.map(&:value)

    assert_equal [10, 14], [statuses.count(401), statuses.count(429)]
  end

  def test_a_browser_that_was_signed_in_before_is_not_locked_out_by_strangers
    sign_in
    delete "/api/session"
    known = rack_mock_session.cookie_jar["oaken_gauge_browser"]
    clear_cookies
    11.times { sign_in(WRONG) }

    assert_equal 429, sign_in
    set_cookie "oaken_gauge_browser=#{known}"

    assert_equal 200, sign_in
    # There too ten are enough.
    delete "/api/session"
    10.times { sign_in(WRONG) }

    assert_equal 429, sign_in
  end

  # One that is known for one account is a stranger to the others.
  def test_a_known_browser_is_known_for_its_own_account
    sign_in
    delete "/api/session"
    10.times { sign_in(WRONG, name: "Bea") }

    assert_equal [429, 200], [sign_in(name: "Bea"), sign_in]
  end

  # A passphrase that is set anew is one that somebody else may know.
  def test_no_browser_is_known_any_more_when_the_passphrase_is_set_anew
    sign_in
    @account.change("another one, as long as that")

    assert_equal 0, @account.known_browsers.count
  end

  def test_a_right_passphrase_from_an_address_that_others_abuse
    45.times { |i| sign_in(WRONG, name: "name #{i}") }

    assert_equal [429, 200], [sign_in(WRONG, name: "another"), sign_in]
  end

  def test_the_passphrase_that_ends_an_account_counts_too
    sign_in
    10.times { send_json("POST", "/api/account/end", { passphrase: WRONG }) }
    send_json("POST", "/api/account/end", { passphrase: PASSPHRASE })

    assert_problem 429
    assert Server::Models::Account.exists?(@account.id)
  end

  # Who is signed in can end her account while strangers guess at its passphrase.
  def test_strangers_do_not_keep_an_account_from_being_ended
    sign_in
    with_session(:strangers) do
      header "Host", "localhost"
      11.times { sign_in(WRONG) }

      assert_equal 429, sign_in
    end
    send_json("POST", "/api/account/end", { passphrase: PASSPHRASE })

    assert_equal 200, last_response.status
    refute Server::Models::Account.exists?(@account.id)
  end

  def test_uploads_of_strangers_end_early
    long = JSON.generate(name: "Ada", passphrase: "x" * 70_000)
    send_json("POST", "/api/session", long)

    assert_problem 413, nil, /64 KB/
    sign_in
    send_json("POST", "/api/blocks/read", JSON.generate(svg: "x" * 70_000))

    refute_equal 413, last_response.status
    ENV.delete("ACCOUNTS")
    clear_cookies
    send_json("POST", "/api/session", long)

    refute_equal 413, last_response.status
  end

  # Whether its length is stated or not.
  def test_an_upload_without_a_stated_length
    body = StringIO.new("x" * 70_000)
    status, = APP.call(Rack::MockRequest.env_for("/api/session", method: "POST", input: body, "HTTP_HOST" => "localhost").except("CONTENT_LENGTH"))

    assert_equal 413, status
  end
end
