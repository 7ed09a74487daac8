# frozen_string_literal: true

require "support/browser_case"

# Units changed for good and taken away, each of which can be undone.
class ChangingUnitsTest < BrowserCase
  def change(&)
    click_button "Change these units"
    within("[role=dialog]", text: "Change Wave tips", &)
  end

  def test_what_they_are_for_how_many_how_large_and_of_which_fabric
    change do
      assert_equal(["Wave tips", "24", "2"], ["Name", "How many", "Finished size"].map { |field| find_field(field).value })
      fill_in "Name", with: "Breakers"
      fill_in "How many", with: "30"
      fill_in "Finished size", with: "2.5"
      select "Rust sail", from: "dark"
      click_button "Change", exact: true
    end

    assert_selector "a[aria-current=page]", text: "Breakers"
    assert_fence "two and one half inches"
    assert_text "Rust sail (dark)"
    assert_equal({ "kind" => "half_square", "finished" => "2 1/2", "count" => 30 }, @unit.reload.spec)
    press [:control, "z"]

    assert_selector "a[aria-current=page]", text: "Wave tips"
    assert_fence "two inches"
    assert_equal({ "kind" => "half_square", "finished" => "2", "count" => 24 }, @unit.reload.spec)
  end

  def test_taken_away_and_put_back
    find("tbody[data-settled=true]")
    click_button "Pick Two at a time", exact: true

    assert_heard "Picked: Two at a time"
    change { click_button "Remove" }

    assert_selector "a[aria-current=page]", text: "Shallows"
    assert_no_selector "a.unit-tab", text: "Wave tips"
    assert_text "Removed Wave tips."
    click_button "Undo"

    assert_selector "a[aria-current=page]", text: "Wave tips"
    assert_heard "Picked: Two at a time"
  end

  def test_the_last_units_can_be_put_back_too
    @project.units.where.not(id: @unit.id).destroy_all
    page.refresh
    find(".method-name", text: /Two at a time$/)
    change { click_button "Remove" }

    assert_text "Slack Tide lap quilt has no units yet"
    click_button "Undo"

    assert_selector "a[aria-current=page]", text: "Wave tips"
  end

  def test_two_windows
    @unit.reload.update!(label: "Spray")
    change do
      fill_in "How many", with: "40"
      click_button "Change", exact: true
    end

    assert_selector "[role=dialog]", text: "Changed in another window"
    click_button "Keep what was saved there"

    assert_selector "a[aria-current=page]", text: "Spray"
    assert_equal 24, @unit.reload.spec["count"]
    @unit.update!(label: "Spume")
    click_button "Change these units"
    within("[role=dialog]") { click_button "Remove" }
    click_button "Save mine over it"

    assert_text "Removed Spume."
    assert @unit.reload.removed_at
  end

  def test_by_key
    press "e"

    assert_selector "[role=dialog]", text: "Change Wave tips"
    assert_empty axe_faults
  end
end
