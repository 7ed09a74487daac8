# frozen_string_literal: true

module OakenGauge
  module Units
    # One rectangular patch.
    class Rectangle < Unit
      title "rectangle"
      roles :patch
      common 4
      finishes "Finished height", "Finished width"
      counted
      on_cells { |columns, rows| columns == rows ? [] : [{ finished: [rows.to_r, columns.to_r] }] }
      starter({ "finished" => %w[2 4], "count" => 24 })

      # @return [Rectangle] wider than high
      def lying
        with(finished: finished.sort)
      end

      # @return [Array<Patch>]
      def patches
        @patches ||= [Patch.new(role: :patch, shape: Patches::Rectangle.new(finished), outline: outline)]
      end
    end
  end
end
