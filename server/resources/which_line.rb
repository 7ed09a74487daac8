# frozen_string_literal: true

module Server
  module Resources
    # Which line of which tool a unit is cut by, with her own drawer where none is told.
    class WhichLine < Base
      post "/api/which-line" do
        answer OakenGauge.which_line({ "tools" => maker.drawer, **object(document) })
      end
    end
  end
end
