# frozen_string_literal: true

module OakenGauge
  module Keeping
    # How one drill went: so many questions asked, so many answered right, and when.
    #
    # @example
    #   { "drill" => "left_or_right", "asked" => 10, "right" => 9, "at" => "2026-11-26T19:30:00Z" }
    class DrillResult
      include Documents::Record

      # How many questions a drill may have had.
      ASKED = (1..1000)
      # A moment of these centuries, to the second, in universal time.
      MOMENT = /\A([23]\d{3})-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])T([01]\d|2[0-3])(:[0-5]\d){2}Z\z/

      choice :drill, -> { Practice.drills.map { |drill| drill.kind.to_s } }
      integer :asked, within: ASKED
      integer :right, within: 0..ASKED.max
      text :at, most: 20
      rule(:right, :asked, say: "is more than were asked: allowed is at most so many") { |right, asked| right <= asked }
      rule(:at, say: "is no moment: allowed is one such as 2026-11-26T19:30:00Z") { |at| moment?(at) }

      # @return [Boolean] whether it is one, on a day that the calendar has
      def self.moment?(text)
        parts = MOMENT.match(text) or return false
        year, month, day = parts.captures.first(3).map(&:to_i)
        Time.utc(year, month, day).day == day
      end
    end
  end
end
