# frozen_string_literal: true

module OakenGauge
  module Answers
    # What the answers look like: the one source of their published schemas and of the HTTP contract.
    module WeighShapes
      extend Shapes
      include Shapes

      # A unit's document; its keys depend on its kind.
      COUNT = { "oneOf" => [WHOLE, object(left: WHOLE, right: WHOLE)] }.freeze
      UNIT = { "type" => "object", "required" => %w[kind count], "additionalProperties" => true,
               "properties" => { "kind" => TEXT, "finished" => { "oneOf" => [LENGTH, list(LENGTH)] }, "count" => COUNT } }.freeze
      SAID = object(code: TEXT, say: TEXT).freeze
      PROBLEM = object(code: TEXT, say: TEXT, may: { lacks: said(TEXT, "The kind of tool that is missing") }).freeze

      SETTING = object(tool: TEXT, side: maybe(TEXT), mark: TEXT, off_by: LENGTH, say: TEXT,
                       reads: one_of("finished", "strip", "unfinished", "cut", "letter")).freeze
      CUT = object(fabric: TEXT, shape: one_of("square", "rectangle", "strip", "blank"), size: list(LENGTH, size: 2), count: WHOLE,
                   exact: list(AMOUNT, size: 2), may: { then: TEXT }).freeze
      HAND = object(made: WHOLE, surplus: WHOLE).freeze
      MAKES = object(per_set: WHOLE, sets: WHOLE, made: WHOLE, surplus: WHOLE,
may: { left: HAND, right: HAND, parts: list(object(technique: TEXT, sets: WHOLE)) }).freeze
      PARTS = { consumed: AMOUNT, in_units: AMOUNT, surplus: AMOUNT, offcut: AMOUNT, lost: NUMBER }.freeze
      FABRIC = object(**PARTS, pieces_of_stock: WHOLE, strips: list(object(width: LENGTH, count: WHOLE))).freeze
      WASTE = object(**PARTS, net: said(AMOUNT, "What is used up: consumed less offcut"), lost_share: NUMBER).freeze

      SHARES = { within_sixteenth: SHARE, points_within_sixteenth: SHARE,
                 too_small_to_trim: said(SHARE, "At the side with least to trim") }.freeze
      FIGURES = { size_bias: said(NUMBER, "Inches too large on average, of the height or width that is off most often"),
                  size_sd: said(AMOUNT, "Its standard deviation, inches, lines read wrong and all"),
                  point_sd: said(AMOUNT, "That of the point that is off most often, inches"), **SHARES }.freeze
      BY_STEP = object(step: TEXT, say: said(TEXT, "The step in words"), size_bias: NUMBER, size_sd: AMOUNT, point_sd: AMOUNT,
                       share: said(SHARE, "Of all variation, of size and points together")).freeze
      SAMPLE = object(count: WHOLE, seed: WHOLE, **FIGURES,
                      all_good: said(SHARE, "Good in every size and every point, and large enough to trim everywhere"),
                      agrees: said(YES, "Whether every figure agrees with the budget's within its own error")).freeze
      ACCURACY = object(**FIGURES, alignments: WHOLE, bias_edges: said(WHOLE, "Handled raw, on one unit"),
                        basis: one_of("assumed", "measured"),
                        good: said(SHARE, "Good in size and points and large enough to trim, at the least"),
                        rounding: said(NUMBER, "What rounding, margins and ease make it too large, inches"),
                        middle_nine_tenths: list(NUMBER, size: 2, about: "Between these, inches too large, lie nine units in ten"),
                        by_step: list(BY_STEP),
                        rows: list(object(units: WHOLE, bias: NUMBER, sd: AMOUNT), about: "What a row of so many units is off by, inches"),
                        may: { sample: said(SAMPLE, "Units made at random, when asked for") }).freeze
      EFFORT = object(minutes: AMOUNT, cuts: WHOLE, passes: WHOLE, placements: said(WHOLE, "How often a ruler or trimmer is laid down"),
                      visits: said(WHOLE, "How often the mat, the machine or the iron is got ready"),
                      getting_ready: said(AMOUNT, "Minutes of the whole in which they are"),
                      difficulty: said(WHOLE, "Kinds of step, raw edges on the bias, and lines to find between the heavy ones"),
                      basis: one_of("assumed", "measured")).freeze
      LEFTOVER = { "type" => "object", "required" => %w[what kind count],
                   "properties" => { "what" => one_of("unit", "patch"), "kind" => TEXT, "count" => WHOLE, "fabric" => TEXT,
                                     "hand" => one_of("left", "right") } }.freeze

      # What a screen is told besides.
      STEP = object(round: said(WHOLE, "0 for cutting patches; then what is sewn and pressed before the next"), step: TEXT, say: TEXT,
                    fabric: said(maybe(TEXT), "The one it is done to, where it is one"), count: WHOLE, minutes: AMOUNT,
                    care: maybe(TEXT),
                    may: { layers: said(WHOLE, "That one cut goes through, where they are several"),
                           hints: list(TEXT, about: "What helps in doing it") }).freeze
      DRAWING = object(about: "One strip or sheet to scale, in inches", size: list(NUMBER), repeats: WHOLE, outlines: list(POINTS),
                       marks: list(POINTS), offcut: maybe(list(NUMBER))).freeze
      PATCH = object(role: TEXT, outline: POINTS).freeze
      UNIT_DRAWING = object(about: "The unit's finished patches, in inches; what such units are called; its height and width, or its side",
                            title: TEXT, sides: list(LENGTH), size: list(NUMBER), patches: list(PATCH)).freeze
      MARK = object(at: NUMBER, finished: LENGTH, printed: TEXT, main: YES).freeze
      BEAM_ROW = object(tool: TEXT, name: TEXT, side: maybe(TEXT), reads: TEXT, locked: maybe(TEXT), gaps: list(LENGTH), marks: list(MARK),
                        role: said(maybe(TEXT), "The fabric whose patches the row is for")).freeze
      BEAM = object(measure: said(TEXT, "What the unit's measure on the beam is called"), from: NUMBER, to: NUMBER,
                    stops: list(LENGTH, about: "Where the fence can stand, at even distances from one end of the scale to the other"),
                    ticks: list(object(at: NUMBER, number: maybe(TEXT), half: YES), about: "A line at each stop; a number at some"),
                    finished: LENGTH, at: NUMBER, rows: list({ "$ref" => "#/$defs/BeamRow" })).freeze

      FENCE = object(about: "Where the fence stands on the beam, and what each row of it says there", finished: LENGTH, at: NUMBER,
                     rows: list(object(tool: TEXT, side: maybe(TEXT), role: maybe(TEXT), locked: maybe(TEXT), gaps: list(LENGTH)))).freeze

      MEASURES = object(about: "How areas, small differences and bars of scale are told", area: TEXT, area_words: TEXT,
                        square: NUMBER, small: TEXT,
                        thousandths: NUMBER, digits: WHOLE, limit: TEXT, bars: list(object(inches: NUMBER, text: TEXT))).freeze

      METHOD = object(
        method: TEXT, family: one_of("rotary", "die", "triangle_ruler", "template", "foundation"), technique: TEXT, feasible: YES,
        problems: list(PROBLEM), settings: list({ "$ref" => "#/$defs/Setting" }),
        may: { cuts: list({ "$ref" => "#/$defs/Cut" }), makes: MAKES, fabric: by_name({ "$ref" => "#/$defs/FabricParts" }),
               waste: { "$ref" => "#/$defs/Waste" }, accuracy: { "$ref" => "#/$defs/Accuracy" }, effort: EFFORT,
               leftovers: list(LEFTOVER, about: "Named so that they can be offered to the next project"), rank: WHOLE, score: NUMBER,
               why: said(TEXT, "Two or three sentences: what it makes, the trade against the one above it, its accuracy"),
               beaten_by: said(maybe(TEXT), "A method that is as good or better on every count"),
               warnings: list(SAID, about: "What has to be watched with this method, these tools and this fabric"),
               title: TEXT, verdict: said(TEXT, "In a word, why it stands below the one above it"),
              taken: said(TEXT, "What was taken from stock, in words"),
               true_to_size: object(size: TEXT, varies: TEXT, points: TEXT, rows: list(TEXT), about: "Accuracy in words, for a screen"),
               cares: list(TEXT, about: "What is said where the work can hurt"), steps: list({ "$ref" => "#/$defs/Step" }),
               drawings: by_name(list({ "$ref" => "#/$defs/Drawing" })) }
      ).freeze
      WEIGHING = object(unit: { "$ref" => "#/$defs/UnitDocument" }, methods: list({ "$ref" => "#/$defs/Method" }),
                        may: { beam: { "$ref" => "#/$defs/Beam" }, fence: { "$ref" => "#/$defs/Fence" },
                               drawing: { "$ref" => "#/$defs/UnitDrawing" }, measures: MEASURES }).freeze
      LADDER = object(ladder: list(object(
                                     block: LENGTH, score: SHARE, all_on_marks: YES,
                                     units: list(object(kind: TEXT, finished: UNIT["properties"]["finished"], cut_sizes_on_eighths: YES,
                                                        marks: list(object(tool: TEXT, mark: TEXT))))
                                   ))).freeze
      LAID = object(letter: TEXT, size: list(LENGTH, size: 2, about: "Across the strip, and along it"), at: LENGTH, up: LENGTH).freeze
      STRIP = object(stock: said(WHOLE, "Which entry of the fabric's stock"), width: LENGTH, length: LENGTH,
                     at: said(LENGTH, "Where it begins along the bolt"), pieces: list(LAID),
                     may: { sheet: said(WHOLE, "Which sheet of that stock, the first of those alike; a strip of the bolt has none"),
                            count: said(WHOLE, "How many are cut just like it; 1 where it is left out"),
                            with: said(TEXT, "The fabric that lies on it right sides together and is cut with it") }).freeze
      PLACEMENTS = object(tool: TEXT, width: LENGTH, count: WHOLE, sequence: list(object(shift: LENGTH, slots: list(LENGTH)))).freeze
      FABRIC_PLAN = object(strips: list(STRIP), offcuts: list(object(size: list(LENGTH, size: 2))), used_length: LENGTH,
                           bound_length: LENGTH,
                           gap: LENGTH, first_fit_length: LENGTH, sheets_used: WHOLE, sheets_bound: WHOLE, placements: list(PLACEMENTS),
                           short: list(object(letter: TEXT, size: list(LENGTH, size: 2), count: WHOLE, say: TEXT))).freeze
      LETTER = object(letter: TEXT, size: list(LENGTH, size: 2), shape: one_of("square", "rectangle", "run"), count: WHOLE,
                      for: list(TEXT), may: { then: TEXT }).freeze
      PLAN = object(fabrics: by_name(FABRIC_PLAN), letters: list(LETTER)).freeze
      # Every shape that has a name.
      # What counts, and how much.
      PRIORITIES = object(**Weighing::Priorities.fields.to_h { |field| [field.as, field.type.schema] }).freeze

      NAMED = { "Priorities" => PRIORITIES, "UnitDocument" => UNIT,
                "Setting" => SETTING, "Cut" => CUT, "FabricParts" => FABRIC, "Waste" => WASTE,
                "Accuracy" => ACCURACY, "Step" => STEP, "Drawing" => DRAWING, "UnitDrawing" => UNIT_DRAWING,
                "Beam" => BEAM, "Fence" => FENCE, "BeamRow" => BEAM_ROW, "Method" => METHOD, "WeighAnswer" => WEIGHING,
                "SizesAnswer" => LADDER, "PlanAnswer" => PLAN,
                **FormShapes::NAMED, **StepShapes::NAMED, **ChoiceShapes::NAMED, **BlockShapes::NAMED, **ShelfShapes::NAMED }.freeze
    end
  end
end
