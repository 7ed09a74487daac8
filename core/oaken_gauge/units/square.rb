# frozen_string_literal: true

module OakenGauge
  module Units
    # One square patch.
    class Square < Unit
      title "square"
      roles :patch
      common 3
      finishes
      counted
      on_square_cells
      starter({ "finished" => "2", "count" => 24 })

      # @return [Array<Patch>]
      def patches
        @patches ||= [Patch.new(role: :patch, shape: Patches::Square.new(finished), outline: outline)]
      end
    end
  end
end
