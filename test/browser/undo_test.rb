# frozen_string_literal: true

require "support/browser_case"

# One undo for the whole bench: what was done in this window, on whichever of its screens.
class UndoTest < BrowserCase
  def pick(title = "Two at a time")
    find("tbody[data-settled=true]")
    click_button "Pick #{title}", exact: true

    assert_heard "Picked: #{title}"
  end

  def test_what_was_done_on_another_screen_is_taken_back_and_done_again
    pick
    visit_within "Blocks"
    press([:control, "z"])

    assert_text "Undone: Picked Two at a time for Wave tips"
    assert_nil @unit.reload.pick
    press([:control, "y"])

    assert_text "Picked Two at a time for Wave tips."
    assert_equal "rotary/two_at_a_time", @unit.reload.pick.method_id
  end

  def test_it_is_there_when_the_page_is_loaded_anew
    pick
    page.refresh
    find(".method-name", text: /Two at a time$/)
    click_button "Undo"

    assert_text "Undone: Picked Two at a time for Wave tips"
    assert_nil @unit.reload.pick
  end

  def test_a_step_over_somebody_elses_change_is_refused_with_both
    pick
    @unit.reload.update!(label: "Spray")
    press("u")

    assert_selector "[role=dialog]", text: "Changed in another window"
    assert_heard "Saved there"
    click_button "Keep what was saved there"

    assert_selector "a[aria-current=page]", text: "Spray"
    refute_nil @unit.reload.pick
    assert_no_button "Undo"
  end

  def test_a_step_over_what_she_saw_changed_is_refused_too
    pick
    @unit.reload.update!(label: "Spray")
    page.refresh
    find(".method-name", text: /Two at a time$/)
    find("tbody[data-settled=true]")
    click_button "Pick Eight at a time", exact: true

    assert_heard "Picked: Eight at a time"
    press("u")

    assert_heard "Undone: Picked Eight at a time"
    press("u")

    assert_selector "[role=dialog]", text: "Changed in another window"
    assert_equal "rotary/two_at_a_time", @unit.reload.pick.method_id
  end

  def test_strokes_on_a_block_are_taken_back_from_the_shelf_one_by_one
    block = @maker.blocks.first
    before = block.picture["cells"].first.first(2)
    visit "/blocks/#{block.id}"
    find("[role=application]").evaluate_script("this.focus()")
    press("x", "x")
    eventually { block.reload.picture["cells"].first.first(2).all? { |cell| cell["cut"] == "quartered" } }
    visit_within "Fabric"
    press("u")
    eventually { block.reload.picture["cells"].first[1] == before[1] }

    assert_equal "quartered", block.picture["cells"].first[0]["cut"]
    press("u")
    eventually { block.reload.picture["cells"].first.first(2) == before }
  end

  def test_a_removed_fabric_and_what_was_done_to_it_before
    fabric = @maker.fabrics.create!(name: "Wrack", colour: "#2a4a3b", weave: "plain", document: { "form" => "yardage" })
    visit "/fabrics"
    click_button "Change Wrack"
    within("[role=dialog]") do
      fill_in "Name", with: "Dulse"
      click_button "Change", exact: true
    end

    assert_text "Changed Dulse."
    assert_no_selector "[role=dialog]"
    from_menu "Remove", "Dulse"

    assert_text "Removed Dulse."
    2.times { |i| press("u") && assert_text(["Undone: Removed Dulse", "Undone: Changed Dulse"][i]) }

    assert_equal ["Wrack"], @maker.fabrics.where(name: %w[Wrack Dulse]).pluck(:name)
    refute Server::Models::Fabric.exists?(fabric.id)
  end

  # Its unit is gone for good: that step is told and let go, and what was done before it can still be taken back.
  def test_a_step_of_what_is_gone_does_not_stand_in_the_way
    pick
    second = @project.units.second
    open_unit second
    find("button", text: "Pick", match: :first).click

    assert_text(/Picked .+ for #{second.label}\./)
    Server::Models::Unit.find(second.id).destroy!
    open_unit @unit
    press("u")

    assert_text(/This cannot be undone any more. Picked .+ for #{second.label}/)
    press("u")

    assert_text "Undone: Picked Two at a time for Wave tips"
    assert_nil @unit.reload.pick
  end

  # Which line? saves nothing itself: what was taken back there is said all the same.
  def test_a_screen_that_saves_nothing_says_what_was_undone
    pick
    visit_within "Blocks"
    press("i")

    assert_selector "h1", text: "Which line?"
    press("u")

    assert_text "Undone: Picked Two at a time for Wave tips"
  end

  # Gone to within the page, which is not loaded anew.
  def visit_within(name)
    within("nav, header", match: :first) { click_link name, match: :first }
    find("h1", text: name == "Fabric" ? "Your fabric" : name)
  end
end
