# frozen_string_literal: true

module OakenGauge
  module Fabrics
    # Strips already cut to one width: long narrow sheets, which may hold several rows.
    class Strips < Fabric
      include AlongStrips

      common 2

      # What is taken of it is counted in these.
      COUNTED = "strip"

      length :width, default: nil, most: 200, label: "Width of a strip"
      length :usable_length, as: :strip_length, default: Yardage::DEFAULT_USABLE_WIDTH, most: 10_000, label: "Usable length"
      integer :count, within: 1..100_000, default: nil, label: "How many"
      besides
      rule(:width, :pieced, say: "is missing",
                            schema: { "anyOf" => [{ "required" => ["width"] }, { "required" => ["pieced"] }] }) { |*either| either.any? }

      # @return [Strips]
      def sized(seam)
        width ? self : with(width: pieced.width(seam))
      end

      # @return [Array] width, length and count of each size
      def rectangles
        [[width, strip_length, count]]
      end

      # @return [String] for the words of a refusal
      def called(measure)
        "#{Length.new(width, measure)} strips"
      end

      # Blanks lie with their length along the grain where as many can.
      # @param cut [Layout::Cut]
      # @return [Array<Array(Boolean, Layout::Form)>]
      def ways(cut)
        return super unless cut.die

        [super.reverse.max_by { |turned, form| possible(cut, turned, form) + (turned ? 0 : 1/2r) }]
      end

      # A strip is crosscut where its pieces end: the rest of it stays a strip.
      # @return [Boolean]
      def crosscut_first?
        true
      end

      private

      def along_strip
        strip_length
      end

      def wide_enough?(form)
        form.width <= width
      end

      # How many of those wanted the strips have room for.
      def possible(cut, turned, form)
        along, across = turned ? [width, strip_length] : [strip_length, width]
        held = rows_across(form, across) * form.per.call(along)
        count ? [held * count, cut.count].min : [held, 1].min
      end
    end
  end
end
