# frozen_string_literal: true

# Fabric folded, sewn and cut, as polygon operations: what the many-at-a-time methods do at the machine,
# to be set against what the core says they need. Lines are [a, b, c] for ax + by = c.
module Sewing
  ROOT = Math.sqrt(2)

  # @return [OakenGauge::Polygon] turned over across a line, as a patch is when its seam is pressed open
  def fold(polygon, (a, b, c))
    scale = (a * a) + (b * b).to_f
    OakenGauge::Polygon.new(polygon.corners.map do |x, y|
      off = 2 * ((a * x) + (b * y) - c) / scale
      [x - (off * a), y - (off * b)]
    end.reverse)
  end

  # @return [OakenGauge::Polygon] the part where ax + by <= c
  def below(polygon, (a, b, c))
    foot = [a * c / ((a * a) + (b * b)).to_f, b * c / ((a * a) + (b * b)).to_f]
    polygon.left_of(Complex(foot[0] + b, foot[1] - a), Complex(*foot))
  end

  def square(side, left = 0, low = 0)
    OakenGauge::Polygon.rectangle(side.to_f, side.to_f).move(left, low)
  end

  # Two squares of a side, sewn s either side of the diagonal and cut on it: both patches of one unit,
  # open and with their raw edges as they come. The unit's corner is at the origin.
  def two_at_a_time(side, seam)
    half = below(square(side), [1, 1, side])
    line = [1, 1, side - (ROOT * seam)]
    [half, fold(half, line), line]
  end

  # How large a square the two patches make between the seam's ends: the unfinished unit's side.
  def unit_side(patch, other, line)
    far = fold(OakenGauge::Polygon.new([[0, 0], [0.001, 0], [0, 0.001]]), line).corners.flatten.max
    whole = square(far)
    covered = [below(patch, line), fold(below(fold(other, line), line), line)].sum { |fabric| fabric.shared_area(whole) }
    (covered - (far**2)).abs < 1e-6 ? far : 0
  end
end
