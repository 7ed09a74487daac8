# frozen_string_literal: true

module Server
  module Resources
    # Says whether the application can do its work, for which it asks the database; and whether it is there at all, for which it
    # asks nobody.
    class Health < Base
      get "/health" do
        state = Database.state
        well = state == "answering"
        answer({ "status" => well ? "well" : "unwell", "database" => state }, status: well ? 200 : 503)
      end

      get "/alive" do
        answer({ "status" => "alive" })
      end
    end
  end
end
