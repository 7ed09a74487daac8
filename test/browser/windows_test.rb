# frozen_string_literal: true

require "support/browser_case"

# Two real windows on one unit, and what a reader of the page finds on it.
class WindowsTest < BrowserCase
  def test_the_second_window_is_told_and_chooses
    Capybara.using_session(:other) do
      open_unit @unit
      find("tbody[data-settled=true]")
      click_button "Pick Eight at a time", exact: true

      assert_heard "Picked: Eight at a time"
    end
    find("tbody[data-settled=true]")
    click_button "Pick Two at a time", exact: true

    assert_selector "[role=dialog]", text: "Changed in another window"
    assert_heard "Saved there24 finished at two inches, eight at a time"
    assert_heard "Yours24 finished at two inches, two at a time"
    click_button "Save mine over it"

    assert_heard "Picked: Two at a time"
    Capybara.using_session(:other) do
      click_button "Unpick Eight at a time", exact: true

      assert_selector "[role=dialog]", text: "Changed in another window"
      click_button "Keep what was saved there"

      assert_heard "Picked: Two at a time"
    end
    assert_equal "rotary/two_at_a_time", @unit.reload.pick.method_id
  ensure
    Capybara.using_session(:other) { Capybara.reset_sessions! }
  end

  def test_the_pick_stands_first_and_its_tab_has_a_pin
    last = ways.last { |way| way }
    find("tbody[data-settled=true]")
    click_button "Pick Two at a time", exact: true

    assert_heard "Picked: Two at a time"
    assert_equal "Two at a time", ways.first
    refute_equal last, ways.first
    assert_selector "a.unit-tab[aria-current=page] [aria-label='method picked']"
  end

  def test_units_are_changed_by_their_tabs
    click_link "Corner sails"

    assert_fence "four inches"
    assert_heard "Die: triangles for 4, wide board is 12 wide; the bed of Crank press takes six and one quarter inches", "Single patches, die cut"
    click_link "Shallows"

    assert_heard "Needs a strip two and seven eighths inches wide from the light; the two and one half inches strips are too narrow", "Two at a time"
  end

  def test_a_row_opens_to_the_whole_picture
    open_way "Eight at a time"

    assert_selector ".steps li", minimum: 6
    assert_heard "Where the fabric goes, in square inches"
    assert_heard "3 × five and three quarters inches square"
    assert_selector "img[alt], svg[role=img]", minimum: 6
    assert_heard "Minutes are assumed."
    open_way "Eight at a time"

    assert_no_selector ".steps"
  end

  def test_pictures_say_what_they_show
    labels = all("svg[role=img]").map { |picture| picture["aria-label"] }

    assert_includes labels, "light: 1 of 1"
    assert_includes labels, "Wave tips, finished"
    assert(labels.any? { |label| label.match?(/square inches used, \d+ from stock: \d+ in the units/) })
  end

  def test_every_control_says_what_it_does_and_by_which_key
    way("Two at a time").find("button", text: "Pick").hover

    assert_selector "[role=tooltip]", text: "Pick this method", visible: :all
    assert_selector "[role=tooltip]", text: "P", visible: :all
  end

  def test_a_weighing_that_cannot_be_had_leaves_the_last_one
    page.driver.browser.network.intercept
    page.driver.browser.on(:request) { |request| request.match?(%r{/api/.*weigh}) ? request.abort : request.continue }
    fence.send_keys(:right)

    assert_text "The application is not answering"
    assert_selector "tr.method", minimum: 5
    assert_selector "button[disabled]", text: "Pick"
  ensure
    Capybara.current_session.quit
  end
end
