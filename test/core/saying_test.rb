# frozen_string_literal: true

require "support/core_case"
require "support/allocating"

using Allocating

# How sentences put things.
class SayingTest < CoreCase
  LISTS = { [] => "", %i[goose] => "goose", %i[goose sky] => "goose and sky", %i[half left right] => "half, left and right" }.freeze

  def test_lists
    LISTS.each { |things, said| assert_equal said, Saying.list(things) }
    assert_equal "1 or 1 1/2", Saying.list(["1", "1 1/2"], "or")
  end

  def test_a_fabric_before_a_noun
    assert_equal(%w[corner center light], %i[corners center light].map { |role| Saying.before_noun(role) })
  end

  # One piece is missing, two are.
  def test_one_and_several
    scraps = Fabrics::Scraps.new(pieces: [[4r, 4r]])
    say = ->(count) { scraps.allocate(Layout::Piece.new(role: :dark, exact: [4r, 4r], size: [4r, 4r], count: count, marks: [])).short.say }

    assert_match(/give 1 of 2 pieces: 1 is missing\./, say.call(2))
    assert_match(/give 1 of 3 pieces: 2 are missing\./, say.call(3))
  end

  def test_a_single_unit
    assert_equal "Makes just the one that is needed.", Methods::Makes.new(per_set: 1, needed: 1).say
    assert_equal "Makes just the 2 that are needed, one by one.", Methods::Makes.new(per_set: 1, needed: 2).say
  end
end
