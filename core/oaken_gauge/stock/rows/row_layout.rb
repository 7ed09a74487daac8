# frozen_string_literal: true

module OakenGauge
  module Stock
    module Rows
      # Whole strips, one row of shapes to a strip: what that takes from stock and what goes back.
      #
      # - form: {Sheets::Form} of a row
      # - strip: Rational inches, the width of every strip
      # - length: Rational inches along each
      # - per_strip: shapes that one strip holds
      # - count: shapes needed
      RowLayout = Struct.new(:form, :strip, :length, :per_strip, :count, keyword_init: true) do
        # @return [Integer] strips taken
        def taken
          (count / per_strip.to_r).ceil
        end

        # @return [Numeric] square inches
        def consumed
          taken * strip * length
        end

        # Smaller comes first; at a tie the narrower strip.
        # @return [Array]
        def preference
          [consumed, strip]
        end

        # @return [Allocation]
        def allocation
          Allocation.new(consumed: consumed, offcut: sheets.sum { |sheet| offcut_area(sheet) }, taken: taken,
                         strips: [[strip, taken]], sheets: sheets)
        end

        # Full strips, then the one that is not.
        # @return [Array<Sheet>]
        def sheets
          @sheets ||= [[count / per_strip, per_strip], [1, count % per_strip]]
                      .reject { |repeats, held| repeats.zero? || held.zero? }
                      .map { |repeats, held| sheet(repeats, held) }
        end

        # @param reached [Numeric] how far a strip is filled, inches
        # @return [Array, nil] left, low, width and height of what goes back to the shelf
        def offcut(reached)
          [reached, 0, length - reached, strip] if Offcut.worth_keeping?(length - reached, strip)
        end

        private

        def sheet(repeats, held)
          Sheet.new(size: [strip, length], repeats: repeats, drawing: -> { form.outlines.call(held) },
                    lines: -> { form.marks.call(held) }, offcut: offcut(form.reach.call(held)))
        end

        def offcut_area(sheet)
          sheet.offcut ? sheet.repeats * sheet.offcut[2] * sheet.offcut[3] : 0
        end
      end
    end
  end
end
