# frozen_string_literal: true

module OakenGauge
  module Construction
    # A sewn unit trimmed to size. On four sides, the ruler is laid so that its lines fall on the seams
    # as well as they can, and what the seams leave open lies in the middle of the fabric; on two sides,
    # two raw sides are laid on the ruler's lines and the other two are cut.
    class Trimming
      # What matters little beside the seams: lying in the middle.
      MIDDLE = 1e-7

      # @param sides [Integer] 4 or 2
      # @param kind [Symbol] the value of the profile for the tool
      # @param step [Symbol] the operation
      def initialize(sides:, kind:, step:)
        @sides = sides
        @kind = kind
        @step = step
      end

      # @param frame [Frame]
      # @param seams [Hash{Joint => Numeric}]
      # @param outside [Hash{Edge => Numeric}] the raw edges
      # @param skill [Skill]
      # @return [Array(Hash{Edge => Numeric}, Array<Numeric>)] the edges as trimmed, and what there was to trim
      #   at each
      def call(frame, seams, outside, skill)
        @frame = frame
        ruler = place(seams, outside, skill)
        wide = Hash.new { |errors, normal| errors[normal] = skill.spread(@step, @kind) }
        trimmed = outside.to_h { |edge, raw| [edge, kept?(edge) ? raw : line(edge, ruler, wide)] }.compare_by_identity
        [trimmed, outside.reject { |edge, _| kept?(edge) }.map { |edge, raw| raw - trimmed[edge] }]
      end

      private

      def line(edge, ruler, wide)
        at = Lines.along(ruler, edge.normal)
        far?(edge) ? at + wide[edge.normal.rect.map { |number| number.round(6) }] : at
      end

      # The sides that are cut after the half turn.
      def far?(edge)
        edge.normal.rect.sum > Plane::FITTING
      end

      def kept?(edge)
        two? && !far?(edge)
      end

      def two?
        @sides == 2 && near_sides.all?(&:any?)
      end

      # The two raw sides: to the left, and below.
      def near_sides
        [Complex(-1, 0), Complex(0, -1)].map { |way| @frame.outer.select { |edge| Plane.same?(edge.normal, way) } }
      end

      def place(seams, outside, skill)
        return near_sides.map { |edges| edges.sum { |edge| outside[edge] } / -edges.size } if two?

        on_seams(seams, outside).map { |at| at + skill.spread(@step, @kind) }
      end

      # Least squares: a pull for each place where a seam should pass, a small one from each raw edge. What
      # each pull moves the ruler by is worked out first, so that nothing large is taken from anything large.
      def on_seams(seams, outside)
        pulls = seam_pulls(seams) + @frame.outer.map { |edge| [edge.normal, outside[edge], MIDDLE] }
        turn = inverse(*squares(pulls))
        turn.map { |row| pulls.sum { |normal, at, weight| at * (weight * Lines.along(row, normal)) } }
      end

      def squares(pulls)
        %i[real imag].repeated_combination(2).map do |one, other|
          pulls.sum { |normal, _, weight| normal.public_send(one) * normal.public_send(other) * weight }
        end
      end

      def inverse(xx, xy, yy)
        whole = (xx * yy) - (xy * xy)
        [[yy / whole, -xy / whole], [-xy / whole, xx / whole]]
      end

      def seam_pulls(seams)
        @frame.points.flat_map { |point| point.pulls(seams) }.map { |normal, at| [normal, at, 1.0] }
      end
    end
  end
end
