# frozen_string_literal: true

require "support/browser_case"

# The shelf: a fabric is entered with its form, changed, removed, and put back; one that units use stays.
class FabricsScreenTest < BrowserCase
  def open_first
    visit "/fabrics"
    find("strong", text: "Gull white")
  end

  def test_a_fabric_is_entered_and_cut_from
    click_button "Add a fabric"
    within("[role=dialog]") do
      fill_in "Name", with: "Wet sand"
      select "Fat quarter", from: "Form"
      fill_in "How many", with: "4"
      click_button "Add", exact: true
    end

    assert_text "Added Wet sand."
    assert_equal({ "form" => "fat_quarter", "count" => 4 }, @maker.fabrics.last.document.slice("form", "count"))
    open_unit @unit
    find("[aria-label='Change these units']").click

    assert_selector "[role=dialog] option", text: "Wet sand", minimum: 1
  end

  def test_changed_and_undone_and_one_that_is_used_stays
    click_button "Change Gull white"
    within("[role=dialog]") do
      fill_in "Name", with: "Tern white"
      click_button "Change", exact: true
    end

    assert_text "Changed Tern white."
    from_menu "Remove", "Tern white"

    assert_text "Tern white is used by Wave tips"
    click_button "Undo"

    assert_button "Change Gull white"
    assert_equal 5, @maker.fabrics.count
  end

  def test_accessible_and_whole_on_a_phone
    assert_empty axe_faults
    assert_whole_on_a_phone
  end
end
