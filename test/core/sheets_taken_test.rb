# frozen_string_literal: true

require "minitest/autorun"
require "oaken_gauge"

# Which sheets are taken is worked out whole only where there is room to remember all of it.
class SheetsTakenTest < Minitest::Test
  # What lies on a sheet: one piece, or two.
  FRAMES = Struct.new(:held_by) do
    def held(place)
      held_by[place]
    end
  end

  def taken(wanted, sheets)
    OakenGauge::Layout::SheetsTaken.new([[18r, 21r, sheets]], FRAMES.new([[[1], [2]]]), [wanted], [2], sheets)
  end

  # By hand: parts of 0 to 10,002 for each of 10,000 sheets are a hundred million numbers, 800 MB; for 500 sheets five million.
  def test_room_to_remember
    refute_predicate taken(10_000, 10_000), :few?
    assert_predicate taken(10_000, 500), :few?
    refute_predicate taken(20_000, 1), :few?
  end

  # By hand: five pieces by twos and ones take three sheets.
  def test_the_least_sheets
    chosen = taken(5, 9).chosen

    assert_equal [3, 5], [chosen.size, chosen.sum { |_, counts| counts.sum }]
  end
end
