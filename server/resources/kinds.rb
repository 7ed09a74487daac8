# frozen_string_literal: true

module Server
  module Resources
    # The kinds of unit there are.
    class Kinds < Base
      get "/api/kinds" do
        answer({ "kinds" => OakenGauge.kinds })
      end
    end
  end
end
