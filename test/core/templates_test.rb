# frozen_string_literal: true

require "support/core_case"

# Templates to print, and outlines that are read out of an SVG.
class TemplatesTest < CoreCase
  Templates = OakenGauge::Templates

  def patterns(kind = "half_square", finished = "2", **more)
    OakenGauge.templates({ "unit" => { "kind" => kind, "finished" => finished, "count" => 2 } }, **more)
  end

  def read(svg)
    OakenGauge.read_outline(svg)
  end

  def fault(svg)
    assert_raises(OakenGauge::Documents::Invalid) { read(svg) }.faults.first.message
  end

  # Leg 2 + (2 + √2)/4 = 2.8536; blunted it fits in 2 1/2.
  def test_a_template_is_the_patch_as_cut_sharp_or_blunted
    sharp, blunt = [false, true].map { |off| patterns(blunt: off).first }

    assert_in_delta 2 + ((2 + Math.sqrt(2)) / 4), sharp.width, CLOSE
    assert_in_delta 2.5, blunt.width, CLOSE
    assert_in_delta 2, blunt.seam.width, CLOSE
    assert_includes blunt.words, "Dog ears are off already."
  end

  def test_a_unit_gives_each_patch_once_and_the_grain_runs_along_its_straight_side
    goose, sky = patterns("flying_geese", %w[2 4])

    assert_equal ["Quarter-square triangle, finishes at 4", "Half-square triangle, finishes at 2"], [goose.title, sky.title]
    [goose, sky].each { |pattern| assert_in_delta pattern.grain.first.imag, pattern.grain.last.imag, CLOSE }
  end

  # Each point of the template lies on some sheet, and neighbours share half an inch.
  def test_a_large_template_is_parted_over_sheets_that_overlap
    paper = OakenGauge.paper("letter")
    across, up = paper.room
    pages = paper.pages(patterns("half_square", "20", blunt: true).first)

    assert_equal 9, pages.size
    assert_equal [0, across - 0.5, 2 * (across - 0.5)], pages.map(&:left).uniq
    assert_operator pages.map { |page| page.left + across }.max, :>=, 20.5
    assert_operator pages.map { |page| page.low + up }.max, :>=, 20.5
    assert_equal 1, paper.pages(patterns.first).size
    assert_empty paper.pages(patterns("half_square", "48").first)
    assert_nil OakenGauge.paper("legal")
  end

  def test_what_is_written_as_svg_is_read_again_true
    svg = OakenGauge.templates_svg(patterns)
    outline = OakenGauge::Polygon.new(read(svg)["outline"].map { |corner| corner.map(&:to_r) })

    assert_in_delta patterns.first.cut.area, outline.area, 1e-3
    assert_match(/width="[\d.]+in"/, svg)
    assert_includes svg, 'width="1" height="1"'
  end

  # A right triangle of 1 × 2 inches in millimetres, moved and turned; the curve and the words are left aside.
  def test_paths_groups_and_units_are_followed
    drawn = '<svg xmlns="http://www.w3.org/2000/svg" width="100mm" height="100mm" viewBox="0 0 100 100"><g transform="translate(10,10) rotate(90)">' \
            '<path d="m 0 0 l 25.4 0 0 50.8 z"/></g><path d="M0 0C1 1 2 2 3 3Z"/><text>hello</text></svg>'
    answer = read(drawn)

    assert_equal [%w[0 0], %w[2 0], %w[2 1]], answer["outline"].rotate(answer["outline"].index(%w[0 0]))
    assert_equal ["a curve", "text"], answer["left_aside"]
    assert_in_delta 4, OakenGauge::Polygon.new(read('<svg><rect width="192" height="192"/></svg>')["outline"].map { |corner| corner.map(&:to_r) }).area, CLOSE
  end

  def test_what_would_run_or_fetch_something_is_refused
    assert_match(/script/, fault("<svg><script>alert(1)</script><rect width='9' height='9'/></svg>"))
    assert_match(/onload/, fault("<svg onload='x()'><rect width='9' height='9'/></svg>"))
    assert_match(/image/, fault("<svg><image href='http://example.org/a.png'/></svg>"))
    assert_match(/outside/, fault("<svg xmlns:xlink='http://www.w3.org/1999/xlink'><a xlink:href='http://example.org'><rect width='9' height='9'/></a></svg>"))
    assert_match(/document type/, fault('<!DOCTYPE svg [<!ENTITY a "&#38;a;">]><svg/>'))
  end

  def test_what_is_no_outline_is_refused_with_a_sentence
    assert_match(/no SVG/, fault("hello"))
    assert_match(/no SVG/, fault("\xff\xfe"))
    assert_match(/no closed shape/, fault("<svg><circle r='3'/></svg>"))
    assert_match(/no closed shape/, fault("<svg><path d='M'/><path d='z'/><path d='L 1 2 Z'/><polygon points='1 2 3'/></svg>"))
    assert_match(/corners/, fault("<svg><polygon points='#{(0..300).map { |i| "#{i} #{i * i}" }.join(' ')}'/></svg>"))
    assert_match(/bytes/, fault("<svg>#{' ' * 600_000}</svg>"))
    assert_match(/nested/, fault("<svg>#{'<g>' * 60}<rect width='9' height='9'/>#{'</g>' * 60}</svg>"))
  end
end
