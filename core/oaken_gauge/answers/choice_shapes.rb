# frozen_string_literal: true

module OakenGauge
  module Answers
    # What one method for each unit, all together, looks like, see {WeighShapes}.
    module ChoiceShapes
      extend Shapes
      include Shapes

      METHODS = said(by_name(TEXT), "A method by the unit's id").freeze
      TOTALS = object(net: said(AMOUNT, "Fabric used up, square inches"), minutes: said(AMOUNT, "Each visit and each setting once"),
                      good: said(SHARE, "Of all units"), surplus: said(AMOUNT, "In extra units, square inches"), tools: list(TEXT),
                      settings: list(object(tool: TEXT, side: maybe(TEXT), mark: TEXT)), techniques: list(TEXT), visits: WHOLE,
                      cost: said(by_name(AMOUNT), "By currency, \"none\" where a price says none")).freeze
      CHANGE = object(about: "What is saved by it alone; null where nothing was picked before", unit: TEXT, from: maybe(TEXT), to: TEXT,
                      net: maybe(NUMBER), minutes: maybe(NUMBER), good: maybe(NUMBER), say: TEXT,
                      may: { units: list(TEXT, about: "All that it is for"), from_title: maybe(TEXT), to_title: TEXT, slight: YES }).freeze
      LENGTHS = object(about: "Of the bolts of a fabric; null where it holds no such piece", used: maybe(LENGTH), bound: maybe(LENGTH),
                       apart: maybe(LENGTH)).freeze
      FAULT = object(unit: said(maybe(TEXT), "null where it is all of them together"), say: TEXT, mend: TEXT).freeze
      TAKEN = object(from: TEXT, to: TEXT, count: WHOLE).freeze
      FIGURE = object(title: TEXT, together: TEXT, apart: TEXT, now: said(maybe(TEXT), "Of the units that have a pick")).freeze
      DRAWN = object(about: "Lengths of a bolt to one scale, inches", fabric: TEXT, used: NUMBER, apart: NUMBER, bound: NUMBER,
                     say: TEXT).freeze
      CHOICE = object(about: "Where nothing can be chosen only faults and short are there",
                      may: { picks: METHODS, apart: METHODS, totals: { "$ref" => "#/$defs/ChoiceTotals" },
                             apart_totals: { "$ref" => "#/$defs/ChoiceTotals" }, objective: NUMBER, apart_objective: NUMBER,
                             bound: said(maybe(NUMBER), "No choice within the limits is less"), proved: YES, changes: list(CHANGE),
                             merged: list(list(TEXT)), taken_over: list(TAKEN), lengths: by_name(LENGTHS), tried: WHOLE,
                             faults: list(FAULT), short: said(by_name(LENGTH), "What is missing of each fabric that is too short"),
                             figures: list(FIGURE), proof: TEXT, drawn: list(DRAWN),
                             given: list(TEXT, about: "Extra units that do for others, in words") }).freeze

      NAMED = { "ChoiceTotals" => TOTALS, "ChooseAnswer" => CHOICE }.freeze
    end
  end
end
