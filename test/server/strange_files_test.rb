# frozen_string_literal: true

require "support/server_case"

# Files that nobody means: numbers that no computer holds, tables of commas, a bench with a thousand faults, a body of nothing.
class StrangeFilesTest < ServerCase
  def svg(inside, size: "4in", box: "0 0 4 4")
    "<svg xmlns='http://www.w3.org/2000/svg' width='#{size}' height='4in' viewBox='#{box}'>#{inside}</svg>"
  end

  def test_numbers_that_no_computer_holds
    %w[1e400 -1e400 9e999999 1e30].each do |number|
      [svg("<path d='M0 0 L #{number} 0 L 2 3 Z'/>"), svg("<rect x='#{number}' width='2' height='2'/>"),
       svg("<rect width='#{number}' height='2'/><polygon points='0,0 #{number},0 1,1'/>"),
       svg("<g transform='scale(#{number})'><rect width='2' height='2'/></g>")].each do |file|
        %w[/api/outlines /api/blocks/read].each { |path| assert_said(path, file) }
      end
    end
  end

  def test_sizes_that_are_none
    [["1..2in", "0 0 4 4"], ["4in", "0 0 1e400 4"], ["#{'9' * 400}in", "0 0 4 4"], ["4in", "0 0 1e-300 4"]].each do |size, box|
      %w[/api/outlines /api/blocks/read].each { |path| assert_said(path, svg("<rect width='2' height='2'/>", size: size, box: box), [200, 422]) }
    end
  end

  def assert_said(path, file, statuses = [422])
    send_json("POST", path, { svg: file })

    assert_includes statuses, last_response.status, "#{path} #{file}"
    assert_problem 422, "/svg", /allowed/ if last_response.status == 422
  end

  def table(text)
    send_json("POST", "/api/fabrics/table", { csv: text })
  end

  def test_a_table_of_nothing_but_commas
    [",", ",,,\n,,,\n", ",,\n" * 1000, "\n\n"].each do |text|
      assert_equal([[1, "is empty: allowed is a line of names, name, form, width, length, side, count, shade, directional, price"]],
                   table(text)["faults"].map { |fault| fault.values_at("line", "say") }, text[0, 20])
    end
  end

  # Spreadsheets write columns of nothing at the end.
  def test_columns_without_a_name
    assert_equal [["Kelp"], []], table("name,form,side,count,,\nKelp,squares,5,12,,\n").values_at("ready", "faults")
    assert_equal([[2, "has something in a column without a name"]],
                 table("name,form,side,count,,\nKelp,squares,5,12,,7\n")["faults"].map { |fault| fault.values_at("line", "say") })
  end

  def test_a_hundred_faults_are_told_and_how_many_more
    answer = table("name,form\n#{"Kelp,cloud\n" * 300}")

    assert_equal [100, 200], [answer["faults"].size, answer["more"]]
    file = JSON.parse(File.read(DEMO)).merge("projects" => [], "blocks" => [], "fabrics" => Array.new(1500) { |i| { "id" => "f#{i}", "name" => "x", "form" => "nope" } })
    problem = send_json("POST", "/api/bench", file)

    assert_equal [100, 1400], [problem["errors"].size, problem["more"]]
    assert_match(/first 100 faults; there are 1400 more/, problem["title"])
  end

  def test_a_body_of_nothing
    ["multipart/form-data", "multipart/form-data; boundary=x", "application/x-www-form-urlencoded"].each do |type|
      %w[GET POST].product(%w[/api/tools /api/weigh /api/session /api/start /api/bench]).each do |verb, path|
        status, = APP.call(Rack::MockRequest.env_for(path, method: verb, "HTTP_HOST" => "localhost", "CONTENT_TYPE" => type))

        assert_operator status, :<, 500, "#{verb} #{path} #{type}"
      end
    end
  end
end
