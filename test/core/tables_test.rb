# frozen_string_literal: true

require "support/core_case"

# Drawer and shelf as tables.
class TablesTest < CoreCase
  SHELF = "name,form,width,length,side,count,shade,directional,price\nInk,yardage,42,72,,,5,yes,9.5\n\nSand,strips,2 1/2,,,12\n" \
          "Bits,scraps,5,7,,2\nBits,scraps,3 1/2,4\n\"Fog, pale\",squares,,,5,40\n"

  def faults(text, door = :read_fabrics_table)
    OakenGauge.public_send(door, text)["faults"].map { |fault| fault.values_at("line", "column") }
  end

  def test_a_shelf_is_read_and_written_the_same
    read = OakenGauge.read_fabrics_table(SHELF)

    assert_empty read["faults"]
    assert_equal(["Ink", "Sand", "Bits", "Fog, pale"], read["entries"].map { |entry| entry["name"] })
    assert_equal [%w[5 7], %w[5 7], ["3 1/2", "4"]], read["entries"][2]["fabric"]["pieces"]
    assert_equal({ "form" => "yardage", "usable_width" => "42", "length" => "72", "directional" => true, "shade" => 5, "price" => 9.5 },
                 read["entries"][0]["fabric"])
    assert_equal read["entries"], OakenGauge.read_fabrics_table(OakenGauge.fabrics_table(read["entries"]))["entries"]
  end

  # A spreadsheet runs what begins like a formula.
  def test_a_name_that_looks_like_a_formula_stays_a_name
    shelf = [{ "name" => "=HYPERLINK(1)", "fabric" => { "form" => "fat_quarter" } }, { "name" => "'Tis", "fabric" => { "form" => "fat_quarter" } },
             { "name" => "'-", "fabric" => { "form" => "fat_quarter" } }]
    table = OakenGauge.fabrics_table(shelf)

    assert_equal(["'=HYPERLINK(1),fat_quarter", "'Tis,fat_quarter", "''-,fat_quarter"], table.lines.drop(1).map { |line| line.split(",").first(2).join(",") })
    assert_equal(["=HYPERLINK(1)", "'Tis", "'-"], OakenGauge.read_fabrics_table(table)["entries"].map { |entry| entry["name"] })
  end

  def test_a_broken_row_is_told_by_line_and_column_and_the_others_are_kept
    broken = "name,form,width,side,count\nInk,yardage,wide\nFog,squares,,5,many\nSand,bolt\n,yardage\nGood,yardage,40\n"

    assert_equal [[2, "width"], [3, "count"], [4, "form"], [5, "name"]], faults(broken)
    assert_equal(["Good"], OakenGauge.read_fabrics_table(broken)["entries"].map { |entry| entry["name"] })
  end

  def test_a_table_that_is_none_is_told
    assert_equal [[1, ""]], faults("")
    assert_equal [[1, "nm"], [1, "name"], [1, "form"]], faults("nm\n")
    assert_equal [[2, ""]], faults("name,form\n\"Ink,yardage\n")
    assert_equal [[5002, ""]], faults("name,form\n#{"Ink,yardage\n" * 5001}")
  end

  def test_marks_of_rulers_and_trimmers_are_read_and_the_others_listed
    text = "tool,side,mark,reads,makes\nEven,,2,finished,half_square\nEven,,3,finished,half_square\nSquare,,2 1/2,unfinished,half_square\n" \
           "Odd,,A,letter,flying_geese\nWorse,,x,finished,half_square\nBack,,3,finished,half_square\nBack,,2,finished,half_square\n"
    read = OakenGauge.read_tools_table(text)

    assert_equal([%w[strip_triangle_ruler Even], %w[unit_trimmer Square]], read["entries"].map { |tool| tool.values_at("kind", "name") })
    assert_equal %w[2 3], read["entries"][0]["sides"][0]["marks"]
    assert_equal [[5, "reads"], [6, "mark"], [7, "mark"]], faults(text, :read_tools_table)
    assert_operator OakenGauge.tools_table(OakenGauge.usual_tools).lines.size, :>, 60
  end
end
