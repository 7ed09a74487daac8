# frozen_string_literal: true

# Legal documents at their extremes, and some just beyond: whatever is legal is answered in bounded time and room,
# whatever is not gets its sentence.
module Extremes
  UNIT = { "kind" => "half_square", "finished" => "2", "count" => 24 }.freeze
  ROUND = ->(corners, size) { Array.new(corners) { |i| [at(i, corners, size) { |turn| Math.cos(turn) }, at(i, corners, size) { |turn| Math.sin(turn) }] } }

  class << self
    # @return [Hash{String => Array}] a command and a document, by what is extreme about it
    def all
      { "a sheet of tiny cells" => weigh("tools" => [sheet("0.01", 200, 200)]),
        "2,000 scraps for each fabric" => weigh("unit" => UNIT.merge("count" => 2000), "fabrics" => { "light" => scraps, "dark" => scraps }),
        "2,000 scraps, no two alike, geese" => weigh("unit" => { "kind" => "flying_geese", "finished" => %w[2 4], "count" => 900 },
                                                     "fabrics" => { "goose" => scraps, "sky" => scraps }),
        "a tiny unit, a fine grid, a wide bolt" => weigh("unit" => UNIT.merge("finished" => "1/8", "count" => 100_000), "grid" => "1/64",
                                                         "fabrics" => wide(%w[light dark])),
        "a tiny shape on a wide bolt" => weigh("unit" => { "kind" => "square", "finished" => "0.01", "count" => 100_000 }, "grid" => "0.001"),
        "40 outlines of 40 corners in each of 60 dies" => weigh("tools" => Array.new(60) { |i| die(i, 40, 40) }),
        "4 dies of 40 outlines" => weigh("tools" => Array.new(4) { |i| die(i, 40, 40) }, "unit" => shape(40)),
        "499 templates of 40 corners" => weigh("tools" => Array.new(499) { |i| template(i, 40) }, "unit" => shape(40)),
        "200 templates of 40 corners" => weigh("tools" => Array.new(200) { |i| template(i, 40) }, "unit" => shape(40)),
        "500 rulers of 400 marks" => weigh("tools" => Array.new(500) { |i| ruler(i) }),
        "500 trimmers of 400 marks" => weigh("tools" => Array.new(500) { |i| trimmer(i) }),
        "20 rulers of 400 marks in a list" => weigh("tools" => Array.new(20) { |i| ruler(i, listed: true) }),
        "a large sheet of small cells" => weigh("unit" => { "kind" => "square_in_square", "finished" => "48", "count" => 100_000 },
                                                "tools" => [sheet("1/4", 200, 200)]),
        "100 large sheets" => weigh("unit" => { "kind" => "square_in_square", "finished" => "48", "count" => 9 },
                                    "tools" => Array.new(100) { |i| sheet(i.zero? ? "1/4" : "#{4 + i}/16", 200, 200).merge("id" => "s#{i}") }),
        "60 wedge rings over 400 blocks" => sizes(60, 400), "60 wedge rings over 40 blocks" => sizes(60, 40),
        "a hundred thousand of everything" => weigh("unit" => UNIT.merge("count" => 100_000)),
        "a hundred thousand squares from 5 inch squares" => weigh("unit" => { "kind" => "square", "finished" => "1/2", "count" => 100_000 },
                                                                  "fabrics" => { "patch" => { "form" => "squares", "side" => "5" } }),
        "a shape of 40 corners on scraps" => weigh("unit" => shape(40).merge("count" => 500), "fabrics" => { "patch" => scraps },
                                                   "tools" => [template(0, 40)]),
        "a line that divides by a googol" => weigh("unit" => UNIT.merge("finished" => "1/777777777777777777777777777777")) }
    end

    # @return [String] a coordinate on a circle
    def at(index, corners, size)
      (((yield(index * 2 * Math::PI / corners) * size) + size).round(3) + 0.001).round(3).to_s
    end

    private

    def weigh(more)
      ["weigh", { "unit" => UNIT }.merge(more)]
    end

    def sizes(units, blocks)
      ["sizes", { "units" => Array.new(units) { { "kind" => "wedge_ring", "share" => "1/3" } },
                  "block" => { "from" => "6", "to" => "#{(6 * 8) + blocks - 1}/8", "step" => "1/8" } }]
    end

    def sheet(cell, columns, rows)
      { "id" => "s", "name" => "S", "kind" => "foundation_grid", "cell" => cell, "columns" => columns, "rows" => rows }
    end

    def scraps
      { "form" => "scraps", "pieces" => Array.new(2000) { |i| ["#{32 + (i % 47)}/8", "#{40 + (i * 7 % 90)}/8"] } }
    end

    def wide(roles)
      roles.to_h { |role| [role, { "form" => "yardage", "usable_width" => "200", "length" => "10000" }] }
    end

    def shape(corners)
      { "kind" => "shape", "outline" => ROUND.call(corners, 2), "count" => 24 }
    end

    def die(index, outlines, corners)
      { "id" => "d#{index}", "name" => "D", "kind" => "die", "board" => %w[100 100], "blank" => %w[90 90],
        "shapes" => Array.new(outlines) { |i| { "outline" => ROUND.call(corners, 1 + (i / 100.0)), "count" => 1 } } }
    end

    def template(index, corners)
      { "id" => "t#{index}", "name" => "T", "kind" => "template", "outline" => ROUND.call(corners, 2 + (index / 1000.0)) }
    end

    def ruler(index, listed: false)
      marks = listed ? Array.new(400) { |i| "#{i + 8}/8" } : { "from" => "1", "to" => "50 7/8", "step" => "1/8" }
      { "id" => "r#{index}", "name" => "R", "kind" => "strip_triangle_ruler", "sides" => [{ "makes" => "half_square", "reads" => "finished", "marks" => marks }] }
    end

    def trimmer(index)
      { "id" => "u#{index}", "name" => "U", "kind" => "unit_trimmer", "makes" => %w[half_square hourglass square],
        "marks" => { "from" => "1", "to" => "50 7/8", "step" => "1/8" } }
    end
  end
end
