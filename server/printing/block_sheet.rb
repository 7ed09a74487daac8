# frozen_string_literal: true

require "prawn"

module Server
  module Printing
    # A block on one sheet: its picture, and every unit it is made of with its letter, size, fabrics and count. All figures come
    # from the core.
    class BlockSheet
      POINTS = 72
      # Room for the picture, points.
      PICTURE = 300
      MARGIN = 40

      # @param block [Models::Block]
      # @param maker [Models::Maker]
      # @param paper [OakenGauge::Templates::Paper]
      def initialize(block, maker, paper)
        @block = block
        @paper = paper
        @names = maker.fabrics.to_h { |fabric| [fabric.id.to_s, fabric.name] }
        @colours = maker.fabrics.to_h { |fabric| [fabric.id.to_s, fabric.colour.delete_prefix("#")] }
        @units = units(maker)
      end

      # @return [String]
      def render
        size = [@paper.width, @paper.height].map { |side| side.to_f * POINTS }
        @pdf = Prawn::Document.new(page_size: size, margin: MARGIN)
        Letters.give(@pdf)
        @pdf.font(Letters::FAMILY)
        @pdf.text(@block.name, size: 20, style: :bold)
        @pdf.text("Finishes at #{[@block.picture['finished']].flatten.join(' × ')}", size: 11)
        picture
        list
        @pdf.render
      end

      private

      # Those that were chosen for it, or those of the best way to take it apart: counted as a quilt of one block.
      def units(maker)
        block = Jobs::TakeApart.document(@block)
        one = { "blocks" => [{ "block" => block, "count" => 1 }], "setting" => { "layout" => "straight", "across" => 1, "down" => 1 } }
        counted = OakenGauge.quilt({ **one, **maker.question.slice("tools", "maker") })["units"]
        counted.each_with_index.map { |unit, i| unit.merge("letter" => letter(i)) }
      end

      def letter(number)
        number < 26 ? (65 + number).chr : "#{letter((number / 26) - 1)}#{letter(number % 26)}"
      end

      def picture
        patches = OakenGauge.block_drawing(@block.picture).patches
        wide, high = patches.flat_map(&:last).transpose.map { |side| side.max.to_f }
        scale = PICTURE / [wide, high].max
        @pdf.bounding_box([0, @pdf.cursor - 14], width: wide * scale, height: (high * scale) + 18) do
          patches.each { |fabric, corners| patch(fabric, corners, scale) }
        end
      end

      def patch(fabric, corners, scale)
        placed = corners.map { |x, y| [x.to_f * scale, @pdf.bounds.top - (y.to_f * scale)] }
        @pdf.fill_color(@colours.fetch(fabric, "b6bcbf"))
        @pdf.stroke_color("15222b")
        @pdf.line_width(0.6)
        @pdf.fill_and_stroke_polygon(*placed)
        @pdf.fill_color("000000")
      end

      def list
        @pdf.text("Cut and sew for one block", size: 13, style: :bold)
        @pdf.move_down(4)
        @units.each { |unit| @pdf.text(line(unit), size: 11, leading: 3) }
      end

      def line(unit)
        fabrics = unit["fabrics"].map { |role, id| "#{role.tr('_', ' ')} #{@names.fetch(id, id)}" }.join(", ")
        size = [unit["finished"]].flatten.join(" × ")
        "#{unit['letter']}.  #{count(unit['count'])} × #{unit['kind'].tr('_', ' ')}, #{size} finished: #{fabrics}"
      end

      def count(count)
        count.is_a?(Hash) ? "#{count['left']} left and #{count['right']} right" : count
      end
    end
  end
end
