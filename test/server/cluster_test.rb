# frozen_string_literal: true

require "support/server_case"

class ClusterTest < Minitest::Test
  def test_two_clusters_run_beside_each_other_and_keep_their_data
    Dir.mktmpdir do |folder|
      FileUtils.chmod(0o755, folder)
      cluster = Running::Cluster.new(File.join(folder, "own"), settings: { "fsync" => "off" })
      cluster.start
      url = cluster.database("kept")

      refute_equal ThrowawayCluster.start.port, cluster.port
      PG.connect(url) { |connection| connection.exec("CREATE TABLE fabric (id int)") }
      cluster.stop

      refute_predicate cluster, :running?
      cluster.start

      assert_equal 1, PG.connect(cluster.database("kept")) { |c| c.exec("SELECT 1 FROM pg_tables WHERE tablename = 'fabric'").ntuples }
    ensure
      cluster&.stop
    end
  end

  # Left half made, as when it is killed while it is being made: its version is there, and nothing else.
  def test_one_that_was_left_half_made_is_made_anew
    in_a_folder do |folder, cluster|
      FileUtils.mkdir_p(File.join(folder, "data.making-1"))
      File.write(File.join(folder, "data.making-1", "PG_VERSION"), "15")
      cluster.start

      assert_predicate cluster, :running?
    end
  end

  # The file names a process that lives, and is not ours: it is not signalled, and the cluster starts.
  def test_a_process_file_that_was_left_behind_harms_nobody
    in_a_folder do |folder, cluster|
      cluster.start
      cluster.stop
      other = spawn("sleep", "60")
      ["#{other}\n#{folder}/data\n1\n5432\n", ""].each do |left|
        File.write(File.join(folder, "data", "postmaster.pid"), left)

        refute_predicate cluster, :running?
        cluster.stop
        cluster.start

        assert_predicate cluster, :running?
        cluster.stop
      end
      Process.kill(0, other)
    ensure
      Process.kill("KILL", other)
      Process.wait(other)
    end
  end

  # Whatever is in its files but the data: passwords that are lost are made anew, a port that is none is not asked for.
  def test_files_that_are_lost_or_nonsense
    in_a_folder do |folder, cluster|
      cluster.start
      cluster.database("kept")
      spoilt = { "password" => nil, "password.quilter" => "", "port" => "nonsense" }
      [spoilt, { "password" => "", "password.quilter" => nil, "port" => "999999" }, { "port" => "-5" }].each do |files|
        cluster.stop
        files.each { |name, text| text ? File.write(File.join(folder, name), text) : FileUtils.rm_f(File.join(folder, name)) }
        cluster.start

        assert_equal 1, PG.connect(cluster.database("kept")) { |connection| connection.exec("SELECT 1").ntuples }
      end
    end
  end

  private

  def in_a_folder
    Dir.mktmpdir do |parent|
      FileUtils.chmod(0o755, parent)
      folder = File.join(parent, "own")
      cluster = Running::Cluster.new(folder, settings: { "fsync" => "off" })
      yield folder, cluster
    ensure
      cluster&.stop
    end
  end
end
