# frozen_string_literal: true

require "prawn"

module Server
  module Printing
    # A block on one sheet: its picture with the letter of every unit and which way up it lies, and what is cut for each, at one
    # size or two. All figures come from the core.
    class BlockSheet
      POINTS = 72
      MARGIN = 40

      # @param block [Models::Block]
      # @param maker [Models::Maker]
      # @param paper [OakenGauge::Templates::Paper]
      # @param also [String, nil] a second finished width
      def initialize(block, maker, paper, also: nil)
        @block = block
        @paper = paper
        @names = maker.fabrics.to_h { |fabric| [fabric.id.to_s, fabric.name] }
        @colours = maker.fabrics.to_h { |fabric| [fabric.id.to_s, fabric.colour.delete_prefix("#")] }
        @sheet = OakenGauge.block_sheet(Jobs::TakeApart.document(block), maker.question.slice("tools", "maker"), other: also)
      end

      # @return [String]
      def render
        size = [@paper.width, @paper.height].map { |side| side.to_f * POINTS }
        @pdf = Prawn::Document.new(page_size: size, margin: MARGIN)
        Letters.give(@pdf)
        @pdf.font(Letters::FAMILY)
        @pdf.text(@block.name, size: 20, style: :bold)
        @pdf.text("Finishes at #{@sheet['finished'].join(' or at ')} wide", size: 11)
        picture
        list
        @pdf.render
      end

      private

      def picture
        drawn = LetteredBlock.new(@pdf, OakenGauge.block_drawing(@block.picture).patches, @sheet["pieces"])
        @pdf.bounding_box([0, @pdf.cursor - 14], width: drawn.width, height: drawn.height + 18) { drawn.draw(@colours) }
        @pdf.text("A triangle points to the top of a unit as it is sewn; m is its mirror image.", size: 9)
        @pdf.move_down(8)
      end

      def list
        @pdf.text("Cut and sew for one block", size: 13, style: :bold)
        @sheet["units"].each do |unit|
          @pdf.move_down(5)
          @pdf.text("#{unit['letter']}.  #{count(unit['count'])} #{unit['title']}: #{fabrics(unit)}", size: 11, style: :bold)
          unit["sizes"].zip(@sheet["finished"]).each { |size, wide| @pdf.text(cutting(size, wide), size: 10.5, leading: 2) }
        end
      end

      def cutting(size, wide)
        block = @sheet["finished"].size > 1 ? "Block of #{wide}: " : ""
        return "#{block}finished #{size['finished']}; no method with your tools" unless size["method"]

        cuts = size["cuts"].map { |role, cut| size["cuts"].size > 1 ? "#{role.tr('_', ' ')} #{cut}" : cut }.join("; ")
        "#{block}finished #{size['finished']}; cut #{cuts} (#{size['method'].downcase})"
      end

      def fabrics(unit)
        unit["fabrics"].map { |role, id| "#{role.tr('_', ' ')} #{@names.fetch(id, id)}" }.join(", ")
      end

      def count(count)
        count.is_a?(Hash) ? "#{count['left']} left and #{count['right']} right" : count
      end
    end
  end
end
