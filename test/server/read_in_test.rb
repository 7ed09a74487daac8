# frozen_string_literal: true

require "support/server_case"

# A large file of a bench is read in by a job: all of it or nothing, and it can be stopped.
class ReadInTest < ServerCase
  def setup
    super
    ActiveRecord::Base.connection.execute("DELETE FROM que_jobs")
  end

  # The demo's, in a project of its own of so many units, each picked.
  def file(units)
    file = JSON.parse(File.read(DEMO))
    project = file["projects"].first
    one = project["units"].first
    many = Array.new(units) { |i| { **one, "name" => "Unit #{i}", "pick" => { "method" => "rotary/patches", "finished" => "2" } } }
    file.merge("projects" => [{ **project, "name" => "Large", "units" => many }])
  end

  def ask(file, clash = "both")
    send_json("POST", "/api/jobs/read-in?clash=#{clash}", file)
  end

  def job(asked)
    Server::Models::Job.find(asked["id"])
  end

  def read_in
    @maker.reload.projects.find_by(name: "Large")
  end

  def test_a_small_one_is_read_in_at_once
    assert_equal [nil, "done"], ask(file(3)).values_at("id", "state")
    assert_equal 3, read_in.units.count(&:pick)
  end

  def test_a_large_one_waits_and_is_there_when_it_is_done
    asked = ask(file(60))

    assert_equal [202, "waiting", nil], [last_response.status, asked["state"], read_in]
    Server::Jobs::ReadIn.run(asked["id"])

    assert_equal ["done", 1, nil], fetch("/api/jobs/#{asked['id']}").values_at("state", "share", "answer")
    assert_equal [60, {}], [read_in.units.count(&:pick), job(asked).question]
    # It is not read in again by a worker that finds it again; whoever asks again is another job.
    Server::Jobs::ReadIn.run(asked["id"])

    assert_equal 1, @maker.projects.where(name: "Large").count
    refute_equal asked["id"], ask(file(60))["id"]
  end

  # Stopped in the midst of it, nothing is there; what it had come to was told.
  def test_it_is_stopped_and_nothing_is_there
    asked = ask(file(60))
    before = counts
    told = []
    job(asked).work_whole { |tell| import(asked, tell, told) }

    assert_equal [["working", "units of Large"]], told.uniq
    assert_equal [before, "stopped"], [counts, fetch("/api/jobs/#{asked['id']}")["state"]]
    Server::Jobs::ReadIn.run(asked["id"])

    assert_nil read_in
  end

  # Stopped by another once it has been told how far it is.
  def import(asked, tell, told)
    Server::Importer.new(file(60)).add_to(@maker) do |*far|
      tell.call(*far)
      next if told.any?

      Thread.new do
        ActiveRecord::Base.connection_pool.with_connection do
          seen = job(asked)
          told << [seen.state, seen.doing]
          seen.stop
        end
      end.join
      # As long after as it is told again.
      tell.receiver.instance_variable_set(:@told_at, nil)
    end
    {}
  end

  def counts
    [Server::Models::Unit, Server::Models::Project, Server::Models::Fabric, Server::Models::Pick].map(&:count)
  end

  def test_one_that_fails_in_the_midst_leaves_nothing
    asked = ask(file(60))
    before = counts

    OakenGauge.stub(:weigh, ->(*) { raise "broken" }) { assert_raises(RuntimeError) { Server::Jobs::ReadIn.run(asked["id"]) } }

    assert_equal [before, "failed"], [counts, fetch("/api/jobs/#{asked['id']}")["state"]]
    Server::Jobs::ReadIn.run(asked["id"])

    assert_nil read_in
  end

  def test_what_is_wrong_is_said_at_once
    ask(file(60).merge("fabrics" => []))

    assert_problem 422, "/projects/0/units/0/fabrics/light"
    assert_equal 0, Server::Models::Job.count
  end
end
