# frozen_string_literal: true

module Rehearsal
  # Said when hands could not do what a list of steps says.
  class Spoilt < StandardError; end

  # A piece of fabric on the table, as a convex polygon; counter-clockwise, inches.
  class Layer
    attr_accessor :points
    attr_reader :role

    def initialize(points, role)
      @points = points
      @role = role
    end

    # The part on the left of a line.
    # @return [Layer, nil]
    def left_of(from, to)
      kept = points.each_with_index.flat_map do |point, i|
        other = points[(i + 1) % points.size]
        here, there = [point, other].map { |one| Rehearsal.side(from, to, one) }
        [(point if here >= -1e-9), (point + ((other - point) * (here / (here - there))) if here * there < -1e-12)].compact
      end
      Layer.new(kept, role) if kept.size > 2 && Rehearsal.area(kept) > 1e-6
    end

    # @return [Boolean] whether a point lies well inside, or not far outside
    def under?(point, least = 1e-7)
      points.each_index.all? { |i| Rehearsal.side(points[i], points[(i + 1) % points.size], point) > least }
    end

    # @return [Boolean] whether a line parts it
    def crossed?(from, to)
      sides = points.map { |point| Rehearsal.side(from, to, point) }
      sides.min < -1e-6 && sides.max > 1e-6
    end

    # @yield [Complex] where a point comes to lie
    def move!(&)
      self.points = points.map(&)
      self.points = points.reverse if Rehearsal.area(points).negative?
    end
  end

  # A seam: from point to point, the layers it lies on and those that are opened away, and whether it was pressed.
  class Seam
    attr_accessor :open, :from, :to
    attr_reader :under, :over

    def initialize(from, to, under, over, open: false)
      @from = from
      @to = to
      @under = under
      @over = over
      @open = open
    end

    # @return [Array<Layer>]
    def layers
      under + over
    end
  end

  # @return [Float] positive to the left of the line
  def self.side(from, to, point)
    way = (to - from) / (to - from).abs
    (way.conj * (point - from)).imag
  end

  def self.area(points)
    points.each_index.sum { |i| (points[i].conj * points[(i + 1) % points.size]).imag } / 2
  end

  # What lies on the table: layers, and the seams between them.
  class Table
    attr_reader :layers, :seams

    def initialize
      @layers = []
      @seams = []
    end

    # @return [Layer]
    def lay(points, role)
      places = points.map { |point| Complex(*point.rect.map(&:to_f)) }
      Layer.new(Rehearsal.area(places).negative? ? places.reverse : places, role).tap { |layer| @layers << layer }
    end

    # @return [Array<Layer>] everything that hangs together with a layer
    def work(layer, without: nil)
      found = [layer]
      loop do
        more = (@seams - [without]).select { |seam| seam.layers.intersect?(found) }.flat_map(&:layers) - found
        return found if more.empty?

        found |= more
      end
    end

    # @return [Array<Array<Layer>>]
    def works
      @layers.map { |layer| work(layer).to_set }.uniq.map(&:to_a)
    end

    # Sews from point to point. The needle goes through one layer of each: a flap that was not pressed away would be
    # sewn down.
    # @param count [Range] layers of either side that may lie there
    def sew(from, to, under:, over:, count: 1..1)
      touched = (under + over).flat_map { |layer| work(layer) }.uniq
      places(from, to) do |at|
        below, above = [under, over].map { |side| side.count { |layer| layer.under?(at) } }
        here = touched.count { |layer| layer.under?(at) }
        raise Spoilt, "a flap is sewn down: #{here} layers (#{below} below, #{above} above)" unless here == below + above
        raise Spoilt, "#{below} layers below and #{above} above" unless count.cover?(below) && count.cover?(above)
      end
      @seams << Seam.new(from, to, touching(under, from, to), touching(over, from, to))
    end

    # Moves layers that lie on the table, or turns them over, with the seams between them.
    # @yield [Complex] where a point comes to lie
    def move(layers, &place)
      layers.each { |layer| layer.move!(&place) }
      @seams.select { |seam| (seam.layers - layers).empty? }.each do |seam|
        seam.from = place.call(seam.from)
        seam.to = place.call(seam.to)
      end
    end

    # Cuts everything that lies under a line.
    def cut(from, to, layers = @layers)
      parted = layers.select { |one| one.crossed?(from, to) }.to_h { |one| [one, [one.left_of(from, to), one.left_of(to, from)]] }
      @layers = @layers.flat_map { |one| parted.key?(one) ? parted[one].compact : [one] }
      @seams = @seams.flat_map { |seam| seam.layers.any? { |one| parted.key?(one) } ? cut_seam(seam, from, to, parted) : [seam] }
    end

    # Throws away what lies to the left of a line.
    def cut_off(from, to, layer)
      cut(from, to, work(layer))
      gone = @layers.select { |one| one.points.all? { |point| Rehearsal.side(from, to, point) > -1e-6 } }
      @layers -= gone
      @seams.reject! { |seam| seam.layers.intersect?(gone) }
    end

    # Presses open what lies on a seam: its allowances behind, the flap to the other side.
    def press(seam)
      @seams -= threads_behind(seam)
      flap = work(seam.over.first, without: seam)
      raise Spoilt, "it is held by another seam" if seam.under.intersect?(flap)

      near, far = facing(seam)
      seam.layers.each { |one| one.points = one.left_of(near, far).points if one.crossed?(near, far) }
      way = (far - near) / (far - near).abs
      move(flap) { |point| near + (way * ((point - near) / way).conj) }
      seam.open = true
    end

    private

    # Of seams across the end of this one, what lies in its allowances.
    def threads_behind(seam)
      near, far = facing(seam)
      (@seams - [seam]).select do |other|
        !other.open && [seam.under, seam.over].all? { |side| side.intersect?(other.layers) } && [other.from, other.to].all? { |point| Rehearsal.side(near, far, point) < 1e-6 }
      end
    end

    # From its end to its other one, the flap to the left.
    def facing(seam)
      body = seam.over.first.points.sum / seam.over.first.points.size
      Rehearsal.side(seam.from, seam.to, body).positive? ? [seam.from, seam.to] : [seam.to, seam.from]
    end

    # Points along a seam, none of them where seams would meet.
    def places(from, to, &)
      Array.new(20) { |i| from + ((to - from) * ((i + 0.43) / 20)) }.each(&)
    end

    def touching(side, from, to)
      side.select { |layer| places(from, to).any? { |at| layer.under?(at, -1e-6) } }
    end

    def cut_seam(seam, from, to, parted)
      parts(seam, from, to).map do |start, stop|
        half = Rehearsal.side(from, to, (start + stop) / 2).positive? ? 0 : 1
        under, over = [seam.under, seam.over].map { |list| list.filter_map { |one| parted.key?(one) ? parted[one][half] : one } }
        Seam.new(start, stop, touching(under, start, stop), touching(over, start, stop), open: seam.open)
      end
    end

    # A seam on either side of a cut.
    def parts(seam, from, to)
      ends = [seam.from, seam.to].map { |point| Rehearsal.side(from, to, point) }
      return [[seam.from, seam.to]] unless ends.inject(:*) < -1e-9

      middle = seam.from + ((seam.to - seam.from) * (ends.first / (ends.first - ends.last)))
      [[seam.from, middle], [middle, seam.to]]
    end
  end
end
