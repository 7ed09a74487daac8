# frozen_string_literal: true

require "support/browser_case"

# Each screen is a script of its own: it is asked for again where it did not come, and what failed is said.
class ScriptsTest < BrowserCase
  def open_first
    visit "/tools"
    find(".hung svg", match: :first)
  end

  # Refuses the script of the practice screen so many times.
  def refuse_practice(times)
    @refused = 0
    network = page.driver.browser.network
    network.intercept
    page.driver.browser.on(:request) do |request|
      refused = request.match?(/PracticeScreen.*js/) && @refused < times
      @refused += 1 if refused
      refused ? request.abort : request.continue
    end
  end

  # What the page reports to the browser's log is raised by whatever is asked after it, now or a little later.
  def whatever_is_reported
    yield
  rescue Ferrum::JavaScriptError => e
    assert_match(/PracticeScreen/, e.message)
    retry
  end

  def test_a_script_that_did_not_come_is_asked_for_again
    refuse_practice 2
    click_link "Practice"

    assert_selector "h1", text: "Practice"
    assert_equal 2, @refused
  end

  def test_one_that_never_comes_is_said_and_the_way_on
    refuse_practice 3
    whatever_is_reported { click_link "Practice" unless page.has_text?("This page could not be drawn.", wait: 0) }

    whatever_is_reported { assert_text "This page could not be drawn." }
    whatever_is_reported { click_button "Try this page again" }

    whatever_is_reported { assert_selector "h1", text: "Practice" }
  end
end
