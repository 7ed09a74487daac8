# frozen_string_literal: true

require "highs"

# The least that strips with stacks of pieces can take where parts of strips are allowed, worked out once more and in another way:
# every width and every length is gone through one by one. Sizes are whole numbers of steps.
class StripBound
  MOST = 200

  # @param pieces [Array<Array(Integer, Integer, Integer, Boolean)>] across, along, how many, whether they may be turned
  # @param room [Integer] steps along a strip
  # @param widest [Integer] steps
  def initialize(pieces, room, widest)
    @room = room
    @ways = pieces.each_with_index.flat_map { |piece, kind| ways(piece).map { |way| [kind, *way] } }
    @counts = pieces.map { |piece| piece[2] }
    narrowest = @counts.each_index.map { |kind| @ways.select { |own, *| own == kind }.map { |_, wide, _| wide }.min }
    @widest = [widest, *narrowest].max
    @columns = @counts.each_index.map { |kind| [narrowest[kind], { kind => 1 }] }
  end

  # @return [Float] steps
  def least
    MOST.times do
      worth, total = program
      better = widths.filter_map { |width| strip(width, worth) }
      return total if better.empty?

      @columns |= better
    end
    raise "no end"
  end

  private

  def ways((across, along, _, turn))
    (turn ? [[across, along], [along, across]].uniq : [[across, along]]).select { |_, long| long <= @room }
  end

  def program
    model = Highs.lp(sense: :minimize, col_cost: @columns.map { |width, _| width.to_f }, col_lower: [0.0] * @columns.size,
                     col_upper: [1e30] * @columns.size, row_lower: @counts.map(&:to_f), row_upper: [1e30] * @counts.size, a_format: :colwise,
                     a_start: @columns.reduce([0]) { |all, (_, own)| [*all, all.last + own.size] }[0...-1],
                     a_index: @columns.flat_map { |_, own| own.keys }, a_value: @columns.flat_map { |_, own| own.values.map(&:to_f) })
    model.solve.values_at(:row_dual, :obj_value)
  end

  # All sums of sides.
  def widths
    @widths ||= (1..@widest).each_with_object([true]) { |width, sums| sums[width] = @ways.any? { |_, wide, _| wide <= width && sums[width - wide] } }
                            .filter_map.with_index { |sum, width| width if sum }.drop(1)
  end

  # The best stack for each length and width: [worth, the last piece, what is below it].
  def stacks(worth)
    lengths.to_h do |length|
      own = @ways.select { |_, _, long| long <= length }
      best = (1..@widest).each_with_object([[0.0]]) do |width, all|
        fits = own.select { |_, wide, _| wide <= width }.map { |kind, wide, _| [all[width - wide][0] + worth[kind], kind, width - wide] }
        all << [all[width - 1], *fits].max_by(&:first)
      end
      [length, best]
    end
  end

  def lengths
    @ways.map(&:last).uniq
  end

  def strip(width, worth)
    @stacks = stacks(@worth = worth) unless @worth.equal?(worth)
    values = lengths.to_h { |length| [length, @stacks[length][width]] }
    best = (1..@room).each_with_object([[0.0]]) do |place, all|
      fits = values.select { |length, _| length <= place }.map { |length, (value, *)| [all[place - length][0] + value, length, place - length] }
      all << [all[place - 1], *fits].max_by(&:first)
    end
    [width, tally(best, width)] if best.last.first > width + 1e-7
  end

  def tally(best, width)
    place = best.last
    kinds = []
    while place.size > 1
      stack = @stacks[place[1]][width]
      (kinds << stack[1]) && (stack = @stacks[place[1]][stack[2]]) while stack.size > 1
      place = best[place[2]]
    end
    kinds.tally
  end
end
