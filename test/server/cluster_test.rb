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
end
