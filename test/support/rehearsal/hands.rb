# frozen_string_literal: true

require_relative "table"

module Rehearsal
  ROOT = Math.sqrt(2)

  # Hands that do what a list of steps says, one after another. A script says where things lie.
  #
  # @abstract A script has sew(round), and cut(round, operation) where something is cut.
  class Hands
    attr_reader :table

    # @param way [OakenGauge::Methods::Method]
    def initialize(way)
      @way = way
      @unit = way.unit
      @table = Table.new
      @deep = (way.seam + way.deeper).to_f
    end

    # @param steps [Array<OakenGauge::Methods::Step>] in the order in which they are done
    # @return [Table]
    def follow(steps = @way.steps)
      steps.reject { |step| step.round.zero? }.map { |step| [step.round, step.operation] }.uniq.each { |round, operation| act(round, operation) }
      table
    end

    private

    def act(round, operation)
      case operation.name.to_s
      when /\Asew_(?!bonus)/ then once(:sew, round) { sew(round) }
      when /\Acut_/ then cut(round, operation.name)
      when /\Apress/ then press
      end
    end

    # Long seams first: across their ends lie a few threads of others.
    def press
      table.seams.reject(&:open).sort_by { |seam| -(seam.to - seam.from).abs }.each do |seam|
        table.press(seam) if table.seams.include?(seam)
      end
    end

    def once(*key)
      @done ||= Set.new
      yield if @done.add?(key)
    end

    def cut(_round, _name); end

    def square(side, role, at = 0)
      side = side.to_f
      table.lay([0, side, Complex(side, side), Complex(0, side)].map { |point| point + at }, role)
    end

    def piece(role)
      @way.piece_of(role).size.map(&:to_f)
    end

    # Either side of the diagonal of a square, from its low corner at the left to the one at the top right.
    def beside_diagonal(side, at, **layers)
      in_by = @deep * ROOT
      table.sew(at + Complex(0, in_by), at + Complex(side - in_by, side), **layers)
      table.sew(at + Complex(in_by, 0), at + Complex(side, side - in_by), **layers)
    end

    # A work with its bounds beginning at nothing.
    def settle(work)
      low = work.flat_map(&:points)
      corner = Complex(low.map(&:real).min, low.map(&:imag).min)
      table.move(work) { |point| point - corner }
    end
  end

  # Units from patches: each seam is sewn where the frame of the unit says.
  class Patches < Hands
    def follow(*steps)
      @own = @unit.patches.map { |patch| table.lay(patch.outline.offset(@way.seam).floating.points, patch.role) }
      super
    end

    private

    def sew(round)
      joints = OakenGauge::Construction::SeamGraph.new(@unit.frame, @way.seam).rounds.fetch(round - 1)
      joints.each { |joint| join(@unit.frame.joints[joint]) }
    end

    def join(joint)
      under = table.work(@own[joint.lead])
      over = table.work(@own[joint.opened.first])
      way = joint.along
      table.move(over) { |point| joint.low + (way * ((point - joint.low) / way).conj) }
      table.sew(joint.low, joint.high, under: under, over: over)
    end
  end

  # Squares laid on one another, sewn either side of a diagonal, cut on it.
  class TwoAtATime < Hands
    private

    def sew(_round)
      roles = @unit.class.roles.last(2)
      @side = @way.cut_side(roles.last).to_f
      @below, @above = roles.map { |role| square(@side, role) }
      beside_diagonal(@side, 0, under: [@below], over: [@above])
    end

    def cut(_round, _name)
      table.cut(0, Complex(1, 1))
    end
  end

  # Half-square triangle squares laid on one another with opposite colors facing.
  class Hourglass < TwoAtATime
    private

    def sew(round)
      round == 1 ? super : across
    end

    def across
      under, over = table.works
      side = [under, over].map { |work| settle_and_measure(work) }.max
      table.move(over) { |point| Complex(side - point.imag, side - point.real) }
      # The diagonal across the seams runs from the top left down.
      in_by = @deep * ROOT
      table.sew(Complex(0, side - in_by), Complex(side - in_by, 0), under: under, over: over)
      table.sew(Complex(in_by, side), Complex(side, in_by), under: under, over: over)
      @across = side
    end

    def settle_and_measure(work)
      settle(work)
      work.flat_map(&:points).map(&:real).max
    end

    def cut(round, name)
      round == 1 ? super : table.cut(Complex(0, @across), Complex(@across, 0))
    end
  end

  # A half-square triangle square laid on a square.
  class ThreeTriangle < Hourglass
    private

    def across
      @across = @way.cut_side(:half).to_f
      over, = table.works
      off = (@across - settle_and_measure(over)) / 2
      table.move(over) { |point| Complex(@across - off - point.imag, @across - off - point.real) }
      @layer = square(@across, :half)
      in_by = @deep * ROOT
      [[Complex(0, @across - in_by), Complex(@across - in_by, 0)], [Complex(in_by, @across), Complex(@across, in_by)]].each do |ends|
        table.sew(*ends, under: [@layer], over: over)
      end
    end

    def cut(round, name)
      round == 1 ? super : table.cut(Complex(0, @across), Complex(@across, 0), table.work(@layer))
    end
  end

  # Two squares sewn all round, cut on both diagonals.
  class FourAtATime < Hands
    private

    def sew(_round)
      @side = @way.cut_side.to_f
      below, above = %i[light dark].map { |role| square(@side, role) }
      ends = [Complex(@deep, @deep), Complex(@side - @deep, @deep), Complex(@side - @deep, @side - @deep), Complex(@deep, @side - @deep)]
      ends.each_index { |i| table.sew(ends[i], ends[(i + 1) % 4], under: [below], over: [above]) }
    end

    def cut(_round, _name)
      table.cut(0, Complex(1, 1))
      table.cut(Complex(0, @side), Complex(@side, 0))
    end
  end

  # Both diagonals, then quartered, then cut on the lines.
  class EightAtATime < Hands
    private

    def sew(_round)
      @side = @way.cut_side.to_f
      below, above = %i[light dark].map { |role| square(@side, role) }
      beside_diagonal(@side, 0, under: [below], over: [above])
      in_by = @deep * ROOT
      table.sew(Complex(0, @side - in_by), Complex(@side - in_by, 0), under: [below], over: [above])
      table.sew(Complex(in_by, @side), Complex(@side, in_by), under: [below], over: [above])
    end

    def cut(_round, name)
      half = @side / 2
      return [[half, half + 1i], [half * 1i, 1 + (half * 1i)]].each { |line| table.cut(*line.reverse) } if name == :cut_middle

      table.cut(0, Complex(1, 1))
      table.cut(Complex(0, @side), Complex(@side, 0))
    end
  end

  # Squares on the corners of a larger piece, one round after another.
  class Flips < Hands
    def follow(*steps)
      size = piece(@unit.class.roles.first)
      @low = Complex(-@way.seam.to_f - (@way.larger / 2.0), -@way.seam.to_f - (@way.larger / 2.0))
      @high = @low + Complex(*size.reverse)
      @body = table.lay([@low, Complex(@high.real, @low.imag), @high, Complex(@low.real, @high.imag)], @unit.class.roles.first)
      super
    end

    private

    def sew(round)
      joints = OakenGauge::Construction::SeamGraph.new(@unit.frame, @way.seam).rounds.fetch(round - 1)
      @lines = joints.map { |joint| flip(@unit.frame.joints[joint]) }
    end

    # The square in the corner that the seam cuts off.
    def flip(joint)
      side = piece(@unit.class.roles.last).first
      out = joint.normal.rect.map(&:positive?)
      corner = Complex(out[0] ? @high.real : @low.real, out[1] ? @high.imag : @low.imag)
      at = corner - Complex(out[0] ? side : 0, out[1] ? side : 0)
      over = square(side, @unit.class.roles.last, at)
      ends = over.points.reject { |point| [corner, (2 * at) + Complex(side, side) - corner].any? { |one| (one - point).abs < 1e-9 } }
      table.sew(*ends, under: table.work(@body) - [over], over: [over])
      [*ends, corner]
    end

    def cut(_round, _name)
      @lines.each do |from, to, corner|
        from, to = to, from if Rehearsal.side(from, to, corner).negative?
        past = (to - from) / (to - from).abs * 1i * @way.seam.to_f
        @body = table.layers.find { |layer| layer.role == @body.role }
        table.cut_off(from + past, to + past, @body)
        @body = table.layers.find { |layer| layer.role == @body.role }
      end
    end
  end

  # Small skies in the corners of a goose square.
  class SmallSky < Hands
    private

    def sew(round)
      round == 1 ? opposite : corners
    end

    def opposite
      @goose, @sky = %i[goose sky].map { |role| piece(role).first }
      over = [square(@sky, :sky), square(@sky, :sky, Complex(@goose - @sky, @goose - @sky))]
      beside_diagonal(@goose, 0, under: [square(@goose, :goose)], over: over, count: 1..2)
    end

    # In the right angle of each half. At its other end the seam runs off between the two skies that are there.
    def corners
      table.works.each { |work| corner(work) }
    end

    def corner(work)
      body = work.find { |layer| layer.role == :goose }
      lower = body.points.any? { |point| (point - @goose).abs < 1e-6 }
      at = lower ? Complex(@goose - @sky, 0) : Complex(0, @goose - @sky)
      over = [square(@sky, :sky, at)]
      in_by = @deep * ROOT
      [[Complex(0, @sky - in_by), Complex(@sky - in_by, 0)], [Complex(in_by, @sky), Complex(@sky, in_by)]].each do |ends|
        table.sew(*ends.map { |point| at + point }, under: work, over: over, count: 0..2)
      end
    end

    def cut(round, _name)
      round == 1 ? table.cut(0, Complex(1, 1)) : table.cut(Complex(0, @goose), Complex(@goose, 0))
    end
  end

  # A goose square centered on a sky square, and the halves turned against one another.
  class LargeSky < Hands
    private

    def sew(round)
      round == 1 ? centered : across
    end

    def centered
      @sky, @goose = %i[sky goose].map { |role| piece(role).first }
      at = Complex((@sky - @goose) / 2, (@sky - @goose) / 2)
      beside_diagonal(@goose, at, under: [square(@sky, :sky)], over: [square(@goose, :goose, at)])
    end

    # Each half with its sky's corner at nothing; the other is laid face down on it, its goose on this one's sky.
    def across
      under, over = table.works.each { |work| turn(work) }
      far = under.find { |layer| layer.role == :goose }.points.map(&:real).max
      table.move(over) { |point| Complex(far - point.imag, far - point.real) }
      in_by = @deep * ROOT
      [[Complex(0, in_by), Complex(far - in_by, far)], [Complex(in_by, 0), Complex(far, far - in_by)]].each do |ends|
        table.sew(*ends, under: under, over: over, count: 1..2)
      end
    end

    def turn(work)
      lower = work.any? { |layer| layer.role == :sky && layer.points.any? { |point| (point - @sky).abs < 1e-6 } }
      table.move(work) { |point| lower ? (point - @sky) * -1i : (point - Complex(0, @sky)) * 1i }
    end

    def cut(_round, _name)
      table.cut(0, Complex(1, 1))
    end
  end
end
