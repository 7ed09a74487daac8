# frozen_string_literal: true

module Server
  module Resources
    # The kinds of units, tools and fabrics there are, with their fields.
    class Kinds < Base
      get "/api/kinds" do
        answer OakenGauge.kinds(params["measure"] == "cm" ? :cm : :inch)
      end
    end
  end
end
