# frozen_string_literal: true

# Every kind of unit in several sizes, and a drawer in which every method finds what it needs.
module Catalogue
  BOAT = [%w[0 0], %w[4 0], %w[3 2], %w[1 2]].freeze

  UNITS = {
    square: [{ "finished" => "2" }, { "finished" => "3 1/8" }, { "finished" => "7cm" }],
    rectangle: [{ "finished" => ["2", "3 1/2"] }, { "finished" => %w[6 1] }],
    half_square: [{ "finished" => "2" }, { "finished" => "3 3/8" }, { "finished" => "6" }],
    hourglass: [{ "finished" => "4" }, { "finished" => "2" }, { "finished" => "3.3" }],
    three_triangle: [{ "finished" => "4", "count" => { "left" => 8, "right" => 3 } }, { "finished" => "2", "count" => { "left" => 0, "right" => 5 } }],
    flying_geese: [{ "finished" => %w[2 4] }, { "finished" => ["1 1/2", "3"] }, { "finished" => %w[3 6] }],
    square_in_square: [{ "finished" => "4" }, { "finished" => "6" }],
    cut_corner: [{ "finished" => "4", "corner" => "2", "corners" => 4 }, { "finished" => "4", "corner" => "3", "corners" => 1 },
                 { "finished" => "6", "corner" => "1 1/2", "corners" => 2 }],
    wedge_ring: [{ "finished" => "6" }, { "finished" => "8", "large_corners" => true }],
    web_half: [{ "finished" => "4" }, { "finished" => "6" }],
    shape: [{ "outline" => BOAT }, { "outline" => [%w[0 0], %w[3 0], %w[3 3]] }, { "outline" => [%w[0 0], %w[5 0], %w[2 1], %w[2 4]] }],
    triangle: [{ "finished" => "4", "grain" => "long_side" }, { "finished" => "3", "grain" => "legs" }]
  }.freeze

  ruler = ->(makes, reads, marks) { { "makes" => makes, "reads" => reads, "marks" => marks } }
  steps = { "from" => "1/2", "to" => "12", "step" => "1/8" }
  die = lambda do |id, blank, *shapes|
    { "id" => id, "name" => id, "kind" => "die", "board" => %w[10 14], "blank" => blank, "shapes" => shapes }
  end

  TOOLS = [
    { "id" => "rule", "name" => "Rule", "kind" => "straight_ruler", "width" => "6 1/2", "length" => "24" },
    { "id" => "slots", "name" => "Slots", "kind" => "slotted_ruler", "slot_step" => "1/2", "reach" => "12", "length" => "20" },
    { "id" => "tri", "name" => "Tri", "kind" => "strip_triangle_ruler",
      "sides" => [ruler.call("half_square", "finished", steps), ruler.call("quarter_square", "strip", steps)] },
    die.call("d-tri", %w[9 12], { "patch" => "half_square", "finished" => "2", "count" => 8 }, { "patch" => "quarter_square", "finished" => "4", "count" => 2 },
             { "patch" => "square", "finished" => "2", "count" => 3 }, { "patch" => "half_square", "finished" => "4", "count" => 1 }),
    die.call("d-boat", %w[6 6], { "outline" => BOAT, "count" => 2 }),
    die.call("d-wedge", %w[9 12], { "patch" => "wedge", "finished" => "3", "count" => 8 }),
    { "id" => "press", "name" => "Press", "kind" => "die_press", "bed_width" => "12", "powered" => true },
    { "id" => "letters", "name" => "Letters", "kind" => "geese_trimmer",
      "marks" => [{ "mark" => "D", "finished" => %w[2 4], "goose_square" => "5 1/2", "sky_square" => "7" }] },
    { "id" => "lock", "name" => "Lock", "kind" => "seam_lock_trimmer", "makes" => "half_square", "finished" => "2" },
    { "id" => "many", "name" => "Many", "kind" => "unit_trimmer", "makes" => %w[half_square hourglass three_triangle], "reads" => "unfinished",
      "marks" => { "from" => "1", "to" => "9", "step" => "1/2" } },
    { "id" => "wedges", "name" => "Wedges", "kind" => "wedge_ruler", "tip_degrees" => 45,
      "marks" => (12..60).map { |eighths| { "strip" => "#{eighths}/8", "kite_square" => "#{((eighths * 0.7654) + 2.7).ceil + 1}/8" } } },
    { "id" => "boat", "name" => "Boat", "kind" => "template", "outline" => BOAT },
    { "id" => "half", "name" => "Half", "kind" => "template", "makes" => "half_square", "finished" => "2" },
    { "id" => "goose", "name" => "Goose", "kind" => "template", "makes" => "quarter_square", "finished" => "4" },
    { "id" => "corner", "name" => "Corner", "kind" => "corner_trimmer", "round" => "inner" },
    { "id" => "sheet-1", "name" => "Sheet 1", "kind" => "foundation_grid", "cell" => "1", "columns" => 20, "rows" => 24, "ease" => "1/16" },
    { "id" => "sheet-2", "name" => "Sheet 2", "kind" => "foundation_grid", "cell" => "1 1/2", "columns" => 12, "rows" => 12 },
    { "id" => "aid", "name" => "Aid", "kind" => "marking_aid", "aids" => %w[tape light] }
  ].freeze

  FABRICS = {
    "yardage" => { "form" => "yardage", "usable_width" => "42" }, "strips" => { "form" => "strips", "width" => "5 1/2", "usable_length" => "40" },
    "squares" => { "form" => "squares", "side" => "10" }, "fat_quarter" => { "form" => "fat_quarter" },
    "scraps" => { "form" => "scraps", "pieces" => Array.new(120) { |i| [%w[9 12], %w[7 7], %w[20 6], %w[11 11]][i % 4] } },
    "print" => { "form" => "yardage", "directional" => true, "cloth" => "flannel" }
  }.freeze

  # Every unit as a document.
  def self.units(count = 13)
    UNITS.flat_map { |kind, list| list.map { |unit| { "kind" => kind.to_s, "count" => count }.merge(unit) } }
  end
end
