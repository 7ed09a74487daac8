# frozen_string_literal: true

require "support/server_case"
require "pdf/inspector"

# Templates out, outlines in, tables both ways.
class PrintingTest < ServerCase
  def rectangles
    PDF::Inspector::Graphics::Rectangle.analyze(last_response.body).rectangles
  end

  def words
    PDF::Inspector::Text.analyze(last_response.body).strings
  end

  # In points, 72 to the inch, read from the PDF's own numbers.
  def test_the_check_square_of_a_printed_template_measures_true
    %w[letter a4].each do |paper|
      get "/api/units/#{@unit.id}/templates.pdf?paper=#{paper}"

      assert_equal ["application/pdf", "%PDF"], [last_response.media_type, last_response.body[0, 4]]
      squares = rectangles.select { |one| one[:width] == one[:height] }

      assert_equal [72.0], squares.map { |one| one[:width] }.uniq, paper
      assert_includes words.join(" "), "Print at 100 %"
    end
  end

  # The legs of the triangle, as stroked: 2 + (2 + √2)/4 inches.
  def test_the_lines_of_a_printed_template_measure_true
    get "/api/units/#{@unit.id}/templates.pdf"
    points = PDF::Inspector::Graphics::Line.analyze(last_response.body).points
    wide = points.map(&:first).minmax.then { |least, most| most - least }

    assert_in_delta (2 + ((2 + Math.sqrt(2)) / 4)) * 72, wide, 0.01
  end

  # Of the seam line inside it, dashed: two inches from corner to corner.
  def test_the_seam_line_is_printed_too
    get "/api/units/#{@unit.id}/templates.pdf"
    points = PDF::Inspector::Graphics::Line.analyze(last_response.body).points
    legs = points.each_cons(2).map { |one, other| Math.hypot(one[0] - other[0], one[1] - other[1]) / 72 }

    assert legs.any? { |leg| (leg - 2).abs < 0.001 }, legs.inspect
    assert_match(/\[6\.0 4\.0\]/, PDF::Reader.new(StringIO.new(last_response.body)).page(1).raw_content)
  end

  def test_a_large_template_is_on_several_sheets_and_a_huge_one_on_none
    get "/api/units/#{@unit.id}/templates.pdf?at=12"

    assert_operator PDF::Inspector::Page.analyze(last_response.body).pages.size, :>, 1
    get "/api/units/#{@unit.id}/templates.pdf?at=48"

    assert_problem 422
    get "/api/units/#{@unit.id}/templates.pdf?paper=legal"

    assert_problem 422, "/paper", /letter and a4/
    get "/api/units/#{@unit.id}/templates.pdf?at=x"

    assert_problem 422, "/at"
  end

  # Latin, Greek, Cyrillic and fractions are printed; a letter that the font lacks does not stop the sheet.
  def test_names_in_any_letters_can_be_printed
    made = send_json("POST", "/api/tools", { tool: { kind: "template", id: "odd", name: "Übung Образец δ ⅞ 三角 ✂", makes: "half_square", finished: "2" } })
    get "/api/tools/#{made['id']}/template.pdf"

    assert_equal 200, last_response.status
    assert_includes words.join(" ").squeeze(" "), "Übung Образец δ ⅞"
    get "/api/tools/#{@maker.tools.find { |tool| tool.document['kind'] == 'straight_ruler' }.id}/template.pdf"

    assert_problem 404
  end

  def test_an_svg_of_ours_is_read_as_an_outline
    get "/api/units/#{@unit.id}/templates.svg?blunt=yes"
    svg = last_response.body

    assert_equal "image/svg+xml", last_response.media_type
    outline = send_json("POST", "/api/outlines", { svg: svg })["outline"]
    made = send_json("POST", "/api/tools", { tool: { kind: "template", id: "traced", name: "Traced", outline: outline, includes_seam: true } })

    assert_equal 201, last_response.status
    get "/api/tools/#{made['id']}/template.svg"

    assert_equal 200, last_response.status
    send_json("POST", "/api/outlines", { svg: "<svg><script/></svg>" })

    assert_problem 422, "/svg", /script/
  end

  SHELF = "name,form,width,side,count\nInk,yardage,42,,\nFog,squares,,5,40\n"

  def test_a_table_of_fabric_goes_out_and_in
    read = send_json("POST", "/api/fabrics/table", { csv: SHELF })

    assert_equal [%w[Ink Fog], 2], read.values_at("ready", "added")
    get "/api/fabrics.csv"

    assert_includes last_response.body, "Ink,yardage,42"
    get "/api/tools.csv"

    assert_match(/\Atool,side,mark,reads,makes/, last_response.body)
  end

  def test_a_broken_row_holds_the_others_until_they_are_wanted
    broken = "#{SHELF}Bad,bolt,,,\n"
    before = @maker.fabrics.count
    read = send_json("POST", "/api/fabrics/table", { csv: broken })

    assert_equal [0, before, 4, "form"], [read["added"], @maker.fabrics.count, *read["faults"].first.values_at("line", "column")]
    assert_equal 2, send_json("POST", "/api/fabrics/table", { csv: broken, confirmed: true })["added"]
    assert_equal before + 2, @maker.fabrics.count
  end

  def test_tools_of_a_table_get_ids_of_their_own
    marks = "tool,side,mark,reads,makes\nEven,,2,finished,half_square\n"
    2.times { send_json("POST", "/api/tools/table", { csv: marks }) }

    assert_equal %w[even even-2], @maker.tools.reload.map(&:key).last(2)
  end
end
