# frozen_string_literal: true

module Server
  module Resources
    # Short drills from her own drawer, and how they went.
    class Practice < Base
      # How many of the last results are told.
      LAST = 12

      get "/api/practice" do
        results = maker.drills.group_by(&:kind)
        drills = OakenGauge.drills.map { |drill| { **drill, "results" => results.fetch(drill["drill"], []).last(LAST).map(&:to_document) } }
        answer({ "drills" => drills })
      end

      get "/api/practice/:id" do
        chance = Random.new(Integer(params.fetch("seed", 0)))
        questions = OakenGauge.practice(params["id"], maker.drawer, chance.method(:rand)) or raise Problem.missing("drill #{params['id']}")
        answer({ "questions" => questions })
      end

      post "/api/practice/:id" do
        known?
        right, asked = read(required: %w[right asked]) { |keys| [keys.value("right"), keys.value("asked")] }
        raise Problem.at("/right", "is #{right}: allowed is at most the #{asked} that were asked") if right > asked

        answer maker.drills.create!(kind: params["id"], right: right, asked: asked).to_document, status: 201
      end

      private

      def known?
        OakenGauge.drills.any? { |drill| drill["drill"] == params["id"] } or raise Problem.missing("drill #{params['id']}")
      end
    end
  end
end
