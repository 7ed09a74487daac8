# frozen_string_literal: true

require "support/core_case"

class GeometryTest < CoreCase
  SIZES = [1/2r, 1r, 3/2r, 2r, 23/8r, 4r, 12r].freeze
  SEAMS = [1/8r, 1/4r, 3/8r, 30/127r, 75/254r].freeze
  ROOT = Math.sqrt(2)

  def each_size_and_seam
    SIZES.product(SEAMS) { |finished, seam| yield Patches::HalfSquare.new(finished), finished, seam }
  end

  def test_a_half_square_patch_grows_by_two_plus_root_two_seams
    each_size_and_seam do |patch, finished, seam|
      assert_in_delta finished + ((2 + ROOT) * seam), patch.cut_outline(seam).width, CLOSE
    end
  end

  def test_a_strip_blunts_one_tip_by_root_two_seams
    each_size_and_seam do |patch, finished, seam|
      outline = patch.strip_outline(seam)
      top = outline.corners.select { |_, y| (y - outline.height).abs < CLOSE }.map(&:first)

      assert_in_delta ROOT * seam, top.max - top.min, CLOSE
      assert_in_delta finished + (2 * seam), patch.strip_outline(seam).height, CLOSE
    end
  end

  def test_half_squares_tile_with_the_pitch_the_formula_gives
    each_size_and_seam do |patch, finished, seam|
      tiling = Tiling.new(patch.strip_outline(seam))

      assert_in_delta finished + ((2 + (2 * ROOT)) * seam), tiling.pitch, CLOSE
      assert_in_delta 3 * tiling.pitch, tiling.length_of(6), CLOSE
      assert_in_delta (2 * tiling.pitch) + finished + ((2 + ROOT) * seam), tiling.length_of(5), CLOSE
    end
  end

  def test_tiled_shapes_touch_and_do_not_overlap
    each_size_and_seam do |patch, _, seam|
      one, two, three = Tiling.new(patch.strip_outline(seam)).outlines(3)

      [[one, two], [two, three]].each { |left, right| assert_operator left.shared_area(right), :<, CLOSE }
      assert_operator one.shared_area(two.move(-0.01, 0)), :>, CLOSE, "could have stood closer"
    end
  end

  def test_fit_is_the_most_that_the_length_holds
    each_size_and_seam do |patch, _, seam|
      tiling = Tiling.new(patch.strip_outline(seam))
      [0.1, 3, 17.5, 40, 41.5].each do |length|
        fit = tiling.fit(length)

        assert_operator tiling.length_of(fit), :<=, length + CLOSE
        assert_operator tiling.length_of(fit + 1), :>, length
      end
    end
  end

  def test_directional_fabric_advances_by_the_whole_long_edge
    tiling = Tiling.new(Patches::HalfSquare.new(2r).strip_outline(1/4r), turning: false)

    assert_in_delta 3 * (2 + ((2 + ROOT) / 4)), tiling.length_of(3), CLOSE
  end

  def test_rectangles_stay_exact
    assert_equal [[-1/4r, -1/4r], [9/4r, -1/4r], [9/4r, 13/4r], [-1/4r, 13/4r]], Polygon.rectangle(2, 3).offset(1/4r).corners
    assert_equal 6, Polygon.rectangle(2, 3).area
  end

  def test_moving_and_turning_keep_the_area
    shape = Patches::HalfSquare.new(3r).strip_outline(1/4r)

    [shape.half_turn, shape.mirror, shape.move(2, -5), shape.settle].each { |moved| assert_in_delta shape.area, moved.area, CLOSE }
    assert_in_delta 0, shape.half_turn.half_turn.points.zip(shape.points).sum { |a, b| (a - b).abs }, CLOSE
  end

  def test_clipping_leaves_what_both_hold
    square = Polygon.rectangle(2, 2)

    assert_in_delta 1, square.shared_area(square.move(1, 1)), CLOSE
    assert_empty square.clip(square.move(5, 0))
    assert_in_delta 2, square.between(1/2r, 3/2r).area, CLOSE
  end

  # A triangle of leg 2.85355 less two tips of leg √2/4: 4.07138 - 2 × 0.0625.
  def test_fabric_of_one_patch_is_its_sharp_triangle_less_the_dog_ears
    unit = Units::HalfSquare.new(finished: 2r, count: 1)

    assert_in_delta 3.946383, unit.fabric_of(:light, 1/4r), CLOSE
    assert_in_delta unit.fabric_of(:light, 1/4r), unit.fabric_of(:dark, 1/4r), CLOSE
  end
end
