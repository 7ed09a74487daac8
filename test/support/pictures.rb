# frozen_string_literal: true

# Blocks as they look, in short words, for tests: rows parted by slashes; r(a,b) is a cell cut on the rising diagonal, f(a,b)
# on the falling one, q(a,b,c,d) on both; a letter alone is whole. And what units look like on cells, written down here anew.
module Pictures
  Blocks = OakenGauge::Blocks
  # Inches to a cell.
  SIDE = 3
  CUT = { "r" => "rising", "f" => "falling", "q" => "quartered" }.freeze

  # Taken apart once, whichever test asks.
  APART = {} # rubocop:disable Style/MutableConstant

  def apart(picture, changes = {})
    columns, = picture_size(picture)
    document = { "cells" => documents(picture), "finished" => (SIDE * columns).to_s, **changes }
    APART[document] ||= OakenGauge.deconstruct(document)
  end

  def documents(picture)
    picture.split(" / ").map { |row| row.split.map { |cell| document(cell) } }
  end

  def document(cell)
    way, names = cell.match(/\A([rfq])\((.*)\)\z/)&.captures
    way ? { "cut" => CUT.fetch(way), "fabrics" => names.split(",") } : { "cut" => "whole", "fabrics" => [cell] }
  end

  # @return [Array<Array<Array<String>>>] rows of cells: top, right, bottom, left
  def cells_of(picture)
    documents(picture).map do |row|
      row.map do |cell|
        one, two, three, four = cell["fabrics"]
        { "whole" => [one] * 4, "rising" => [one, two, two, one], "falling" => [one, one, two, two], "quartered" => [one, two, three, four] }
          .fetch(cell["cut"])
      end
    end
  end

  def picture_size(picture)
    rows = documents(picture)
    [rows.first.size, rows.size]
  end

  def chequered(columns, rows = columns, &cell)
    Array.new(rows) { |y| Array.new(columns) { |x| cell.call(x, y) }.join(" ") }.join(" / ")
  end

  def picture(text)
    Blocks::Picture.new(cells_of(text))
  end

  def placements(picture)
    Blocks::Placements.new(picture, ->(fabric) { fabric }).all
  end

  # What pieces of a block show, by the plain rules of each unit for a point (x, y) with y down and its side 1.
  SEEN = {
    "square" => ->(*) { "patch" }, "rectangle" => ->(*) { "patch" },
    "half_square" => ->(x, y, _) { x + y < 1 ? "light" : "dark" },
    "hourglass" => lambda { |x, y, _|
      if y < x then x + y < 1 ? "light" : "dark"
      else x + y < 1 ? "dark_2" : "light_2"
      end
    },
    "three_triangle" => lambda { |x, y, _|
      next "half" if x + y > 1

      y < x ? "right" : "left"
    },
    "flying_geese" => ->(x, y, _) { 2 * (x - 0.5).abs < y ? "goose" : "sky" },
    "square_in_square" => ->(x, y, _) { (x - 0.5).abs + (y - 0.5).abs < 0.5 ? "center" : "corners" },
    "cut_corner" => lambda { |x, y, piece|
      # From the lower left, counter-clockwise.
      to = [x + (1 - y), (1 - x) + (1 - y), (1 - x) + y, x + y]
      cut = piece["opposite"] ? to.values_at(0, 2) : to.first(piece["corners"])
      cut.any? { |distance| distance < piece["leg"] } ? "corners" : "body"
    }
  }.freeze
  MIDDLES = [[0.5, 1 / 6.0], [5 / 6.0, 0.5], [0.5, 5 / 6.0], [1 / 6.0, 0.5]].freeze

  # @return [Array<Array<Array<String>>>] what pieces show, laid down one by one on bare cells
  def laid(pieces, columns, rows)
    cells = Array.new(rows) { Array.new(columns) }
    pieces.each do |piece|
      left, top, wide, high = piece["at"] + piece["span"]
      wide.times { |x| high.times { |y| cells[top + y][left + x] = MIDDLES.map { |across, down| seen(piece, x + across, y + down) } } }
    end
    cells
  end

  # Where a point of the block is in the unit before it was turned clockwise, and before it was mirrored.
  def seen(piece, across, down)
    wide, high = piece["span"]
    x = across.fdiv(wide)
    y = down.fdiv(high)
    piece["turn"].times { x, y = y, 1 - x }
    x = 1 - x if piece["mirror"]
    seat = SEEN.fetch(piece["kind"]).call(x, y, { **piece, "leg" => leg(piece) })
    named(piece["fabrics"], seat)
  end

  def leg(piece)
    piece["corner"].to_r / (SIDE * piece["span"].first) if piece["corner"]
  end

  def named(fabrics, seat)
    fabrics[seat] || fabrics.fetch(seat.delete_suffix("_2"))
  end
end
