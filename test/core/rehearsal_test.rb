# frozen_string_literal: true

require "support/catalogue"
require "support/core_case"
require "support/rehearsal/hands"
require "support/rehearsal/sheet"

# Every method done as its steps say, in polygons: fabric is laid, sewn, cut and opened, and what comes out is the unit.
class RehearsalTest < CoreCase
  SCRIPTS = { "two_at_a_time" => Rehearsal::TwoAtATime, "four_at_a_time" => Rehearsal::FourAtATime, "eight_at_a_time" => Rehearsal::EightAtATime,
              "hourglass_two_at_a_time" => Rehearsal::Hourglass, "three_triangle_two_at_a_time" => Rehearsal::ThreeTriangle,
              "stitch_and_flip" => Rehearsal::Flips, "cut_corner_stitch_and_flip" => Rehearsal::Flips,
              "four_at_a_time_small_sky" => Rehearsal::SmallSky, "four_at_a_time_large_sky" => Rehearsal::LargeSky }.freeze
  # What rounding and a margin may move a seam by, inches.
  NEAR = 0.1

  def script(way)
    return Rehearsal::Patches.new(way) if way.is_a?(Methods::PatchesMethod)

    SCRIPTS[way.class.path.split("/").last.sub(/_(oversize|narrow)\z/, "")]&.new(way)
  end

  # Every unit of the catalogue, one set of each method.
  def each_way(seam = "1/4")
    Catalogue.units(8).each do |unit|
      unit = unit.merge("count" => { "left" => 2, "right" => 2 }) if unit["kind"] == "three_triangle"
      task = OakenGauge.read_weighing({ "unit" => unit, "tools" => Catalogue::TOOLS, "seam_allowance" => seam })
      Weighing::Weigher.new(task).outcomes.select(&:feasible?).each { |outcome| yield outcome.way, [unit, outcome.way.class.id, seam] }
    end
  end

  # How the unit may lie, turned so that its last seam lies as one of those on the table does; what has no hands may be
  # turned over as well.
  def ways(unit, seams)
    own = unit.frame.joints.last.along
    seams.map { |seam| (seam.to - seam.from) / (seam.to - seam.from).abs }.flat_map { |way| [way, -way] }.flat_map do |way|
      straight = ->(point) { point * (way / own) }
      unit.hands ? [straight] : [straight, ->(point) { point.conj * (way / own.conj) }]
    end
  end

  # Each patch seen where it should be: points well inside of it, a little in from its seams.
  def seen?(layers, unit, place)
    unit.patches.all? do |patch|
      points = patch.outline.floating.points
      middle = points.sum / points.size
      points.flat_map { |point| [0.3, 0.6, 0.9].map { |out| middle + ((point - middle) * out) } }.all? do |point|
        at = place.call(point)
        layers.select { |layer| layer.under?(at) }.map(&:role) == [patch.role] || near_edge?(points, point)
      end
    end
  end

  def near_edge?(points, point)
    points.each_index.any? { |i| Rehearsal.side(points[i], points[(i + 1) % points.size], point).abs < NEAR }
  end

  # The middle of the seams, which the unit's own seams must lie on.
  def middle(seams)
    ends = seams.flat_map { |seam| [seam.first, seam.last] }
    Complex(*%i[real imag].map { |axis| ends.map(&axis).minmax.sum / 2 })
  end

  def made?(table, work, unit)
    return true if seen?(work, unit, ->(point) { point })

    seams = table.seams.select { |seam| seam.layers.intersect?(work) }
    return false if seams.empty? || unit.joins.empty?

    places(work, seams, unit).any? { |place| seen?(work, unit, place) }
  end

  # Where the unit may lie in what is on the table.
  def places(work, seams, unit)
    if unit.class.kind == :flying_geese
      return work.select { |layer| layer.role == :goose }.filter_map { |goose| on_goose(goose, seams, unit) }
    end

    own = middle(unit.frame.joints.map { |joint| [joint.low, joint.high] })
    at = middle(seams.map { |seam| [seam.from, seam.to] })
    ways(unit, seams).map { |turn| ->(point) { at + turn.call(point - own) } }
  end

  # A goose lies with its tip where its two seams meet.
  def on_goose(goose, seams, unit)
    one, other = seams.select { |seam| seam.layers.include?(goose) }.uniq { |seam| slope(seam) }
    return unless other

    tip = crossing(one, other)
    down = (goose.points.sum / goose.points.size) - tip
    ->(point) { tip + (down / down.abs * 1i * (point - Complex(unit.height, unit.height))) }
  end

  # The same for both ways along a seam.
  def slope(seam)
    way = seam.to - seam.from
    ((way**2) / way.abs2).rect.map { |part| part.round(6) }
  end

  def crossing(one, other)
    way = one.to - one.from
    across = other.to - other.from
    one.from + (way * ((across.conj * (other.from - one.from)).imag / (across.conj * way).imag))
  end

  # Sheets have an order of their own, below; a mix is what its parts are.
  APART = %w[foundation/panel rotary/mixed].freeze

  def test_what_the_steps_say_makes_the_unit
    made = Hash.new(0)
    ["1/4", "3/8"].each do |seam|
      each_way(seam) do |way, about|
        next if APART.include?(way.class.id)

        table = script(way).follow
        made[[about.first["kind"], way.class.id]] += (units = table.works.count { |work| made?(table, work, way.unit) })

        assert_operator units, :>=, 1, about.inspect
      end
    end

    assert_operator made.size, :>, 40
    assert_equal 3 * 8 * 2, made[%w[half_square rotary/eight_at_a_time]]
  end

  # Everything sewn before anything is pressed, as it would be if a unit had no rounds.
  def test_an_unopened_flap_is_sewn_down
    spoilt = Set.new
    each_way do |way, about|
      next if APART.include?(way.class.id) || way.steps.map(&:round).max < 2

      sewn, rest = way.steps.partition { |step| step.operation.role != :press }
      assert_raises(Rehearsal::Spoilt, about.inspect) { script(way).follow(sewn + rest) } && (spoilt << about.first["kind"])
    end

    assert_equal %w[cut_corner flying_geese hourglass square_in_square three_triangle web_half wedge_ring], spoilt.sort
  end

  def each_sheet
    each_way { |way, about| yield way, about if way.class.id == "foundation/panel" }
  end

  def test_a_sheet_is_folded_one_way_and_pressed_before_the_other
    each_sheet do |way, about|
      lines = Rehearsal::Sheet.new(way).follow

      assert(lines.none? { |line| line.side.nil? }, about.inspect)
      assert(lines.group_by(&:way).each_value.all? { |same| same.each_cons(2).all? { |one, other| one.side != other.side } }, about.inspect)
    end
  end

  # Folded both ways before anything is snipped or pressed, or never snipped.
  def test_a_sheet_in_another_order_is_spoilt
    tried = 0
    each_sheet do |way, about|
      crossed = way.steps.count { |step| step.operation.name == :fold_and_sew } > 1
      next unless crossed

      folds, rest = way.steps.partition { |step| step.operation.name == :fold_and_sew }

      [folds + rest, way.steps.reject { |step| step.operation.name == :snip_crossing }].each do |steps|
        assert_raises(Rehearsal::Spoilt, about.inspect) { Rehearsal::Sheet.new(way).follow(steps) }
      end
      tried += 1
    end

    assert_operator tried, :>, 5
  end
end
