# frozen_string_literal: true

require "support/browser_case"

# What is half filled in is there again when the page was loaded anew, until it is saved or cancelled.
class DraftsTest < BrowserCase
  def open_first
    visit "/fabrics"
    find("h1", text: "Your fabric")
  end

  def add(name)
    click_button "Add a fabric"
    within("[role=dialog]") do
      fill_in "Name", with: name
      select "Scraps", from: "Form"
    end
  end

  def test_a_form_is_there_after_a_reload_and_after_escape
    add "Wrack"
    page.refresh
    click_button "Add a fabric"

    assert_field "Name", with: "Wrack"
    assert_select "Form", selected: "Scraps"
    press(:escape)
    click_button "Add a fabric"

    assert_field "Name", with: "Wrack"
  end

  def test_what_is_cancelled_is_let_go
    add "Wrack"
    click_button "Cancel"
    click_button "Add a fabric"

    assert_field "Name", with: ""
  end

  def test_what_is_saved_is_no_draft
    click_button "Add a fabric"
    fill_in "Name", with: "Wrack"
    click_button "Add", exact: true

    assert_text "Added Wrack"
    click_button "Add a fabric"

    assert_field "Name", with: ""
  end

  # A draft of what another window has changed since would overwrite that unseen.
  def test_a_draft_of_something_that_was_changed_since_is_let_go
    fabric = @maker.fabrics.first
    click_button "Change #{fabric.name}"
    fill_in "Name", with: "Wrack"
    page.refresh
    fabric.reload.update!(name: "Sedge")
    page.refresh
    click_button "Change Sedge"

    assert_field "Name", with: "Sedge"
  end

  def test_the_first_questions
    visit "/start"
    click_button "Start my own"
    fill_in "How many", with: "36"
    page.refresh

    assert_field "How many", with: "36"
  end
end
