# frozen_string_literal: true

module OakenGauge
  module Documents
    # Writes one entry of a method's list of cuts.
    class CutWriter
      def initialize(cut, task)
        @cut = cut
        @task = task
      end

      # @return [Hash]
      def write
        { "fabric" => @cut.role.to_s, **piece, "then" => @cut.then_do&.to_s }.compact
      end

      private

      def piece
        case @cut
        when Stock::Piece then entry(@cut.size.uniq.one? ? "square" : "rectangle", @cut.size, @cut.exact, @cut.count)
        when Stock::Run then strip
        when Stock::Blank then entry("blank", @cut.size, @cut.size, @cut.count)
        end
      end

      # Strips are counted in strips; what is cut from them is told by "then".
      def strip
        fabric = @task.fabric(@cut.role)
        entry("strip", [@cut.width, fabric.strip_length], [@cut.exact_width, fabric.strip_length], fabric.allocate(@cut).taken)
      end

      def entry(shape, size, exact, count)
        { "shape" => shape, "size" => size.map { |side| Length.new(side, @task.measure).to_s },
          "exact" => exact.map { |side| side.to_f.round(6) }, "count" => count }
      end
    end
  end
end
