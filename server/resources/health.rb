# frozen_string_literal: true

module Server
  module Resources
    # Says whether the application can do its work: it asks the database.
    class Health < Base
      get "/health" do
        well = Database.well?
        answer({ "status" => well ? "well" : "unwell", "database" => well ? "answering" : "gone" }, status: well ? 200 : 503)
      end
    end
  end
end
