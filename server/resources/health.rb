# frozen_string_literal: true

module Server
  module Resources
    # Says whether the application can do its work, for which it asks the database; and whether it is there at all, for which it
    # asks nobody. Where the disk is full it still reads, and cannot save.
    class Health < Base
      get "/health" do
        state = Database.state
        disk = Disk.state
        well = state == "answering" && disk != "full"
        answer({ "status" => well ? "well" : "unwell", "database" => state, "disk" => disk }, status: well ? 200 : 503)
      end

      get "/alive" do
        answer({ "status" => "alive" })
      end
    end
  end
end
