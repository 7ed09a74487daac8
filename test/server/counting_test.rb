# frozen_string_literal: true

require "support/server_case"

# What many picks take of the shelf is counted by a job, and kept until something changes.
class CountingTest < ServerCase
  JOB = Server::Jobs::CountPromised

  def setup
    super
    ActiveRecord::Base.connection.execute("DELETE FROM que_jobs")
    pick @unit
  end

  def pick(unit)
    unit.pick || unit.create_pick!(method_id: "rotary/patches", spec: unit.spec, answer: {})
  end

  # However few they are, they are many.
  def many(job = JOB, soon = 2500)
    silence { job.const_set(:SOON, 0) }
    yield
  ensure
    silence { job.const_set(:SOON, soon) }
  end

  def silence
    before = $VERBOSE
    $VERBOSE = nil
    yield
  ensure
    $VERBOSE = before
  end

  def told
    fetch("/api/fabrics/promised")
  end

  def work
    JOB.run(@maker.jobs.where(state: "waiting").last.id)
  end

  # What is missing in a drawer of many tools.
  def test_what_is_missing_is_looked_for_by_a_job
    at_once = fetch("/api/projects/#{@project.id}/missing")

    refute at_once["counting"]
    many(Server::Jobs::LookForTools, 800) do
      assert_equal({ "missing" => nil, "counting" => true }, fetch("/api/projects/#{@project.id}/missing"))
      Server::Jobs::LookForTools.run(@maker.jobs.last.id)

      assert_equal at_once, fetch("/api/projects/#{@project.id}/missing")
    end
  end

  def test_it_is_counted_once_and_kept
    at_once = told

    refute at_once["counting"]
    many do
      assert_equal [{}, true], told.values_at("promised", "counting")
      told
      work

      assert_equal at_once, told
      assert_equal [1, "done"], [@maker.jobs.count, @maker.jobs.first.state]
    end
  end

  # What a former version counted says less: it is counted anew, and does not stand until then.
  def test_what_a_former_version_counted_is_no_answer
    many do
      former = { "promised" => { @maker.fabrics.first.id.to_s => { "promised" => "9", "left" => nil, "twice" => false, "say" => "", "by" => [] } } }
      Server::Models::Job.ask(@maker, Server::Jobs::CountPromised, { "of" => Server::Models::Stamp.of(@maker) })
      @maker.jobs.last.update!(state: "done", answer: former)

      assert_equal [{}, true], told.values_at("promised", "counting")
      work

      refute_nil told["promised"].values.first["by"].first["id"]
    end
  end

  # Until it is counted anew, it stands as it was; and what nobody waits for any more is left.
  def test_whatever_changes_has_it_counted_anew
    many do
      told
      work
      before = told
      @unit.pick.update!(spec: @unit.spec.merge("count" => 48))

      assert_equal [before["promised"], true], told.values_at("promised", "counting")
      @maker.fabrics.first.update!(document: { "form" => "yardage", "usable_width" => "30", "length" => "90" })
      told

      assert_equal %w[done stopped waiting], @maker.jobs.order(:id).map(&:state)
      work

      refute_equal before["promised"], told["promised"]
      refute told["counting"]
      @project.update!(aside: true)

      assert told["counting"]
    end
  end
end
