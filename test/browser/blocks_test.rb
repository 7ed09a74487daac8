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
    { "Cells across" => across, "Cells down" => down, "Finished width" => finished }.each { |field, value| fill_in field, with: value }
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
    assert_selector "[aria-label='Way 2']", text: /2 half-square triangle units.*3 seams.*1 seam more than the first/m
    click_button "Choose: way 2"

    assert_button "Chosen: way 2"
    eventually { stored.pieces.size == 2 }

    assert_equal(%w[rising falling], stored.picture["cells"].first.map { |cell| cell["cut"] })
  end

  def test_undone_and_done_again
    draw
    write("/")

    assert_text "There is one way."
    assert_selector "[aria-label='Way 1']", text: "half-square triangle unit"
    click_button "Undo"

    assert_no_selector "[aria-label='Way 1']", text: "half-square triangle unit"
    click_button "Redo"

    assert_selector "[aria-label='Way 1']", text: "half-square triangle unit"
  end

  # Three on a mark of each: 2 by 4 geese in a block of 4, from twelve of them 24 half-squares.
  def test_its_units_are_weighed_in_a_project
    draw
    write("/", "\\")
    find("button", text: /Finish the block at.*four inches/m).click

    assert_selector "[aria-label='Way 1']", text: "flying geese unit"
    click_button "Weigh its units: way 2"
    within("[role=dialog]") do
      fill_in "How many blocks", with: "none"
      find("h2").click

      assert_selector ".field-error", text: "whole number"
      fill_in "How many blocks", with: "12"
      click_button "Add them"
    end

    assert_selector "h1", text: /Gull: half-square/, visible: :all
    assert_equal({ "kind" => "half_square", "finished" => "2", "count" => 24 }, @project.reload.units.last.spec)
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
end
