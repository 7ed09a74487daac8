# frozen_string_literal: true

module OakenGauge
  module StepDrawings
    # Several drawings as one, side by side or under one another.
    module Beside
      # How far apart, in parts of the first.
      APART = 0.2

      class << self
        # @param drawings [Array<Drawing>]
        # @return [Drawing]
        def in_a_row(drawings)
          put(drawings) { |sides, its| Complex.rect(sides.right + (sides.wide * APART), sides.bottom) - its.lower_left }
        end

        # @param drawings [Array<Drawing>]
        # @return [Drawing]
        def under_one_another(drawings)
          put(drawings) { |sides, its| Complex.rect(sides.left, sides.bottom - (sides.high * APART)) - its.upper_left }
        end

        private

        def put(drawings)
          drawings.inject { |all, one| add(all, one, yield(all.sides, one.sides)) } || Drawing.new
        end

        def add(all, one, way)
          all.layers(one.fabric.map { |layer| layer.move(way) }).comes_off(one.off.map { |outline| outline.move(way) })
          one.tools.each { |outline| all.tool(outline.move(way)) }
          one.beds.each { |outline| all.bed(outline.move(way)) }
          add_lines(all, one, way)
        end

        def add_lines(all, one, way)
          one.lines.each { |line| all.line(line.what, *line.points.map { |point| point + way }) }
          one.labels.each { |label| all.label(*(label.at + way).rect, label.text) }
          all
        end
      end
    end
  end
end
