# frozen_string_literal: true

require "support/browser_case"

# A block is drawn by four keys, taken apart, set to a size, and its units are sent to be weighed.
class BlocksScreenTest < BrowserCase
  def open_first
    @maker.blocks.destroy_all
    visit "/blocks"
    find("p, div", text: "No block yet", match: :first)
  end

  def draw(across: 2, down: 1, finished: 6)
    click_button "Draw a block"
    fill_in "Name", with: "Gull"
    { "Columns" => across, "Rows" => down, "Finished width" => finished }.each { |field, value| fill_in field, with: value }
    click_button "Draw", exact: true
    find("[role=application]")
  end

  # Pressed where the cells have the focus.
  def write(*keys)
    find("[role=application]").evaluate_script("this.focus()")
    press(*keys)
  end

  def stored
    @maker.blocks.reload.first
  end

  def test_drawn_by_keys_and_taken_apart
    draw
    write("/", "\\")

    assert_text "There are 2 ways."
    assert_selector "[aria-label='Way 1']", text: /1 flying geese unit.*2 seams/m
    assert_selector "[aria-label='Way 2']", text: /2 half-square triangle units.*3 seams.*in place of 1 flying geese unit; 1 seam more/m
    click_button "Choose: way 2"

    assert_button "Chosen: way 2"
    eventually { stored.pieces.size == 2 }

    assert_equal(%w[rising falling], stored.picture["cells"].first.map { |cell| cell["cut"] })
  end

  # Drawn and left at once, before the hand has rested.
  def test_who_leaves_at_once_has_it_saved
    draw
    execute_script <<~JS
      const board = document.querySelector("[role=application]");
      board.focus();
      board.dispatchEvent(new KeyboardEvent("keydown", { key: "x", bubbles: true, cancelable: true }));
      setTimeout(() => [...document.querySelectorAll("a")].find((link) => link.textContent.trim() === "Blocks").click(), 60);
    JS

    assert_selector "h1", text: "Blocks"
    eventually { stored.picture["cells"].first.first["cut"] == "quartered" }
  end

  # Four cells, of which the middle column is two wide: what is whole fills a place, a diagonal needs a square.
  def test_columns_of_several_widths
    draw(across: "1 2 1", down: "1 2", finished: 12)
    write("x", "o", "/")

    # By hand: the upper left and right are single cells, the middle is two wide.
    eventually { stored.picture["cells"].first.map { |cell| cell["cut"] } == %w[quartered whole whole rising] }
    write(:down, "/")

    assert_text "Rising needs a square: this place is 1 by 2."
    find("[data-cell='1,1']").click
    eventually { stored.picture["cells"].last(2).map { |row| row[1, 2].map { |cell| cell["cut"] } } == [%w[whole rising], %w[rising whole]] }

    assert_equal({ "columns" => [1, 2, 1], "rows" => [1, 2] }, stored.lines)
    find("summary", text: "Columns and rows").click
    fill_in "Columns", with: "1 x"
    find_field("Columns").send_keys(:enter)

    assert_text "widths that add up to no more, such as 1 2 1"
    fill_in "Columns", with: "8"
    fill_in "Rows", with: "6"
    click_button "Set them"
    eventually { stored.lines.nil? && stored.picture["cells"].size == 6 }
    within("[role=toolbar]") { click_button "Undo" }
    eventually { stored.lines && stored.picture["cells"].size == 3 }
  end

  # Worked on as a worker does, once it was seen to wait.
  def test_a_large_block_is_taken_apart_while_she_goes_on
    draw(across: 9, down: 9, finished: 9)

    assert_text "Taking it apart comes next"
    page.refresh

    assert_text "Taking it apart comes next"
    click_button "Stop"

    assert_text "Stopped."
    click_button "Take it apart"

    assert_text "Taking it apart comes next"
    jobs.last.update!(state: "working", share: 0.4, doing: "counting the ways")

    assert_text "Taking it apart: counting the ways"
    assert_selector "[role=progressbar][aria-valuenow='40']"
    # What is drawn over is left, and what is drawn now comes next.
    write("/")

    assert_text "Taking it apart comes next"
    eventually { jobs.pluck(:state) == %w[stopped waiting] }
    Server::Jobs::TakeApart.run(jobs.last.id)

    assert_text "There is one way."
    assert_selector "[aria-label='Way 1']", text: "half-square triangle unit"
  end

  def test_undone_and_done_again
    draw
    write("/")

    assert_text "There is one way."
    assert_selector "[aria-label='Way 1']", text: "half-square triangle unit"
    within("[role=toolbar]") { click_button "Undo" }

    assert_no_selector "[aria-label='Way 1']", text: "half-square triangle unit"
    within("[role=toolbar]") { click_button "Redo" }

    assert_selector "[aria-label='Way 1']", text: "half-square triangle unit"
  end

  # Three on a mark of each: 2 by 4 geese in a block of 4, from twelve of them 24 half-squares.
  def test_its_units_are_weighed_in_a_project
    draw
    write("/", "\\")
    fill_in "Finished width", with: "4"
    find("h1").click

    assert_selector "[aria-label='Way 1']", text: "flying geese unit"
    click_button "Weigh its units: way 2"
    within("[role=dialog]") do
      fill_in "How many blocks", with: "none"
      find("h2").click

      assert_selector ".field-error", text: "whole number"
      fill_in "How many blocks", with: "12"
      click_button "Add them"
      # The demo has such half-squares by another name.
      click_button "Add them beside those"
    end

    assert_selector "h1", text: /Gull: half-square/, visible: :all
    assert_equal({ "kind" => "half_square", "finished" => "2", "count" => 24 }, @project.reload.units.last.spec)
  end

  # On the way that is chosen, whichever number of blocks it was weighed for.
  def test_a_pick_stands_beside_its_unit
    draw
    write("/")
    click_button "Choose: way 1"
    eventually { stored.pieces.any? }
    click_button "Weigh its units: way 1"
    click_button "Add them"

    assert_selector "h1", text: /Gull: half-square/, visible: :all
    find("tbody[data-settled=true]")
    click_button "Pick Two at a time", exact: true
    eventually { @project.units.reload.any?(&:pick) }
    visit "/blocks/#{stored.id}"

    assert_selector "[aria-label='Way 1'] [aria-label=picked]"
    click_link "Two at a time"

    assert_selector "h1", text: /Gull: half-square/, visible: :all
  end

  # Sixteen squares of one fabric, where one would do.
  def test_a_chosen_way_that_is_not_among_the_best_is_said_to_stand
    cell = { "cut" => "whole", "fabrics" => [@maker.fabrics.first.id.to_s] }
    pieces = [*0..3].product([*0..3]).map { |at| { "kind" => "square", "at" => at, "fabrics" => { "patch" => cell["fabrics"].first } } }
    block = @maker.blocks.create!(name: "Calm", picture: { "cells" => [[cell] * 4] * 4, "finished" => "8" }, pieces: pieces)
    visit "/blocks/#{block.id}"

    assert_text "The way you chose is not among them; it stands until you choose another."
    click_button "Choose: way 1"

    assert_button "Chosen: way 1"
    assert_no_text "The way you chose is not among them"
  end

  def test_what_cannot_be_is_said_and_stays
    draw
    fill_in "Finished width", with: "wide"
    find("h1").click

    assert_selector ".entry", text: /Finished width.*a length/m
    assert_field "Finished width", with: "wide"
  end

  def test_two_windows_on_one_block
    draw
    stored.update!(name: "Tern")
    write("/")

    assert_text "was changed after you opened it here"
    assert_selector "tr", text: /Row 1, column 1, cut.*whole.*rising/m
    assert_selector "tr", text: /Row 1, column 1, fabrics.*Gull white/m
    click_button "Save mine over it"
    eventually { stored.picture["cells"].first.first["cut"] == "rising" }

    assert_equal "Tern", stored.name
  end

  def test_accessible_and_whole_on_a_phone
    draw(across: 4, down: 4)
    write("/", "\\", "x")

    assert_selector "[aria-label='Way 1']"
    assert_empty axe_faults
    assert_whole_on_a_phone
  end

  # From 6 up: as the fence goes, the units' sizes are told again and the width of the block is written.
  def test_the_fence_of_its_size
    draw
    write("/")
    fence = find("[role=slider][aria-label='Finished width of the block']")

    assert_equal "six inches", fence["aria-valuetext"]
    fence.evaluate_script("this.focus()")
    press(:right)
    eventually { stored.picture["finished"] != "6" }

    assert_equal "6 1/2", stored.picture["finished"]
    assert_field "Finished width", with: stored.picture["finished"]
  end

  # Geese set down, then once more turned: downwards on the right. With the whole cell it is a square with three corners cut.
  def test_a_unit_is_set_down_turned_and_mirrored
    draw(across: 2, down: 2)
    find("summary", text: "Units and parts").click
    click_button "flying geese unit, 2 × 1 cells"
    cell(1, 1).click
    eventually { cuts == [%w[rising falling], %w[whole whole]] }
    click_button "Turn it"
    cell(2, 1).click
    eventually { cuts == [%w[rising falling], %w[whole rising]] }

    assert_selector "[aria-label='Way 1']", text: /1 cut-corner square.*3 seams/m
  end

  def cuts
    stored.picture["cells"].map { |row| row.map { |cell| cell["cut"] } }
  end

  # By column and row, from 1.
  def cell(column, row)
    all("[role=application] [data-cell]").find { |one| one["data-cell"] == "#{column - 1},#{row - 1}" }
  end

  def test_a_file_of_polygons_becomes_a_block
    Tempfile.create(["pier", ".svg"]) do |file|
      file.write('<svg viewBox="0 0 2 1"><rect width="2" height="1" fill="#fff"/><polygon points="0,1 1,0 2,1" fill="#123"/></svg>')
      file.close
      click_button "Read an SVG"
      attach_file "A file of plain polygons", file.path

      assert_text "2 × 1 cells found"
      fill_in "Name", with: "Pier"
      click_button "Keep it"

      assert_selector "[aria-label='Way 1']", text: "1 flying geese unit"
    end

    assert_equal([["Pier", %w[rising falling]]], @maker.blocks.reload.map { |block| [block.name, block.picture["cells"].first.map { |one| one["cut"] }] })
  end

  # What is taken apart; what is counted beside it is another's business.
  def jobs
    Server::Models::Job.where(kind: Server::Jobs::TakeApart.kind).order(:id)
  end
end
