# frozen_string_literal: true

require "support/core_case"

# Stamps, and blocks out of SVG.
class BlockFilesTest < CoreCase
  def read(body, attributes = 'viewBox="0 0 4 4" width="4in" height="4in"')
    OakenGauge.read_block_svg("<svg #{attributes}>#{body}</svg>")
  end

  def fault(body)
    assert_raises(OakenGauge::Documents::Invalid) { read(body) }.faults.first.message
  end

  # Each unit's stamp, taken apart, is that very unit.
  def test_a_stamp_of_a_unit_is_taken_apart_into_that_unit
    OakenGauge::Blocks::Stamps::SPANS.each_key do |kind|
      title = OakenGauge::Units.kinds.fetch(kind.to_s).title

      OakenGauge.stamps.select { |stamp| stamp["name"].start_with?(title) }.each do |stamp|
        assert_includes kinds_in(stamp["cells"]), kind.to_s, stamp["name"]
      end
    end
  end

  def kinds_in(stamp)
    cells = stamp.map { |row| row.map { |quarters| { "cut" => "quartered", "fabrics" => quarters.map { |one| "f#{one}" } } } }
    OakenGauge.deconstruct({ "cells" => cells, "finished" => stamp.first.size.to_s })["ways"].flat_map { |way| way["units"].map { |unit| unit["kind"] } }
  end

  def test_every_stamp_has_rows_of_one_length_and_its_own_name
    stamps = OakenGauge.stamps

    assert_equal stamps.size, stamps.map { |stamp| stamp["name"] }.uniq.size
    stamps.each { |stamp| assert_equal [4], stamp["cells"].flatten(1).map(&:size).uniq, stamp["name"] }
  end

  PAPER = '<rect width="4" height="4" fill="#fff"/>'

  # Two triangles on white: 2 × 2 cells, though the file counts in quarters.
  def test_the_coarsest_grid_is_found_and_what_lies_on_top_is_seen
    block = read("#{PAPER}<polygon points='0,0 2,0 0,2' fill='#123456'/><g style='fill:#ABC'><path d='M4 4 L4 2 L2 4 Z'/></g>")

    assert_equal [2, 2], block["grid"]
    assert_equal %w[#123456 #ffffff #ffffff #123456], block["cells"][0][0]
    assert_equal %w[#ffffff #aabbcc #aabbcc #ffffff], block["cells"][1][1]
    assert_equal [1, 1], read(PAPER)["grid"]
  end

  # A diamond in the middle of one cell needs cells half as large; quarters of one do with it.
  def test_slanted_edges_need_no_finer_cells_than_their_corners
    assert_equal [1, 1], read("#{PAPER}<polygon points='0,0 2,2 4,0' fill='#111'/>")["grid"]
    assert_equal [2, 2], read("#{PAPER}<polygon points='2,0 4,2 2,4 0,2' fill='#111'/>")["grid"]
    assert_equal [3, 3], read('<rect width="3" height="3" fill="#fff"/><rect x="1" y="1" width="1" height="1" fill="#111"/>')["grid"]
  end

  def test_what_fits_no_grid_is_refused_and_what_is_no_shape_is_said
    assert_match(/lies on no grid/, fault("#{PAPER}<polygon points='0,0 1.3,0 0,2' fill='#111'/>"))
    assert_match(/lies on no grid/, fault("#{PAPER}<polygon points='0,0 4,2 0,4' fill='#111'/>"))
    assert_match(/lies on no grid/, fault('<rect width="2" height="4" fill="#fff"/><rect x="3" width="1" height="4" fill="#111"/>'))
    assert_match(/all lines/, fault('<rect width="4" height="4" fill="none"/>'))
    assert_equal ["a shape with a hole", "text"], read("#{PAPER}<path d='M0 0H4V4H0Z M1 1H2V2H1Z'/><text>a</text>")["left_aside"]
  end

  # As long as a file may be, and as deep.
  def test_a_file_of_nothing_but_groups_is_refused_and_does_not_fall_over
    deep = "<svg>#{'<g>' * 20_000}#{PAPER}#{'</g>' * 20_000}</svg>"

    assert_match(/nested too deep/, assert_raises(OakenGauge::Documents::Invalid) { OakenGauge.read_block_svg(deep) }.faults.first.message)
    assert_match(/holds image: allowed are plain shapes/, fault("#{PAPER}<image href='https://example.org/a.png'/>"))
    assert_match(/onload, which would run/, fault("#{PAPER}<g onload='go()'/>"))
  end

  # What is written is read again the same, whatever its cells: quarters, halves, three of a kind.
  def test_a_block_that_is_written_is_read_the_same
    cells = [%w[a a a a], %w[a b b a], %w[a a b b], %w[a b a b], %w[a b c b], %w[a a a b], %w[a b c d], %w[a b b b], %w[b b a a]]
    picture = { "cells" => cells.each_slice(3).map { |row| row.map { |one| { "cut" => "quartered", "fabrics" => one } } }, "finished" => "9" }
    colours = { "a" => "#aa0000", "b" => "#00bb00", "c" => "#0000cc", "d" => "#dddddd" }
    block = OakenGauge.read_block_svg(OakenGauge.block_svg(picture, colours))

    assert_equal [3, 3], block["grid"]
    assert_equal(cells.each_slice(3).to_a, block["cells"].map { |row| row.map { |one| one.map { |colour| colours.key(colour) } } })
    assert_in_delta 81, OakenGauge.block_drawing(picture).patches.sum { |_, corners| OakenGauge::Polygon.new(corners).area.abs }, CLOSE
  end

  def fit(**more)
    OakenGauge.fit_quilt({ "setting" => { "layout" => "straight", "across" => 1, "down" => 1 }, "block" => %w[12 12], "width" => "54", "length" => "75",
                           "drop" => "12", **more.transform_keys(&:to_s) })
  end

  # 54 + 24 = 78 is 7 blocks of 12; 75 + 12 = 87 is 8. With borders of 3 they are 72 + 6 and 84 + 6.
  def test_the_fewest_blocks_that_cover_a_bed
    assert_equal [7, 8, %w[78 87], %w[84 96]], fit.values_at("across", "down", "wanted", "finished")
    bordered = fit(setting: { "layout" => "straight", "across" => 1, "down" => 1, "borders" => [{ "width" => "3" }] })

    assert_equal [6, 7, %w[78 90]], bordered.values_at("across", "down", "finished")
  end

  # On point 12 √2 is 16.97: five are 84.85, six 101.82.
  def test_on_point_the_diagonal_counts
    pointed = fit(setting: { "layout" => "on_point", "across" => 1, "down" => 1 })

    assert_equal [5, 6], pointed.values_at("across", "down")
    assert_equal ["84 7/8", "101 13/16"], pointed["finished"]
    assert_nil fit(block: %w[1/2 1/2])["across"]
  end
end
