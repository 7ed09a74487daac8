# frozen_string_literal: true

module OakenGauge
  module Answers
    # What the answers about a drawer and a shelf look like, see {WeighShapes}: pictures of tools, which line, what is promised,
    # what is missing, drills.
    module ShelfShapes
      extend Shapes
      include Shapes

      POINT = { "type" => "array", "items" => NUMBER, "minItems" => 2, "maxItems" => 2 }.freeze
      OUTLINES = list(POINTS)
      LINES = list(object(from: POINT, to: POINT, weight: one_of("main", "half", "fine", "seam")))
      LABEL = object(at: POINT, text: TEXT)

      PICTURE = object(about: "A tool to scale, in inches, upward from its lower left corner", size: list(NUMBER, size: 2),
                       bodies: OUTLINES, parts: OUTLINES, lines: LINES, labels: list(LABEL)).freeze
      READING = object(about: "What a number would mean, read one way", reads: one_of("finished", "strip"), told: YES, number: LENGTH,
                       strip: LENGTH, finished: LENGTH, outline: POINTS, say: TEXT).freeze
      LOOK = object(picture: maybe(PICTURE), readings: list(list(READING)), face: said(list(TEXT), "What is on it, a line each")).freeze
      ON_SHELF = object(length: said(maybe(NUMBER), "Inches off a bolt; of pieces, what they would come to; null where nobody says"),
                        pieces: maybe(WHOLE), say: TEXT).freeze

      SCENE = object(about: "A tool on fabric, in inches, upward", fabric: OUTLINES, pieces: OUTLINES, bodies: OUTLINES, lines: LINES,
                     lit: LINES, label: LABEL)
      LAYING = object(tool: TEXT, name: TEXT, mark: TEXT, reads: TEXT, steps: list(TEXT), scene: maybe(SCENE))
      LACK = object(tool: TEXT, name: TEXT, say: TEXT)
      GROUP = object(title: TEXT, roles: list(TEXT), size: maybe(list(LENGTH)), layings: list(LAYING), missing: list(LACK))
      WEDGES = list(object(strip: LENGTH, ring: LENGTH, corner: TEXT, web: TEXT, kite: TEXT, wedges: WHOLE))
      WHICH_LINE = object(unit: { "$ref" => "#/$defs/UnitDocument" }, drawing: { "$ref" => "#/$defs/UnitDrawing" }, finished: list(LENGTH),
                          unfinished: list(LENGTH), asks: maybe(object(finished: list(LENGTH), say: TEXT)), groups: list(GROUP),
                          wedges: maybe(WEDGES)).freeze

      PROMISE = object(promised: TEXT, holds: said(maybe(TEXT), "What there is of it"), left: maybe(TEXT), twice: YES, say: TEXT,
                       lengths: object(taken: list(NUMBER), over: NUMBER, about: "Inches: what each takes; what is not there"),
                       by: list(object(project: TEXT, id: maybe(WHOLE), units: list(TEXT), takes: TEXT, needed: TEXT,
                                       buy: said(maybe(TEXT), "What is not there for it, as shops sell it")))).freeze
      STATION = object(station: one_of("quilt", "units", "buy"), title: TEXT,
open: said(maybe(TEXT), "What is to be done there; null for nothing"))
      NEXT = object(say: TEXT, station: one_of("quilt", "units", "buy", "steps"))
      COSTS = { fabric: TEXT, minutes: TEXT, extra: WHOLE }.freeze
      PICKED = object(title: TEXT, mark: said(maybe(TEXT), "What its tool is set to"), good: TEXT, assumed: YES, **COSTS)
      # Its server says besides which unit of its own it is.
      AT_HOME = object(count: TEXT, pick: maybe(PICKED), say: said(maybe(TEXT), "Why it cannot be shown"),
                       may: { drawing: { "$ref" => "#/$defs/UnitDrawing" } }).except("additionalProperties").freeze
      TOTALS = object(picked: TEXT, good: maybe(TEXT), **COSTS)

      VALUE = { "oneOf" => [NUMBER, LENGTH] }.freeze
      INTERVAL = object(from: VALUE, to: VALUE, first: TEXT, second: maybe(TEXT),
                        may: { title: TEXT, span: list(NUMBER, size: 2, about: "Where it lies on its scale; sizes in inches") })
      TURNING = object(about: "Which method is first as one thing moves", intervals: list(INTERVAL),
                       now: said(maybe(WHOLE), "The place of the interval that holds now; null where none does"),
                       may: { without_price: said(list(TEXT), "Roles whose fabric has no price and counts nothing") }).freeze

      BENCH_STEP = object(about: "A step as it is read from where one stands", number: TEXT, shown: one_of("cut", "count"), title: TEXT,
                          say: TEXT,
                          hint: maybe(TEXT), care: maybe(TEXT), fabric: maybe(TEXT), round: said(WHOLE, "0 for cutting patches")).freeze

      ANY = { "type" => "object", "additionalProperties" => true }.freeze
      # A tool's document; its other keys depend on its kind.
      TOOL = { "type" => "object", "required" => %w[id name kind], "additionalProperties" => true,
               "properties" => { "id" => TEXT, "name" => TEXT, "kind" => TEXT } }.freeze
      GAIN = object(tool: TOOL, units: list(TEXT), fabric: NUMBER, minutes: NUMBER, say: TEXT)
      MISSING = object(unreached: list(TEXT), idle: list(object(tool: TEXT, name: TEXT)), gains: list(GAIN)).freeze

      RULER = object(from: NUMBER, to: NUMBER, lit: NUMBER, main_at: NUMBER)
      QUESTION = object(ask: TEXT, choices: list(TEXT), right: WHOLE, because: TEXT, ruler: maybe(RULER),
                        patches: maybe(list(object(role: TEXT, outline: POINTS)))).freeze

      BETWEEN = list(NUMBER, size: 2)
      MOVED = object(value: TEXT, from: NUMBER, to: NUMBER, count: WHOLE, sd: NUMBER, say: TEXT,
                     interval: said(maybe(BETWEEN), "Where the spread lies, or the share, nine in ten"),
                     bias_interval: said(maybe(BETWEEN), "Where the mean lies, nine in ten"))
      LEARNT = object(maker: ANY, moved: list(MOVED),
                      drift: said(maybe(ANY), "What sizes change by from unit to unit, where that is sure: per_unit in inches, sure, say"),
                      points_to: said(maybe(ANY), "Values of the profile that units which were measured point to, and say")).freeze

      NAMED = { "Learnt" => LEARNT, "ToolPicture" => PICTURE, "FabricOnShelf" => ON_SHELF, "ToolLook" => LOOK,
                "WhichLineAnswer" => WHICH_LINE,
                "Promise" => PROMISE, "TurningAnswer" => TURNING,
                "BenchStep" => BENCH_STEP, "Station" => STATION, "NextStep" => NEXT, "UnitAtHome" => AT_HOME, "HomeTotals" => TOTALS,
                "MissingTools" => MISSING, "Question" => QUESTION }.freeze
    end
  end
end
