# frozen_string_literal: true

module OakenGauge
  module Answers
    # What the drawing of a step looks like, and methods held against one another, see {WeighShapes}.
    module StepShapes
      extend Shapes
      include Shapes

      LAYER = object(role: TEXT, side: said(one_of("right", "wrong"), "The one that is seen"), outline: POINTS).freeze
      LINE = object(what: said(TEXT, "cut, seam, mark, lit, press, move, fold, grid, next, size or spray"), points: POINTS).freeze
      STEP_DRAWING = object(about: "A step as hands see it, in inches; what is named later lies on top", size: list(NUMBER),
                            beds: list(POINTS, about: "What the fabric lies on"), tools: list(POINTS), fabric: list(LAYER),
                            off: list(POINTS, about: "What comes off"), lines: list(LINE),
                            labels: list(object(at: list(NUMBER), text: TEXT))).freeze
      DRAWN_STEP = object(round: WHOLE, step: TEXT, say: TEXT, drawing: { "$ref" => "#/$defs/StepDrawing" }).freeze

      # Methods held against one another.
      SPAN = object(method: TEXT, from: NUMBER, to: NUMBER).freeze
      HELD = object(methods: list(object(method: TEXT, title: TEXT)),
                    overtakes: list(object(over: said(TEXT, "size, count, or a priority"), title: TEXT, say: TEXT,
spans: list(SPAN)))).freeze

      NAMED = { "HeldMethods" => HELD, "StepDrawing" => STEP_DRAWING, "DrawnStep" => DRAWN_STEP }.freeze
    end
  end
end
