# frozen_string_literal: true

require "support/browser_case"

class MakerScreenTest < BrowserCase
  def open_first
    visit "/maker"
    open_all_values
  end

  def open_all_values
    find("summary", text: "Change how you work").click
    find("summary", text: "All values").click
    find_field "Find a value"
  end

  def row(title)
    find("tr.value", text: title)
  end

  def enter(title, value)
    fill_in title, with: value
    find_field(title).send_keys(:enter)
  end

  def minutes(title)
    way(title).find("td:nth-child(7)").text.to_i
  end

  def test_a_seam_test_moves_what_was_measured
    fill_in "The middle strip measures", with: "1, 63/64"
    within("form[aria-label='Seam test']") do
      click_button "What does it say?"

      assert_text(/What the fold takes up: .*From 2 measurements/)
      click_button "Save"
    end

    assert_text "Seam test"
    eventually { @maker.reload.profile.dig("errors", "take_up", "count") == 2 }
    fill_in "The middle strip measures", with: "3"
    within("form[aria-label='Seam test']") do
      click_button "What does it say?"

      assert_selector ".field-error", text: "allowed is more than 0"
    end
    click_button "Undo"
    eventually { !@maker.reload.profile.fetch("errors", {}).key?("take_up") }
  end

  def test_values_are_found_by_their_words
    fill_in "Find a value", with: "die-cut"

    assert_selector "tr.value", count: 1
    assert_no_selector "h2", text: "Time"
  end

  def test_every_value_says_what_it_is
    said = all("tr.value, section[aria-labelledby=choices] li").map(&:text)

    OakenGauge::Makers::Parameters.all.each_value { |parameter| assert(said.any? { |text| text.include?(parameter.title) }, parameter.title) }

    assert_equal "0.013", find_field("Seam by the foot").value
    assert_match(/measured ± 0\.0019/, row("Seam by the foot").text)
    assert_equal "24", find_field("Seam by the foot: measured from how many").value
    assert_includes row("Round a template").text, "assumed"
  end

  def test_a_slower_iron_shows_in_the_minutes
    open_unit @unit
    before = minutes("Two at a time")
    click_link "Hands"
    open_all_values
    enter "Press", "69"

    assert_text "Press set to 69."
    assert_equal({ "value" => 69, "count" => 32 }, @maker.reload.profile["press"])
    page.go_back

    # 24 units, a minute more each.
    assert_selector "tr.method td:nth-child(7)", text: (before + 24).to_s
    assert_equal before + 24, minutes("Two at a time")
  end

  def test_measured_with_how_many_and_assumed_again
    fill_in "Die", with: "0.009"
    find_field("Die: measured from how many").set("12").send_keys(:enter)

    assert_selector "tr.value", text: /How far a die-cut edge lies off\..*measured/m
    # The value is saved as one leaves its field, and again with from how many.
    eventually { @maker.reload.profile.dig("errors", "die") == { "value" => 0.009, "count" => 12 } }
    within(row("How far a die-cut edge lies off.")) { click_button "back to 0.006" }

    assert_text "Die is assumed again."
    refute @maker.reload.profile["errors"].key?("die")
    click_button "Undo"

    assert_equal "0.009", find_field("Die", with: "0.009").value
    assert_equal({ "value" => 0.009, "count" => 12 }, @maker.reload.profile.dig("errors", "die"))
  end

  def test_what_cannot_be_used_stays_and_says_what_is_allowed
    before = @maker.reload.profile
    enter "Round a template", "wide"

    assert_text 'is "wide": allowed is a length from 0 to 1 inch'
    assert_equal "wide", find_field("Round a template").value
    assert_equal before, @maker.reload.profile
    enter "Die", "0.007"

    assert_text "Die set to 0.007."
    assert_text 'is "wide": allowed is a length from 0 to 1 inch'
    enter "Round a template", "0.03"

    assert_text "Round a template set to 0.03."
    assert_no_text "allowed is a length"
  end

  def test_ways_of_working
    assert_heard "You sew a thread less than one quarter inch"
    choose "two"

    assert_text "Sides that are trimmed: two."
    assert_text "what is trimmed you trim on two sides and the dog ears."
    check "Starch all fabric"

    assert_text "Starch all fabric: yes."
    fill_in "Cut larger by", with: "3/16"
    find_field("Cut larger by").send_keys(:enter)

    assert_text "Cut larger by: 3/16."
    assert_equal [2, true, "3/16"], @maker.reload.profile.values_at("trim_sides", "starched", "margin")
    find("h1").click
    press [:control, "z"]

    assert_equal "1/8", find_field("Cut larger by", with: "1/8").value
  end

  def test_how_scant_is_hers_to_choose
    enter "Scant seam by (in)", "thin"

    assert_text '"thin": allowed is a length from 0 to 1 inch, such as 1/64 or 0.4mm'
    assert_equal "thin", find_field("Scant seam by (in)").value
    enter "Scant seam by (in)", "1/64"

    eventually { (@maker.reload.profile.dig("errors", "scant").to_f - 0.015625).abs < 1e-6 }
    enter "Scant seam by (in)", "0.005"

    assert_text "Scant seam: 0.005 in."
    assert_in_delta(0.005, @maker.reload.profile.dig("errors", "scant"))
    assert_no_text "allowed is a length"
    assert_no_selector "tr.value", text: "Scant seam"
  end

  # Leaving a field saves it, and what was clicked is saved right after: neither is lost, and nobody else is blamed.
  def test_two_changes_at_once
    fill_in "Die", with: "0.008"
    choose "two"

    assert_text "Sides that are trimmed: two."
    assert_no_selector "[role=dialog]"
    assert_equal [0.008, 2], [@maker.reload.profile.dig("errors", "die"), @maker.profile["trim_sides"]]
  end

  def test_two_windows
    @maker.reload.update!(profile: { "press" => 20 })
    enter "Die", "0.01"

    within("[role=dialog]", text: "Changed in another window") do
      assert_selector "tr", text: /Errors.*nothing.*Die 0.01/m
      assert_no_text "Press"
    end
    click_button "Keep what was saved there"

    assert_equal "20", find_field("Press", with: "20").value
    assert_equal({ "press" => 20 }, @maker.reload.profile)
    @maker.reload.update!(profile: { "press" => 21 })
    enter "Die", "0.02"
    click_button "Save mine over it"

    assert_text "Die set to 0.02."
    # What was changed there stays, where it is not what was changed here.
    assert_equal({ "press" => 21, "errors" => { "die" => 0.02 } }, @maker.reload.profile)
  end

  def test_nothing_stands_in_the_way
    assert_empty axe_faults
  end
end
