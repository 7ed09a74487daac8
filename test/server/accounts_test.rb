# frozen_string_literal: true

require "support/server_case"

# Where others can reach it, everybody signs in, and nobody comes to another's bench.
class AccountsTest < ServerCase
  PASSPHRASE = "tide and table and twine"

  def setup
    super
    ENV["ACCOUNTS"] = "1"
  end

  def teardown
    ENV.delete("ACCOUNTS")
    clear_cookies
  end

  def code(**fields)
    Server::Models::Invitation.give(100, **fields)
  end

  def sign_up(name = "Ada", passphrase: PASSPHRASE, with: code)
    send_json("POST", "/api/accounts", { code: with, name: name, passphrase: passphrase })
  end

  def sign_in(name = "Ada", passphrase = PASSPHRASE)
    send_json("POST", "/api/session", { name: name, passphrase: passphrase })
  end

  def account
    Server::Models::Account.find_by(name: "Ada")
  end

  def test_the_first_account_takes_over_who_is_there
    assert_equal({ "required" => true, "name" => nil }, fetch("/api/session"))
    assert_equal "Ada", sign_up["name"]
    assert_equal [201, [@maker.id]], [last_response.status, account.makers.ids]
    cookie, browser = last_response.headers["set-cookie"]

    assert_match(%r{\Aoaken_gauge=.{40,}; path=/; max-age=2592000; httponly; samesite=lax\z}, cookie)
    assert_match(%r{\Aoaken_gauge_browser=.{40,}; path=/api/session; max-age=31536000; httponly; samesite=lax\z}, browser)
    assert_equal "Slack Tide lap quilt", fetch("/api/projects")["projects"].first["name"]
    # Nothing that is secret is kept as it is.
    stored = [Server::Models::Session, Server::Models::KnownBrowser].flat_map { |kept| kept.pluck(:digest) } + Server::Models::Account.pluck(:passphrase)

    refute(stored.any? { |one| one.include?(PASSPHRASE) || cookie.include?(one) })
  end

  def test_the_second_has_a_bench_of_her_own
    sign_up
    clear_cookies
    sign_up("Bea")

    assert_equal 2, Server::Models::Maker.count
    assert_equal(["Slack Tide lap quilt", "Skerry cushion"], fetch("/api/projects")["projects"].map { |one| one["name"] })
    refute_equal @project.id, fetch("/api/projects")["projects"].first["id"]
    send_json("POST", "/api/start", { bench: "own" })

    assert_equal [], fetch("/api/projects")["projects"]
    assert_equal [1, 2], [account.makers.count, Server::Models::Account.find_by(name: "Bea").makers.count]
  end

  # A bench is asked for by its number as it is by whoever came last: nobody comes to another's.
  def test_nobody_comes_to_anothers_bench_by_its_address
    sign_up
    clear_cookies
    sign_up("Bea")
    ["makers/#{@maker.id}/projects", "makers/#{@maker.id}/bench", "makers/#{@maker.id}/start"].each do |path|
      get "/api/#{path}"

      assert_problem 404, nil, /not here/
    end
    get "/makers/#{@maker.id}/projects"

    refute_includes last_response.headers["location"], "/makers/#{@maker.id}/"
    clear_cookies
    get "/api/makers/#{@maker.id}/projects"

    assert_problem 401
    get "/projects"

    assert_equal 200, last_response.status
  end

  def test_signing_out_here_and_everywhere
    sign_up
    elsewhere = Server::Models::Session.give(100, account: account)
    delete "/api/session"

    assert_match(/max-age=0/, last_response.headers["set-cookie"])
    get "/api/projects"

    assert_problem 401, nil, /Sign in first/
    header "Cookie", "oaken_gauge=#{elsewhere}"

    assert_equal "Ada", fetch("/api/session")["name"]
    delete "/api/session?everywhere=yes"
    get "/api/projects"

    assert_problem 401
    assert_equal 0, Server::Models::Session.count
  end

  def test_a_session_ends_by_itself
    sign_up
    Server::Models::Session.update_all(expires_at: Time.now - 1)
    get "/api/projects"

    assert_problem 401
  end

  def test_a_wrong_passphrase_and_too_many_of_them
    sign_up
    clear_cookies
    sign_in("Ada", "not the one it is")

    assert_problem 401, nil, /do not belong together/
    sign_in("nobody", PASSPHRASE)

    assert_problem 401, nil, /do not belong together/
    assert_equal "Ada", sign_in("ada")["name"]
    10.times { sign_in("Ada", "not the one it is") }

    assert_problem 401
    sign_in

    assert_problem 429, nil, /Try again in 15 minutes/
    Server::Models::Attempt.update_all(created_at: Time.now - 1000)

    assert_equal "Ada", sign_in["name"]
  end

  # From one address many names are tried.
  def test_too_many_from_one_address
    40.times { |i| sign_in("name #{i}", "not the one it is") }
    sign_in("another", "not the one it is")

    assert_problem 429
  end

  def test_what_cannot_be_a_passphrase
    { "short" => /shorter than 12/, "ä" * 37 => /longer than 72 bytes/, "nul \u0000 in it, long enough" => /cannot be typed|allowed/ }.each do |text, message|
      sign_up(passphrase: text)

      assert_problem 422, "/passphrase", message
    end
    assert_equal 0, Server::Models::Account.count
    sign_up
    clear_cookies
    sign_up("ADA")

    assert_problem 422, "/name", /taken/
  end

  def test_an_invitation_is_used_once_and_ends
    once = code
    sign_up(with: once)
    clear_cookies
    [once, "none", code.tap { Server::Models::Invitation.update_all(expires_at: Time.now - 1) }].each do |word|
      sign_up("Bea", with: word)

      assert_problem 422, "/code", /no invitation/
    end
    assert_equal 1, Server::Models::Account.count
  end

  # One that was given for a mistake in the form is still there.
  def test_an_invitation_outlives_a_fault
    word = code
    sign_up(passphrase: "short", with: word)

    assert_equal "Ada", sign_up(with: word)["name"]
  end

  def test_a_passphrase_is_set_anew
    sign_up
    clear_cookies
    sign_up("Bea", with: code(account: account))

    assert_problem 422, "/code", /own link/
    send_json("POST", "/api/accounts/reset", { code: code, passphrase: "another one, as long" })

    assert_problem 422, "/code", /invitation to sign up/
    answer = send_json("POST", "/api/accounts/reset", { code: code(account: account), passphrase: "another one, as long" })

    assert_equal "Ada", answer["name"]
    assert_equal 1, account.sessions.count
    clear_cookies
    sign_in

    assert_problem 401
    assert_equal "Ada", sign_in("Ada", "another one, as long")["name"]
  end

  def test_who_is_in_may_invite_another
    sign_up
    path = send_json("POST", "/api/account/invitations", {})["path"]
    clear_cookies

    assert_equal "Bea", sign_up("Bea", with: path[/code=(.*)/, 1])["name"]
  end

  def test_everything_of_hers_goes
    sign_up
    send_json("POST", "/api/account/end", { passphrase: "not the one it is" })

    assert_problem 422, "/passphrase"
    send_json("POST", "/api/account/end", { passphrase: PASSPHRASE })

    assert_equal [0, 0, 0, 0], [Server::Models::Account, Server::Models::Maker, Server::Models::Project, Server::Models::Session].map(&:count)
    get "/api/projects"

    assert_problem 401
  end

  PATHS = YAML.safe_load_file(Server::CONTRACT)["paths"]
  OPEN = ["/health", "/alive", *Server::Middleware::SignIn::OPEN].freeze

  def each_address
    PATHS.each { |path, operations| operations.slice("get", "post", "put", "patch", "delete").each_key { |verb| yield verb, path } }
  end

  def test_nobody_is_answered_who_has_not_signed_in
    each_address do |verb, path|
      next if OPEN.include?(path) || path.start_with?(Server::Middleware::SignIn::SHOWN)

      header "Content-Type", "application/json"
      custom_request(verb.upcase, path.gsub(/\{\w+\}/, @unit.id.to_s), {}, input: "{}")

      assert_equal 401, last_response.status, "#{verb} #{path}"
    end
  end

  # However the address is written.
  def test_no_way_of_writing_an_address_goes_round_it
    %w[/%61pi/projects //api/projects /api%2Fprojects /./api/projects /api/./projects /API/projects].each do |path|
      status, headers, body = APP.call(Rack::MockRequest.env_for("/", "HTTP_HOST" => "localhost").merge("PATH_INFO" => path))

      assert(status >= 400 || headers["content-type"].start_with?("text/html"), path)
      refute_includes body.to_enum.to_a.join, "Slack Tide", path
    end
  end

  # With the ids of another's things every address says that there is none.
  def test_nobody_comes_to_anothers_things
    sign_up
    @maker.jobs.create!(kind: "take_apart", digest: "1", question: {})
    ids = { "projects" => @project.id, "units" => @unit.id, "tools" => @maker.tools.first.id, "fabrics" => @maker.fabrics.first.id,
            "blocks" => @maker.blocks.first.id, "jobs" => @maker.jobs.first.id }
    clear_cookies
    sign_up("Bea")
    before = @maker.reload.attributes
    each_address do |verb, path|
      next unless path.include?("{id}") && ids.key?(path.split("/")[2])

      answer = asked(verb, path.sub("{id}", ids.fetch(path.split("/")[2]).to_s))

      assert_includes [404, 422], answer, "#{verb} #{path}"
      assert_match(/There is no/, last_response.body) if answer == 404

      refute_includes last_response.body, "Slack Tide", "#{verb} #{path}"
    end
    assert_equal [before, 1, 5, 11], [@maker.reload.attributes, @maker.projects.count, @maker.fabrics.count, @maker.tools.count]
    assert_equal 5, @project.units.reload.count
  end

  def asked(verb, path)
    header "Content-Type", "application/json"
    body = { lock_version: 0, method: "die/patches", unit: @unit.spec, label: "Hers", name: "Hers", units: [], setting: {}, blocks: [], picks: {} }
    custom_request(verb.upcase, verb == "delete" ? "#{path}?lock_version=0" : path, {}, input: JSON.generate(body))
    last_response.status
  end

  # Removed and put back, it is not seen by the old link.
  def test_a_link_does_not_come_back_with_its_project
    sign_up
    path = send_json("POST", "/api/projects/#{@project.id}/link", {})["path"]
    delete "/api/projects/#{@project.id}?lock_version=#{@project.reload.lock_version}"
    send_json("POST", "/api/projects/#{@project.id}/back", { "lock_version" => @project.reload.lock_version })
    get "/api#{path}"

    assert_problem 404, nil, /does not hold any more/
    refute fetch("/api/projects")["projects"].first["shown"]
  end

  # By a link anybody sees the quilt and its units, and nothing else of hers; withdrawn or made anew, it no longer holds.
  def test_a_project_is_shown_by_a_link
    @maker.fabrics.create!(name: "Secret", colour: "#888888", weave: "plain", document: { "form" => "yardage" })
    sign_up
    @unit.create_pick!(method_id: "die/patches", spec: @unit.spec, answer: { "title" => "Die" })
    @project.update!(notes: "for her birthday")
    path = send_json("POST", "/api/projects/#{@project.id}/link", {})["path"]
    clear_cookies
    shown = fetch("/api#{path}")

    assert_equal ["Slack Tide lap quilt", 5, "Die", 18], [shown["name"], shown["units"].size, shown["units"].first["method"], shown["quilt"]["blocks"]]
    assert_equal "half-square triangle units (HST)", shown["units"].first["title"]
    assert_equal %w[id name colour weave], shown["fabrics"].first.keys
    refute_includes shown["fabrics"].map { |fabric| fabric["name"] }, "Secret"
    refute_includes LOG.string, path
    refute_includes last_response.body, "birthday"
    sign_in
    again = send_json("POST", "/api/projects/#{@project.id}/link", {})["path"]
    get "/api#{path}"

    assert_problem 404, nil, /does not hold any more/
    assert fetch("/api/projects")["projects"].first["shown"]
    delete "/api/projects/#{@project.id}/link"

    refute check["shown"]
    get "/api#{again}"

    assert_problem 404
  end

  def test_on_this_machine_alone_nobody_signs_in
    ENV.delete("ACCOUNTS")

    assert_equal({ "required" => false, "name" => nil }, fetch("/api/session"))
    assert_equal 1, fetch("/api/projects")["projects"].size
    { "0.0.0.0" => true, "quilts.example" => true, "127.0.0.1" => false, "::1" => false, "localhost" => false, "" => false }.each do |host, required|
      ENV["HOST"] = host

      assert_equal required, Server::Access.required?, host
    end
  ensure
    ENV.delete("HOST")
  end

  # Any setting that says others come, or a header of a proxy on this machine: everybody signs in.
  def test_whoever_may_be_reached_by_others_demands_signing_in
    ENV.delete("ACCOUNTS")
    { "PUBLIC_URL" => "https://quilts.example", "ALLOWED_HOSTS" => "quilts.local", "PROXIES" => "127.0.0.1" }.each do |name, value|
      ENV[name] = value
      get "/api/projects"

      assert_problem 401
      assert_equal name, Server::Access.why
    ensure
      ENV.delete(name)
    end
    Server::Access::FORWARDED.each do |header|
      # Under a name of its own it is refused before that.
      value = header.end_with?("HOST") ? "localhost" : "10.0.0.7"
      get "/api/projects", {}, { header => value }

      assert_problem 401
      put "/api/units/#{@unit.id}/pick", "{}", { header => value, "CONTENT_TYPE" => "application/json" }

      assert_problem 401
    end
    get "/api/projects"

    assert_equal 200, last_response.status
  end

  # What is hers is kept nowhere on the way, and where she came by https she comes by nothing else.
  def test_private_answers_are_not_stored
    get "/api/session"

    assert_equal "no-store", last_response.headers["cache-control"]
    assert_nil last_response.headers["strict-transport-security"]
    ENV["PUBLIC_URL"] = "https://quilts.example"
    get "/"

    assert_match(/max-age=\d+/, last_response.headers["strict-transport-security"])
  ensure
    ENV.delete("PUBLIC_URL")
  end

  # Behind a proxy with a name of its own.
  def test_a_public_address
    ENV["PUBLIC_URL"] = "https://quilts.example/"

    assert_match(/; secure;/, {}.tap { |headers| Server::Cookies.sign_in(headers, "word") }["set-cookie"])
    assert_includes Server::Access.hosts, "quilts.example"
    proxied = Server::Application.build(log: StringIO.new)
    asking = Rack::MockRequest.new(proxied)
    from = ->(origin) { asking.post("/api/session", "HTTP_HOST" => "quilts.example", "HTTP_ORIGIN" => origin, input: "{}", "CONTENT_TYPE" => "application/json") }

    assert_equal([422, 403], ["https://quilts.example", "https://elsewhere.example"].map { |origin| from.call(origin).status })
  ensure
    ENV.delete("PUBLIC_URL")
  end
end
