# frozen_string_literal: true

require "support/core_case"
require "support/pictures"

# What is said of the ways to take a block apart.
class WayWordsTest < CoreCase
  include Pictures

  def said(text, **more)
    OakenGauge.deconstruct({ "cells" => documents(text), "finished" => "6", **more.transform_keys(&:to_s) }, view: true)
  end

  # By hand: one goose has two seams, two half-squares have one each and one that joins them.
  def test_the_difference_to_the_first_is_told
    goose, halves = said("r(s,g) f(s,g)")["ways"]

    assert_match(/\A2 seams · \d+ sq in of fabric · \d+ min · \d+ in 100 blocks with every unit good\.\z/, goose["say"])
    assert_match(/good\. 2 half-square triangle units \(HST\) in place of 1 flying geese unit; 1 seam more\.\z/, halves["say"])
  end

  # A square inch is 6.4516 square centimetres.
  def test_areas_are_told_in_what_is_worked_in
    inches = said("r(s,g)", finished: "4")["ways"].first
    metric = said("r(s,g)", finished: "10.16cm")["ways"].first

    assert_in_delta inches["net"] * 6.4516, metric["say"][/(\d+) sq cm/, 1].to_f, 8
  end

  def test_without_a_method_only_the_seams_are_told
    assert_equal "2 seams. A unit here has no method with your tools.", said("r(s,g) f(s,g)", tools: [])["ways"].first["say"]
  end

  # What is the same after a quarter turn is so after half a turn, which is not said too.
  def test_how_it_is_alike
    assert_equal ["the same after a quarter turn"], said("f(a,b) r(b,a) / r(a,b) f(b,a)")["seen_said"].drop(1)
    assert_equal ["the same after half a turn", "mirrors across the diagonal from lower left to upper right",
                  "mirrors across the diagonal from upper left to lower right"],
                 said("a b / b a")["seen_said"].drop(1)
  end

  # A pinwheel is one quarter four times, turned; a checked square is so too, a plain row is not.
  def test_grids_are_named
    { "f(a,b) r(b,a) / r(a,b) f(b,a)" => "2 × 2 cells, four quadrants alike", "a b / b a" => "2 × 2 cells",
      "a a b / a a b / b b a" => "3 × 3 cells", "r(s,g) f(s,g)" => "2 × 1 cells",
      "r(a,b) a r(a,b) a / a b a b / r(a,b) a r(a,b) a / a b a b" => "4 × 4 cells, four quadrants alike" }.each do |text, words|
      assert_equal words, said(text)["seen_said"].first, text
    end
  end
end
