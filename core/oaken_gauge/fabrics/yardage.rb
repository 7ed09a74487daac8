# frozen_string_literal: true

module OakenGauge
  module Fabrics
    # Fabric off the bolt. Strips of any width are cut from selvage to selvage, one row of pieces to a strip.
    class Yardage < Fabric
      include AlongStrips

      common 1

      # What is taken of it is counted in these.
      COUNTED = "strip"

      # Squared and without selvage, inches.
      DEFAULT_USABLE_WIDTH = 40r

      length :usable_width, default: DEFAULT_USABLE_WIDTH, most: 200, label: "Usable width"
      length :length, default: nil, most: 10_000, label: "Length along the selvage",
                      meaning: "1 1/2 yd, 54, 1.4 m; left empty, as much as it takes"
      besides

      # @return [Boolean] whether strips are cut from it as wide as they are wanted
      def bolt?
        true
      end

      # Of the ways that a strip has room for the one of which least is missing, then the one that takes least, then the
      # narrower strip. Blanks lie along the grain where they can.
      # @param cut [Layout::Cut]
      # @return [Array<Array(Boolean, Layout::Form)>] that one, and whether it is turned, which it is not
      def ways(cut)
        fitting = cut.forms_on_strips(directional?).select { |form| form.per.call(usable_width).positive? }
        fitting = [least(cut, fitting)] if fitting.size > 1
        fitting.map { |form| [false, form] }
      end

      # Which way is best depends on how many there are.
      # @return [Layout::Packing]
      def packing(cut, depth)
        Layout::Packing.new(self, cut, depth: depth)
      end

      # @param ways [Array<Array(Boolean, Layout::Form)>] of all cuts
      # @return [Array] width, length and count of the strips they are cut from, as many as they need
      def sizes(ways)
        ways.map { |_, form| [form.width, usable_width, nil] }.uniq
      end

      # @return [Boolean] as far as its area tells: strips are counted when they are laid out
      def room?(_cut)
        true
      end

      # @return [Integer] rows of a form that go on a strip: one, on its own
      def rows_across(form, across)
        form.width == across ? 1 : 0
      end

      # @param sheets [Array<Layout::Sheet>] strips that were taken
      # @param rows [Array<Array(Layout::Row, Layout::Sheet)>]
      # @return [Hash] what there is to cut: every strip and every piece, since neither edge of a bolt is one
      def work(sheets, rows)
        strips = sheets.sum(&:repeats)
        pieces = rows.sum { |row, sheet| sheet.repeats * row.count }
        { cut_strips: { rows.first.first.form.width => strips }, subcuts: pieces, squared: strips }
      end

      # @return [String] for the words of a refusal
      def called(measure)
        "#{Length.new(usable_width, measure)} wide yardage"
      end

      # @return [Rational, nil] inches along the selvage; nil where nobody says
      def holds
        length
      end

      # @param sheets [Array<Layout::Sheet>]
      # @return [Numeric] inches along the selvage that they take
      def amount(sheets)
        sheets.sum { |sheet| sheet.wide * sheet.repeats }
      end

      # What lengths are told to: eighths of an inch, or millimetres.
      TOLD = { inch: 1/8r, cm: 5/127r, mm: 5/127r }.transform_values { |step| Grid.new(step) }.freeze
      private_constant :TOLD

      # @param amount [Numeric] inches
      # @param round [Symbol] :ceil for what is taken, :floor for what is left
      # @return [String]
      def amount_words(amount, measure, round: :ceil)
        Length.new(TOLD.fetch(measure).public_send(round, amount), measure).to_s
      end

      # @return [String, nil] what of a cut it cannot give
      def short(cut, strips, _missing, measure)
        width, taken = strips_of(strips).first
        held = strips_in_stock(width) if width
        return if held.nil? || held >= taken

        "Needs #{Saying.many(taken, 'strip')} of #{say(width, measure)} from the #{cut.role}; " \
          "the stock gives #{held}. Find #{taken - held} more, or make fewer."
      end

      private

      def along_strip
        usable_width
      end

      def wide_enough?(_form)
        true
      end

      def strips_in_stock(width)
        length && (length / width).floor
      end

      def least(cut, forms)
        forms.min_by.with_index { |form, i| [missing(cut, form), cut.die ? i : 0, strips(cut, form) * form.width, form.width] }
      end

      def strips(cut, form)
        cut.count.fdiv(form.per.call(usable_width)).ceil
      end

      def missing(cut, form)
        held = strips_in_stock(form.width) or return 0
        [cut.count - (held * form.per.call(usable_width)), 0].max
      end
    end
  end
end
