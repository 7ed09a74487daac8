# frozen_string_literal: true

require "support/browser_case"

# Keys mean one thing everywhere, are told where they work, and keep still where they might do harm.
class KeysTest < BrowserCase
  WAYS = { %w[g q] => "The quilt", %w[t] => "Your tools", %w[b] => "Your fabric", %w[k] => "Blocks", %w[h] => "Your hands", %w[j] => "Projects" }.freeze

  def test_ways_from_any_screen_to_any
    WAYS.each do |keys, title|
      press(*keys)

      assert_selector "h1", text: title
    end
    press("g", "u")

    assert_selector "tr.method", minimum: 5
  end

  # G and then U goes to the units: nothing is undone by the U of it.
  def test_a_letter_after_g_is_no_other_key
    find("tbody[data-settled=true]")
    click_button "Pick Two at a time", exact: true

    assert_heard "Picked: Two at a time"
    press("t")

    assert_selector "h1", text: "Your tools"
    press("g", "u")

    assert_selector "tr.method", minimum: 5
    refute_nil @unit.reload.pick
  end

  def test_the_list_has_what_works_here
    press("?")
    within("[role=dialog]") do
      assert_text "the fence; ← → move it by an eighth"
      assert_text "its quilt"
      assert_no_text "rising"
      click_button "Close"
    end
    visit "/blocks/#{@maker.blocks.first.id}"
    find("[role=application]")
    press("?")
    within("[role=dialog]") do
      assert_text "On the block’s cells"
      assert_no_text "the fence"
    end
  end

  def test_no_key_works_under_an_open_dialog_or_while_somebody_types
    press("e")

    assert_selector "[role=dialog]", text: "Change Wave tips"
    page.execute_script("document.querySelector('[role=dialog]').focus()")
    press("t", "g", "q", "p")

    assert_selector "[role=dialog]", text: "Change Wave tips"
    press(:escape)

    assert_no_selector "[role=dialog]"
    find_field("How many").click
    press("t")

    assert_selector "tr.method", minimum: 5
    assert_nil @unit.reload.pick
  end

  def test_single_letters_can_be_switched_off
    press("?")
    uncheck "Single letters are keys"
    click_button "Close"
    press("t", "g", "q", "?")

    assert_selector "tr.method", minimum: 5
    assert_no_selector "[role=dialog]"
    find("tbody[data-settled=true]")
    click_button "Pick Two at a time", exact: true

    assert_heard "Picked: Two at a time"
    press([:control, "z"])

    assert_text "Undone: Picked"
  end
end
