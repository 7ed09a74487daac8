# frozen_string_literal: true

module Server
  module Resources
    # Weighs without storing anything: what follows the fence as it is dragged.
    class Weighing < Base
      post "/api/weigh" do
        answer OakenGauge.weigh(document, view: params["view"] == "full")
      end
    end
  end
end
