# frozen_string_literal: true

require "support/core_case"
require "support/catalogue"

# Tips that stand out past a unit, counted on paper, and where they are trimmed off.
class DogEarsTest < CoreCase
  def after(kind, keys, tips = :all)
    task = OakenGauge.read_weighing({ "unit" => { "kind" => kind, "count" => 8, **keys } })
    task.unit.frame.dog_ears(1/4r, task.unit.patches.map { tips })
  end

  # One at either end of a half-square unit's seam; at all four corners of an hourglass, those of the long seam last; at the
  # goose's lower corners, the tip of the first sky, 0.35 past the side that the second is sewn to, and the goose's own tip
  # with the second seam, 0.10 past the top.
  def test_on_paper
    assert_equal [2], after("half_square", { "finished" => "2" })
    assert_equal [1, 1, 2], after("hourglass", { "finished" => "4" })
    assert_equal [2, 2], after("flying_geese", { "finished" => %w[2 4] })
    assert_equal [2, 2, 2, 2], after("square_in_square", { "finished" => "4" })
    assert_equal [2, 2, 2, 2], after("cut_corner", { "finished" => "4", "corner" => "2", "corners" => 4 })
    assert_equal [0, 0], after("cut_corner", { "finished" => "6", "corner" => "1 1/2", "corners" => 2 })
    assert_equal [], after("square", { "finished" => "2" })
  end

  # A strip has cut off the goose's tip, and of two half-square patches both acute tips at one end.
  def test_what_a_strip_cuts_off
    assert_equal [2, 1], after("flying_geese", { "finished" => %w[2 4] }, :acute)
    assert_equal [1], after("half_square", { "finished" => "2" }, :one)
    assert_equal [0], after("half_square", { "finished" => "2" }, :none)
  end

  def trimmed_off(kind, finished, id)
    method = OakenGauge.weigh({ "unit" => { "kind" => kind, "finished" => finished, "count" => 8 }, "tools" => Catalogue::TOOLS })["methods"]
                       .find { |one| one["method"] == id }
    method["steps"].select { |step| step["step"] == "trim_ears" }.map { |step| step.values_at("round", "count") }
  end

  # Of eight hourglasses two corners each in the first round, two in the second. What is trimmed to size loses its own then,
  # and a die or a template leaves none.
  def test_where_they_are_trimmed_off
    assert_equal [[1, 16], [2, 16]], trimmed_off("hourglass", "4", "rotary/two_at_a_time")
    assert_equal [[1, 16]], trimmed_off("half_square", "2", "rotary/patches")
    assert_equal [[1, 8]], trimmed_off("half_square", "2", "triangle_ruler/strip_pair")
    %w[rotary/two_at_a_time_oversize die/patches template/patches].each { |id| assert_empty trimmed_off("half_square", "2", id), id }
    assert_empty trimmed_off("hourglass", "4", "foundation/panel")
  end
end
