# frozen_string_literal: true

require "support/browser_case"

# What people type, and what they are told.
class EntryTest < BrowserCase
  def enter(label, text)
    fill_in label, with: text
    find_field(label).send_keys(:enter)
  end

  def test_sizes_in_every_notation
    { "2.5" => "two and one half inches", "3-7/8" => "three and seven eighths inches", "1⅛" => "one and one eighth inches" }.each do |typed, spoken|
      enter "Finished size", typed

      assert_fence spoken
      assert_no_selector ".field-error"
    end
  end

  def test_a_size_that_is_none_stays_with_what_is_allowed_beside_it
    { "0" => "allowed is more than 0 and at most 48", "5 ft" => "allowed is a length such as", "abc" => "allowed is a length" }.each do |typed, words|
      enter "Finished size", typed

      assert_selector ".field-error", text: words
      assert_equal typed, find_field("Finished size").value
      assert_selector "tr.method", minimum: 5
    end
    assert_selector "button[disabled]", text: "Pick"
  end

  def test_the_address_keeps_what_is_shown
    enter "How many", "13"
    enter "Finished size", "2 1/2"

    assert_fence "two and one half inches"
    page.refresh

    assert_fence "two and one half inches"
    assert_equal "13", find_field("How many").value
  end

  def test_a_new_unit
    click_button "Add a unit"
    fill_in "Name", with: "Foam"
    within("[role=dialog]") do
      fill_in "How many", with: "none"
      click_button "Add"

      assert_selector ".field-error", text: "whole number"
      fill_in "How many", with: "8"
      click_button "Add"
    end

    assert_selector "a[aria-current=page]", text: "Foam"
    assert_equal({ "kind" => "half_square", "finished" => "2", "count" => 8 }, @project.units.find_by!(label: "Foam").spec)
  end

  def test_a_project_without_units_offers_to_add_one
    @project.units.destroy_all
    visit "/projects/#{@project.id}/units"

    assert_text "Slack Tide lap quilt has no units yet"
    click_button "Add a unit"
    fill_in "Name", with: "First waves"
    click_button "Add", exact: true

    assert_selector "a[aria-current=page]", text: "First waves"
    assert_selector "tr.method", minimum: 5
  end

  def test_addresses_with_nothing_behind_them
    visit "/nowhere"

    assert_text "There is nothing at this address"
    visit "/projects/#{@project.id}/units/999"

    assert_text "This unit is not in the project"
    click_link "Go to the first unit"

    assert_selector "tr.method", minimum: 5
  end

  def test_the_units_of_a_project_begin_with_the_first_that_has_no_pick
    find("tbody[data-settled=true]")
    click_button "Pick Two at a time", exact: true

    assert_heard "Picked: Two at a time"
    visit "/projects/#{@project.id}/units"

    assert_selector "a.unit-tab[aria-current=page]", text: "Shallows"
  end
end
