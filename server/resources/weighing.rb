# frozen_string_literal: true

module Server
  module Resources
    # Weighs without storing anything: what follows the fence as it is dragged.
    class Weighing < Base
      NUMBER = /\A-?\d{1,9}(?:\.\d{1,9})?\z/

      # A document of somebody's own: a unit that is not there yet, other tools.
      post "/api/weigh" do
        answer OakenGauge.weigh(document, view: params["view"] == "full")
      end

      # A unit as it is stored; where the fence, the count and what matters stand is asked for beside it.
      get "/api/units/:id/weighing" do
        answer OakenGauge.weigh(question.merge(counted, priorities), view: params["view"] == "fence" && :fence)
      end

      get "/api/units/:id/beam" do
        answer OakenGauge.beam(question)
      end

      # A few of its methods held against one another.
      get "/api/units/:id/held" do
        ids = params["methods"].to_s.split(",")
        raise Problem.at("/methods", "allowed are two or three methods") unless ids.uniq.size.between?(2, 3)

        answer OakenGauge.held(question.merge(counted, priorities), ids)
      end

      # How each step of one of its methods is drawn.
      get "/api/units/:id/steps/drawn" do
        answer({ "drawn" => OakenGauge.step_drawings(question.merge(counted), params["method"].to_s) })
      end

      # Which method is first at each size from one to another; and for each of the priorities, at each weight.
      get "/api/units/:id/turning" do
        asked = question.merge(counted, priorities)
        answer OakenGauge.turning(asked.except("at").merge("over" => { "size" => [params["from"].to_s, params["to"].to_s] }), view: true)
      end

      get "/api/units/:id/turning/priorities" do
        answer({ "priorities" => OakenGauge.turning_by_priorities(question.merge(counted, priorities)) })
      end

      # Which line of which tool of its project it is cut and trimmed by.
      get "/api/units/:id/line" do
        answer OakenGauge.which_line(question)
      end

      private

      def unit
        @unit ||= maker.units.here.find(params["id"])
      end

      def question
        unit.weigh_document.merge(params.slice("at"))
      end

      # As many as are wanted, or as many of each hand.
      def counted
        hands = params.slice("left", "right").transform_values { |text| number(text) }
        count = params["count"] ? number(params["count"]) : unit.spec["count"]
        { "unit" => unit.spec.merge("count" => hands.any? && count.is_a?(Hash) ? count.merge(hands) : count) }
      end

      def priorities
        params["priorities"] ? { "priorities" => params["priorities"].transform_values { |text| number(text) } } : {}
      end

      # What is no number goes to the core as it was typed, which says what is allowed.
      def number(text)
        return text unless NUMBER.match?(text)

        text.include?(".") ? Float(text) : Integer(text, 10)
      end
    end
  end
end
