# frozen_string_literal: true

require "support/server_case"

# A save that is sent again with its key, because its answer was lost on the way.
class OnceTest < ServerCase
  KEY = "a3f1-0000-4711-beef-000000000001"
  SPEC = { "kind" => "half_square", "finished" => "2", "count" => 12 }.freeze

  def setup
    super
    Server::Models::KeptAnswer.delete_all
  end

  def sent(method, path, document, key = KEY)
    header "Idempotency-Key", key
    send_json(method, path, document)
  end

  def add(key = KEY)
    sent("POST", "/api/projects/#{@project.id}/units", { "label" => "Foam", "unit" => SPEC }, key)
  end

  def named(label)
    @project.units.where(label: label).count
  end

  def test_it_is_done_once_and_answered_as_it_was
    first = add
    again = add

    assert_equal [201, first, 1], [last_response.status, again, named("Foam")]
    add("another-key-000000000002")

    assert_equal 2, named("Foam")
  end

  # Her own change is never shown to her as somebody else's; a change over an old version with a key of its own is.
  def test_a_change_that_was_stored_is_no_clash
    change = { "lock_version" => 0, "label" => "Wash" }
    changed = sent("PATCH", "/api/units/#{@unit.id}", change)

    assert_equal changed, sent("PATCH", "/api/units/#{@unit.id}", change)
    assert_equal [200, 1], [last_response.status, @unit.reload.lock_version]
    sent("PATCH", "/api/units/#{@unit.id}", change, "another-key-000000000002")

    assert_equal 409, last_response.status
  end

  def test_removing_is_done_once
    2.times do
      header "Idempotency-Key", KEY
      delete "/api/units/#{@unit.id}?lock_version=0"

      assert_equal 200, last_response.status
    end
  end

  # What was refused is asked anew, and nothing of it is kept.
  def test_what_was_refused_is_not_kept
    sent("PATCH", "/api/units/#{@unit.id}", { "lock_version" => 7, "label" => "Wash" })

    assert_equal [409, 0], [last_response.status, Server::Models::KeptAnswer.count]
    sent("PATCH", "/api/units/#{@unit.id}", { "lock_version" => 0, "label" => "Wash" })

    assert_equal [200, 1], [last_response.status, Server::Models::KeptAnswer.count]
  end

  # A part that fails by itself does not take what was there before along.
  def test_what_fails_inside_is_told_as_without_a_key
    tool = { "tool" => { "kind" => "straight_ruler", "id" => "long", "name" => "Long", "width" => "6", "length" => "24" } }
    sent("POST", "/api/tools", tool)
    sent("POST", "/api/tools", tool, "another-key-000000000002")

    refute_equal 500, last_response.status
    assert_equal 1, Server::Models::KeptAnswer.count
  end

  def test_a_key_that_is_none
    sent("POST", "/api/projects/#{@project.id}/units", { "label" => "Foam", "unit" => SPEC }, "short")

    assert_problem 422, "/Idempotency-Key", /16 to 64/
    assert_equal 0, named("Foam")
  end

  # Another's key is another key: it is looked for with who is there.
  # Who removes her account leaves nothing behind.
  def test_answers_go_with_an_account
    account = Server::Models::Account.create!(name: "Ida", passphrase: "x" * 60)
    Server::Models::KeptAnswer.begin("hers", account)
    account.destroy!

    refute Server::Models::KeptAnswer.exists?(key: "hers")
  end

  def test_old_answers_go
    Server::Models::KeptAnswer.create!(key: "old", status: 200, body: "{}", created_at: Time.now - (2 * Server::Models::KeptAnswer::LASTS))
    Server::Models::KeptAnswer::SWEPT.times { |i| Server::Models::KeptAnswer.begin("key-#{i}") }

    refute Server::Models::KeptAnswer.exists?(key: "old")
  end

  # A save whose database goes away after it was done and before it is committed: nobody knows, so it is not said to be saved; sent again
  # with its key it is there once.
  def test_a_save_is_not_acknowledged_before_it_is_committed
    2.times do |time|
      key = "kill-0000-4711-beef-00000000000#{time}"
      status, = Server::Middleware::Once.new(dying).call(request(key))

      assert_equal 503, status
      assert_equal 0, named("Doomed")
    end
    3.times { assert_equal 201, Server::Middleware::Once.new(saving).call(request("kill-0000-4711-beef-000000000000")).first }

    assert_equal 1, named("Doomed")
  end

  # What was refused before the database went was refused all the same.
  def test_a_refusal_stands_when_the_database_goes
    refusing = lambda do |_|
      kill_own_backend
      [422, {}, ["no"]]
    end

    assert_equal 422, Server::Middleware::Once.new(refusing).call(request("kill-0000-4711-beef-000000000009")).first
  end

  private

  def request(key)
    { "HTTP_IDEMPOTENCY_KEY" => key, "REQUEST_METHOD" => "POST", "PATH_INFO" => "/api/projects/1/units" }
  end

  def saving
    lambda do |_|
      @project.units.create!(label: "Doomed", spec: SPEC, position: 99)
      [201, {}, ["{}"]]
    end
  end

  def dying
    ->(env) { saving.call(env).tap { kill_own_backend } }
  end

  # As the system does it, in the midst of the transaction.
  def kill_own_backend
    own = ActiveRecord::Base.connection.select_value("SELECT pg_backend_pid()")
    other = PG.connect(ENV.fetch("DATABASE_URL"))
    other.exec("SELECT pg_terminate_backend(#{own})")
    sleep 0.05 while other.exec("SELECT 1 FROM pg_stat_activity WHERE pid = #{own}").any?
  ensure
    other&.close
  end
end
