# frozen_string_literal: true

module OakenGauge
  module StepDrawings
    # Squares of two triangles that are laid on one another, or on a plain square, and sewn again across their seam:
    # hourglasses, and units of three triangles.
    class AcrossSeams < Squares
      private

      def stage_of(round)
        round == 1 ? diagonal(*first_squares) : across
      end

      def first_squares
        marked, paired = %i[mark_diagonal pair].map { |done| way.cuts.find { |cut| cut.then_do == done } }
        [paired, marked]
      end

      def across
        low, high = fold_ends
        middle = (low + high) / 2
        # From corner to corner, whatever the fabric sticks out.
        reach = Plane.unit(high - low) * 1i * made.sides.most / SQRT2
        along(lies_below(middle), made.over(*fold_ends), middle - reach, middle + reach)
      end

      # Opposite colours face when one is turned over along its seam.
      def lies_below(middle)
        plain = way.cuts.find { |cut| cut.then_do == :lay_under } or return made

        high, wide = plain.size.map(&:to_f)
        Assembly.piece(plain.role, plain.size, middle - Complex.rect(wide / 2, high / 2))
      end
    end
  end
end
