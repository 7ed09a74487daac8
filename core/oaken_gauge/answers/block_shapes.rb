# frozen_string_literal: true

module OakenGauge
  module Answers
    # What the answers about blocks and quilts look like.
    module BlockShapes
      extend Shapes
      include Shapes

      FINISHED = { "oneOf" => [LENGTH, list(LENGTH)] }.freeze
      HANDS = { "oneOf" => [WHOLE, object(left: WHOLE, right: WHOLE)] }.freeze
      PLACE = list(WHOLE, size: 2).freeze
      CORNERED = { corner: LENGTH, corners: WHOLE, opposite: YES }.freeze
      UNIT = object(kind: TEXT, finished: FINISHED, fabrics: by_name(TEXT), count: HANDS,
                    may: { **CORNERED, title: said(TEXT, "What one is called, for a screen"), plural: TEXT,
                           shared: said({ "type" => "object" }, "As a sizes document asks for it") }).freeze
      PIECE = object(kind: TEXT, at: PLACE, span: PLACE, turn: said(WHOLE, "Quarter turns clockwise"), mirror: YES, fabrics: by_name(TEXT),
                     may: CORNERED).freeze
      REPEAT = object(cells: list(WHOLE, size: 4, about: "Column, row, columns, rows of the first"), times: WHOLE).freeze
      ALIKE = object(first: WHOLE, pieces: list(WHOLE), say: TEXT).freeze
      WAY = object(pieces: list(PIECE), units: list(UNIT), seams: said(WHOLE, "Each joins two pieces"), partial_seams: WHOLE,
                   repeats: list(REPEAT), net: said(maybe(AMOUNT), "Fabric used, square inches; null where a unit has no method"),
                   minutes: maybe(AMOUNT), good: said(maybe(SHARE), "Of blocks in which every unit is good"), score: maybe(NUMBER),
                   may: { say: said(TEXT, "What it takes, and how it differs from the first, for a screen"),
                          alike: said(maybe(ALIKE), "The one it is of the same units as, and what lies elsewhere, for a screen"),
                          drawing: list(object(fabric: TEXT, outline: POINTS), about: "Patches in cells, downwards, for a screen") }).freeze
      APART = object(grid: PLACE, symmetry: list(one_of(*Blocks::Picture::SYMMETRIES.keys)), ways: list(WAY),
                     ways_in_all: said({ "oneOf" => [WHOLE, TEXT] }, "A string above 2^53, or where there are more"),
                     may: { seen_said: list(TEXT, about: "Its grid and how it is alike, in words for a screen") }).freeze

      CALLED = said(TEXT, "In words for a screen").freeze
      QUILT_PIECE = object(for: one_of("sash", "long_sash", "cornerstone", "half_cornerstone", "border", "binding"), fabric: maybe(TEXT),
                           size: list(LENGTH, size: 2, about: "Across and along, as cut"), count: WHOLE, ends: one_of("square", "mitred"),
                           may: { squares: said(WHOLE, "How many squares of the size the pieces are cut from"), then: TEXT,
                                  called: CALLED }).freeze
      TRIANGLES = object(count: WHOLE, finished: LENGTH, exact: AMOUNT, grain: one_of("legs", "long_side"), square: LENGTH, squares: WHOLE,
                         fabric: maybe(TEXT), may: { called: CALLED, say: TEXT }).freeze
      BACKING = object(length: LENGTH, panels: WHOLE, seams: WHOLE, run: one_of("along", "across")).freeze
      QUILT_UNIT = { "type" => "object", "required" => %w[kind count fabrics],
                     "properties" => { "kind" => TEXT, "finished" => FINISHED, "count" => HANDS, "fabrics" => by_name(TEXT),
                                       "title" => TEXT, "plural" => TEXT,
                                       "method" => said(TEXT, "What makes it: none where no method does"),
                                       "picked" => said(YES, "Whether that was picked; else it is the best"),
                                       "method_title" => TEXT,
                                       "say" => said(TEXT, "Why what was picked cannot be used") } }.freeze
      OUTLINED = object(fabric: maybe(TEXT), outline: POINTS).freeze
      QUILT_DRAWING = object(about: "In inches from the upper left corner within the borders, downwards", size: list(NUMBER, size: 2),
                             block: list(NUMBER, size: 2), ground: maybe(TEXT), blocks: list(list(OUTLINED)),
                             places: list(object(block: WHOLE, middle: list(NUMBER, size: 2), turned: WHOLE)), filling: list(OUTLINED),
                             borders: list(object(width: AMOUNT, fabric: maybe(TEXT), mitred: YES))).freeze
      PANEL = object(cells: list(WHOLE, size: 2), count: WHOLE,
                     square_up: list(LENGTH, size: 2, about: "Unfinished, across and down")).freeze
      PANELS = object(cell: LENGTH, sheet: TEXT, holds: list(WHOLE, size: 2, about: "Cells across and down"), assumed: YES,
                      may: { say: said(TEXT, "Why the quilt does not fit on it"), block: list(WHOLE, size: 2), joins: WHOLE, sheets: WHOLE,
                             panels: list(PANEL) }).freeze
      QUILT_FABRIC = object(fabric: TEXT, needed: TEXT, shelf: said(maybe(TEXT), "Null where nobody says how much there is"),
                            buy: said(maybe(TEXT), "Null where there is enough"),
                            cost: said(maybe(TEXT), "Null where it has no price")).freeze
      QUILT = object(finished: list(LENGTH, size: 2, about: "Width and height, to the nearest 1/16"), exact: list(AMOUNT, size: 2),
                     blocks: WHOLE, units: list(QUILT_UNIT), pieces: list(QUILT_PIECE), setting_triangles: by_name(TRIANGLES),
                     binding: object(strips: WHOLE, length: LENGTH), backing: BACKING, batting: list(LENGTH, size: 2),
                     buy: list(object(fabric: TEXT, length: LENGTH, yards: TEXT)),
                     not_bought: list({ "type" => "object" }, about: "Units that no method makes with these tools"),
                     not_counted: list(object(what: TEXT, say: TEXT, why: one_of("no_fabric", "too_wide", "no_method")),
                                       about: "What of it is not in what is bought"),
                     pieced: list(object(for: TEXT, fabric: TEXT, panels: WHOLE, size: list(LENGTH, size: 2), say: TEXT),
                                  about: "What is sewn from panels, as its fabric is not wide enough"),
                     may: { drawing: QUILT_DRAWING,
                            fabrics: list(QUILT_FABRIC, about: "Each fabric in words, for a screen"),
                            panels: list(PANELS, about: "On foundation sheets, for a screen") }).freeze

      NAMED = { "DeconstructAnswer" => APART, "QuiltAnswer" => QUILT }.freeze
    end
  end
end
