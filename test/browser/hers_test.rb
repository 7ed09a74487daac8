# frozen_string_literal: true

require "support/browser_case"

# Which line, practice, the first start, centimetres, templates, tables.
class HersScreenTest < BrowserCase
  def open_first; end

  def test_the_first_start_asks
    @maker.update_columns(came_at: nil)
    visit "/"

    assert_selector "h1", text: "Oaken Gauge"
    assert_empty axe_faults
    assert_whole_on_a_phone
    click_button "Look round with the demo"

    assert_selector "h1", text: "Slack Tide lap quilt"
    visit "/"

    assert_selector ".unit-table", text: "Wave tips"
  end

  # A click, a field filled in: each counts one. Three tools, two amounts of fabric, a unit that names itself, and another.
  def test_two_picks_are_eighteen_actions_from_the_first_page_at_the_most
    visit "/start"
    steps = [-> { click_button "Start my own" }, -> { fill_in "How many", with: "16", match: :first }, -> { fill_in "Finished size", with: "3" },
             -> { find("label", text: "Triangle ruler, finished sizes").click }, -> { find("label", text: "Square with a line for the seam").click },
             -> { all(:field, "How much")[0].set("1 yd") }, -> { all(:field, "How much")[1].set("2 yd") }, -> { click_button "Weigh it" },
             -> { click_button("Pick Two at a time", exact: true) && assert_heard("Picked: Two at a time") }, -> { click_button "Add a unit" },
             -> { within("[role=dialog]") { fill_in "Finished size", with: "4" } }, -> { click_button "Add", exact: true },
             -> { click_button "Pick Two at a time", exact: true }]
    steps.each(&:call)
    own = Server::Models::Maker.at_bench
    eventually { Server::Models::Pick.joins(:unit).where(units: { project_id: own.projects.select(:id) }).count == 2 }

    assert_operator steps.size, :<=, 18
    assert_equal [3, %w[36 72]], [own.tools.count, own.fabrics.order(:id).map { |fabric| fabric.document["length"] }]
    assert_equal 2, own.projects.first.units.map(&:label).uniq.size
  end

  def test_a_press_for_a_die_is_one_button_away
    visit "/start"
    click_button "Start my own"
    find("label", text: /Die/, match: :first).click
    click_button "I own one: Hand press"

    assert_no_button "I own one: Hand press"
    assert_selector "input:checked", count: 3
  end

  # Three questions, in centimetres, to the first unit weighed; what cannot be used is said beside its field.
  def test_her_own_bench_is_begun_by_three_questions
    visit "/start"
    click_button "Start my own"

    assert_selector "h2", text: "What are you making?"
    assert_empty axe_faults
    select "centimetres", from: "Measured in"
    fill_in "Finished size", with: "abc"
    click_button "Weigh it"

    assert_selector ".entry", text: /Finished size.*allowed is a length/m
    fill_in "Finished size", with: "6"
    click_button "Weigh it"

    assert_selector ".method-name", minimum: 2
    assert_field "Finished size", with: "6cm"
    assert_text "sq cm"
    assert_equal %w[Dark Light], Server::Models::Maker.at_bench.fabrics.map(&:name).sort
    assert_equal 1, Server::Models::Maker.at_bench.projects.count
  end

  def test_a_size_is_asked_of_every_tool
    visit "/which-line?kind=half_square&size=2"

    assert_selector "main li", text: /Half-inch triangle.*rotate the ruler 180°/m
    assert_selector "svg[aria-label='Half-inch triangle as it lies, at 2']"
    assert_empty axe_faults
    fill_in "Finished size", with: "3 1/2"
    find_field("Finished size").send_keys(:enter)

    assert_text(/is what a unit measures before it is sewn in/)
    find("button", text: "No, it finishes at").click

    assert_field "Finished size", with: "3"
    fill_in "or unfinished, with seam allowance", with: "2 1/2"
    find_field("or unfinished, with seam allowance").send_keys(:enter)

    assert_field "Finished size", with: "2"
    assert_whole_on_a_phone
  end

  def test_where_there_is_no_line_it_says_what_to_do
    visit "/which-line?kind=half_square&size=2%203/8"

    assert_selector "main p", text: "or change the size"
    select "rings of eight wedges", from: "Unit"

    assert_selector "h2", text: "From the strip to the block, and back"
    fill_in "Finished size", with: "none"
    find_field("Finished size").send_keys(:enter)

    assert_selector ".field-error", text: "allowed is a length"
  end

  def test_a_drill_is_asked_and_its_score_kept
    visit "/practice"
    click_button "Begin How many sets?"
    10.times do |i|
      assert_text "#{i + 1} of 10"
      find("button:has(kbd)", match: :first).click

      assert_selector "[role=status]", text: /Right\.|No\./
      click_button "Next"
    end

    assert_selector "main p", text: /\d+ of 10 right/
    eventually { @maker.drills.count == 1 }

    assert_empty axe_faults
    assert_whole_on_a_phone
    click_button "All drills"

    assert_text(/last time \d+ of 10 right/)
  end

  # Everything is of its kind: beam, areas, fields, sentences; an inch ruler keeps its inches.
  def test_a_project_in_centimetres
    @project.update!(measure: "cm")
    open_unit @unit, "?finished=5cm"

    assert_selector "text.beam-number", text: "20"
    assert_text "sq cm"
    assert_selector ".lock", text: "in"
    assert_no_text "sq in"
    fill_in "Finished size", with: "6"
    find_field("Finished size").send_keys(:enter)

    assert_field "Finished size", with: "6cm"
    open_way "Two at a time"
    find("summary", text: "Why, and its figures").click

    assert_text "in square centimetres"
    assert_text(/within 1\.6 mm/)
  end

  def test_a_full_drawer_shows_the_tools_that_matter_first
    30.times do |i|
      @maker.tools.create!(position: 20 + i, document: { "id" => "t#{i}", "name" => "Card #{i}", "kind" => "template", "makes" => "half_square",
                                                         "finished" => (i + 9).to_s })
    end
    open_unit @unit

    assert_selector ".beam-row", maximum: 10
    assert_selector ".beam-row", text: "Half-inch triangle"
    find("button", text: "more tools").click

    assert_selector ".beam-row", minimum: 11
  end

  def test_templates_are_printed_from_a_row
    open_unit @unit
    find(".method-name", text: /template/).click

    assert_link "Letter", href: /templates\.pdf\?paper=letter&at=2/
    check "dog ears off already"

    assert_link "SVG", href: /blunt=yes/
  end

  def test_a_tool_is_drawn_as_it_is_filled_in_and_both_readings_shown
    visit "/tools"
    click_button "Add a tool"
    within("[role=dialog]") do
      select "Triangle ruler for strips", from: "Kind of tool"
      select "half-square triangles", from: "Makes"
      select "strip widths", from: "The numbers are"
      fill_in "Numbers printed", with: "from 1 to 6 by 1/2"
      fill_in "Name", with: "Even strips"

      assert_selector "svg[aria-label='The tool, as it is filled in']"
      assert_selector "[role=dialog] div", text: /As you have it/
      click_button "Add", exact: true
    end

    assert_text "Added Even strips."
    assert_empty axe_faults
  end

  def test_tools_are_retired_copied_and_several_added
    visit "/tools"
    from_menu "Retire", "Half-inch triangle"

    assert_text "Retired Half-inch triangle."
    assert_selector "section", text: /Retired.*Half-inch triangle/m
    click_button "Undo"

    assert_no_selector "h2", text: "Retired"
    from_menu "Copy", "Half-inch triangle"

    assert_text "Added Half-inch triangle, second."
    click_button "Add several"
    within("[role=dialog]") do
      find("label", text: "Wedge ruler").click
      find("label", text: "Slotted ruler").click
      click_button "Add 2"
    end

    assert_selector ".hung li", text: "Slotted ruler"
    assert_equal 14, @maker.tools.count
  end

  # Corners by keys on the grid; an SVG; what would run something is refused.
  def test_an_outline_is_drawn_by_keys_or_read
    visit "/tools"
    click_button "Add a tool"
    within("[role=dialog]") do
      select "Template", from: "Kind of tool"
      grid = find("svg[role=application]")
      grid.execute_script("this.focus()")
      press(:enter, *([:right] * 4), :enter, *([:up] * 4), :enter)

      assert_field "Outline", with: "0, 0; 2, 0; 2, 2"
      # The first corner off and set again last: the same shape, whichever way round.
      press(*([:left] * 4), *([:down] * 4), :enter, *([:up] * 4), :enter, *([:down] * 4), :enter)

      assert_field "Outline", with: "2, 0; 2, 2; 0, 2; 0, 0"
      file = Tempfile.new(["shape", ".svg"]).tap { |one| one.write("<svg><script>1</script></svg>") && one.close }
      attach_file "An SVG to read the outline from", file.path, make_visible: true

      assert_selector ".field-error", text: "script"
      File.write(file.path, '<svg><rect width="192" height="96"/></svg>')
      attach_file "An SVG to read the outline from", file.path, make_visible: true

      assert_field "Outline", with: "0, 1; 0, 0; 2, 0; 2, 1".split("; ").rotate.join("; ")
    end
  end

  def test_scraps_are_pasted_and_tables_read
    visit "/fabrics"
    click_button "Add a fabric"
    within("[role=dialog]") do
      fill_in "Name", with: "Odds"
      select "Scraps", from: "Form"
      fill_in "Sizes", with: "3 of 5 × 7\n3 1/2 x 4"
      click_button "Add", exact: true
    end

    assert_text "Added Odds."
    assert_equal [%w[5 7], %w[5 7], %w[5 7], ["3 1/2", "4"]], @maker.fabrics.last.document["pieces"]
    file = Tempfile.new(["shelf", ".csv"]).tap { |one| one.write("name,form,width\nFog,yardage,42\nBad,bolt,\n") && one.close }
    attach_file "A table to read in", file.path, make_visible: true

    assert_text "Line 3, form: is bolt"
    click_button "Add the 1 that can be read"

    assert_selector ".shelf li", text: "Fog"
  end

  def test_fabric_promised_twice_is_said
    answer = OakenGauge.weigh(@unit.weigh_document, view: true)["methods"].find { |method| method["method"] == "rotary/two_at_a_time" }
    @unit.create_pick!(method_id: "rotary/two_at_a_time", spec: @unit.spec, answer: answer.except("drawings"))
    fabric = @unit.fabrics.first
    visit "/fabrics"

    # The whole quilt is planned for that.
    assert_selector ".shelf p", text: /Slack Tide lap quilt takes.*left/m, wait: 30
    fabric.update!(document: { "form" => "yardage", "length" => "3" })
    @project.copy("Second").units.first.create_pick!(method_id: "rotary/two_at_a_time", spec: @unit.spec, answer: answer.except("drawings"))
    visit "/fabrics"

    assert_selector ".shelf p", text: "Promised twice: Slack Tide lap quilt and Second", wait: 30
  end

  def test_half_filled_in_the_first_questions_are_there_after_a_reload
    visit "/start"
    click_button "Start my own"
    fill_in "How many", with: "36"
    page.refresh

    assert_field "How many", with: "36"
  end
end
