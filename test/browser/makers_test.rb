# frozen_string_literal: true

require "support/browser_case"

# Several makers at one bench: each has a window of her own, and whoever opens another leaves the others where they are.
class MakersScreenTest < BrowserCase
  def open_first
    visit "/makers"
    find(".tool", text: @maker.name)
  end

  def add(name)
    click_button "Add a maker"
    fill_in "Name", with: name
    click_button "Add", exact: true

    assert_text "Added #{name}"
  end

  def rename(name)
    within("[role=dialog]") do
      fill_in "Name", with: name
      click_button "Rename"
    end
  end

  def test_one_is_added_renamed_removed_and_put_back
    add "Bea"
    click_button "Rename Bea"
    rename " "

    assert_selector "[role=dialog] [role=alert]", text: /allowed/
    rename "Beatrix"

    assert_text "Bea is now Beatrix"
    click_button "Remove Beatrix"

    assert_text "Removed Beatrix"
    assert_no_selector ".tool", text: "Beatrix"
    click_button "Undo"

    assert_selector ".tool", text: "Beatrix"
  end

  def test_a_window_stays_with_its_maker
    add "Bea"
    Capybara.using_session(:other) do
      open_unit @unit

      assert_selector "header button", text: @maker.name
    end
    click_link "Open Bea"

    assert_selector "h1", text: "Oaken Gauge"
    bea = Server::Models::Maker.find_by(name: "Bea")
    visit "/makers/#{bea.id}/tools"

    assert_text "No tool in the drawer yet"
    Capybara.using_session(:other) do
      find("tbody[data-settled=true]")
      click_button "Pick Two at a time", exact: true

      assert_heard "Picked: Two at a time"
      click_link "Tools"

      assert_selector ".shelf svg, .hung svg", minimum: 2
      assert_current_path "/makers/#{@maker.id}/tools"
    end
    assert_equal "rotary/two_at_a_time", @unit.reload.pick.method_id
  end

  # Her first bench: three questions, and what she says is hers.
  def test_a_new_maker_begins_with_three_questions
    add "Bea"
    click_link "Open Bea"
    click_button "Start my own"
    fill_in "Name of the quilt", with: "Shoal"
    click_button "Weigh it"

    find(".method-name", match: :first)

    assert_selector "header button", text: "Bea"
    assert_equal ["Shoal"], Server::Models::Maker.find_by(name: "Bea").projects.map(&:name)
  end

  def test_accessible_and_whole_on_a_phone
    page.driver.resize(390, 844)
    sleep 0.3

    assert_operator page.evaluate_script("document.documentElement.scrollWidth"), :<=, 390
    assert_empty axe_faults
  ensure
    page.driver.resize(1280, 800)
  end
end
