# frozen_string_literal: true

require "support/server_case"

# Work that takes longer than a page waits.
class JobsTest < ServerCase
  # Nine cells a side are too many to wait for.
  LARGE = { "cells" => Array.new(9) { |y| Array.new(9) { |x| { "cut" => (x + y).even? ? "rising" : "falling", "fabrics" => %w[1 2] } } },
            "finished" => "9" }.freeze
  SMALL = { "cells" => [[{ "cut" => "whole", "fabrics" => %w[1] }]], "finished" => "9" }.freeze

  def ask(picture = LARGE)
    send_json("POST", "/api/jobs/take-apart", picture)
  end

  # As a worker does it.
  def work(id)
    Server::Jobs::TakeApart.run(id)
    fetch("/api/jobs/#{id}")
  end

  def queued
    ActiveRecord::Base.connection.select_value("SELECT count(*) FROM que_jobs")
  end

  # Other tests ask for long work, and nobody does it.
  def setup
    super
    ActiveRecord::Base.connection.execute("DELETE FROM que_jobs")
  end

  def test_a_small_block_is_taken_apart_at_once
    answer = ask(SMALL)

    assert_equal [200, nil, "done", 1], [last_response.status, answer["id"], answer["state"], answer["answer"]["ways_in_all"]]
    assert_equal 0, queued
  end

  def test_a_large_one_waits_its_turn_and_is_kept
    waiting = ask

    assert_equal [202, "waiting", nil], [last_response.status, *waiting.values_at("state", "answer")]
    assert_equal waiting["id"], ask["id"]
    assert_equal 1, queued
    done = work(waiting["id"])

    assert_equal ["done", 1, [9, 9]], [done["state"], done["share"], done["answer"]["grid"]]
    assert_equal done, ask
    assert_equal OakenGauge.deconstruct({ **@maker.question, **LARGE }, view: true)["ways_in_all"], done["answer"]["ways_in_all"]
  end

  # Somebody stops it in the midst of it: it is left there, and begun anew when it is asked for again.
  def test_it_can_be_stopped
    id = ask["id"]
    job = Server::Models::Job.find(id)
    told = []
    job.work do |telling|
      telling.call(0.25, "counting the ways")
      told << fetch("/api/jobs/#{id}").values_at("state", "share", "doing")
      delete "/api/jobs/#{id}"
      job.instance_variable_set(:@told_at, nil)
      telling.call(0.5, "counting the ways")

      flunk "went on"
    end

    assert_equal [["working", 0.25, "counting the ways"]], told
    assert_equal ["stopped", nil], fetch("/api/jobs/#{id}").values_at("state", "answer")
    assert_equal "stopped", work(id)["state"]
    assert_equal %w[waiting done], [ask["state"], work(id)["state"]]
  end

  def test_what_goes_wrong_is_said_and_can_be_asked_again
    id = ask["id"]
    assert_raises(ZeroDivisionError) { Server::Models::Job.find(id).work { 1 / 0 } }

    assert_equal "failed", fetch("/api/jobs/#{id}")["state"]
    assert_equal "waiting", ask["state"]
  end

  # One that no worker will ever take up is asked for anew.
  def test_one_that_was_lost_is_asked_for_again
    id = ask["id"]
    Server::Models::Job.find(id).update!(state: "working", share: 0.7)
    ActiveRecord::Base.connection.execute("DELETE FROM que_jobs")

    assert_equal ["working", 0], [ask["state"], queued]
    Server::Models::Job.update_all(updated_at: Time.now - 290)

    assert_equal ["working", 0], [ask["state"], queued]
    Server::Models::Job.update_all(updated_at: Time.now - 301)

    assert_equal [["waiting", id], 1], [ask.values_at("state", "id"), queued]
  end

  # A worker that died has left it as it was; the next one begins anew.
  def test_what_a_dead_worker_left_is_taken_up
    id = ask["id"]
    Server::Models::Job.find(id).update!(state: "working", share: 0.7)

    assert_equal "done", work(id)["state"]
  end

  def test_what_is_wrong_is_said_at_once
    ask(LARGE.merge("finished" => "0"))

    assert_problem 422, "/finished"
    ask(LARGE.merge("cells" => Array.new(200) { [LARGE["cells"][0][0]] }))

    assert_problem 422, "/cells"
    ask([])

    assert_problem 400
    assert_equal 0, queued
  end

  def test_another_makers_job_is_not_to_be_seen
    id = ask["id"]
    Server::Models::Job.find(id).update!(maker: Server::Models::Maker.create!(name: "Another"))
    get "/api/jobs/#{id}"

    assert_problem 404
    delete "/api/jobs/#{id}"

    assert_problem 404
  end

  # Only so many answers are kept.
  def test_the_oldest_are_forgotten
    old = Array.new(43) do |i|
      @maker.jobs.create!(kind: "take_apart", digest: i.to_s, question: {}, state: "stopped", updated_at: Time.now - (100 - i))
    end
    ask

    assert_equal 40, @maker.jobs.where(state: "stopped").count
    refute Server::Models::Job.exists?(old.first.id)
  end

  # A quilt and a sheet take the best way that was found; until then they say what to do first.
  def test_a_large_block_in_a_quilt
    block = @maker.blocks.first
    block.update!(picture: LARGE, pieces: [])
    get "/api/blocks/#{block.id}/sheet.pdf"

    assert_problem 422, nil, /Tide table has not been taken apart yet/
    work(ask["id"])
    # Height and width say no more than the width.
    block.update!(picture: LARGE.merge("finished" => %w[9 9]))
    get "/api/blocks/#{block.id}/sheet.pdf"

    assert_equal 200, last_response.status
    # The whole file does not wait for it: there it has a unit on every cell.
    written = fetch("/api/bench")["blocks"].find { |one| one["name"] == "Tide table" }

    assert_equal 81, written["pieces"].size
  end
end
