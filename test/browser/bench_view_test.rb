# frozen_string_literal: true

require "support/browser_case"

# One step at a time, to be read from where she stands.
class BenchViewTest < BrowserCase
  def open_first
    pick = OakenGauge.weigh(@unit.weigh_document, view: true)["methods"].find { |method| method["method"] == "rotary/two_at_a_time" }
    @unit.create_pick!(method_id: "rotary/two_at_a_time", spec: @unit.spec, answer: pick.except("drawings"))
    open_unit @unit
  end

  def teardown
    page.driver.resize(1280, 800)
    super
  end

  def at(step)
    assert_selector "[role=status]", text: /\A#{step} of \d+\z/
  end

  def test_from_a_pick_to_its_steps_by_tap_key_and_pedal
    click_link "At the bench"
    at 1
    find("h1").click
    at 2

    assert_heard "two and seven eighths inches"
    assert_selector ".bench-view-picture svg[role=img][aria-label^='Cut 2 strips']"
    press(" ")
    at 3
    press(:PageDown)
    at 4
    press(:Left)
    at 3
    click_button "← Back"
    at 2

    assert_current_path %r{/units/#{@unit.id}/steps/2$}
    press(:Escape)

    assert_selector ".method"
    press("v")
    at 2
  end

  def test_her_place_is_there_on_another_device
    visit "/projects/#{@project.id}/units/#{@unit.id}/steps/7"
    at 7
    eventually { @maker.bookmarks.first&.step == 6 }
    Capybara.using_session(:other) do
      visit "/projects/#{@project.id}/units/#{@unit.id}/steps"
      at 7
    end
    visit "/projects/#{@project.id}/units/#{@unit.id}/steps/99"

    assert_text "All steps are done."
    assert_button "Next →", disabled: true, visible: :all
  end

  def test_the_number_is_as_large_as_fits_and_everybody_reads_it
    visit "/projects/#{@project.id}/units/#{@unit.id}/steps/2"
    [[820, 1180, 160], [1280, 800, 160], [390, 844, 100]].each do |wide, high, least|
      page.driver.resize(wide, high)

      assert_operator find(".bench-view-number").evaluate_script("this.getBoundingClientRect().height"), :>=, least, wide
      # What reaches beyond the window is cut off there: nothing may.
      beyond = evaluate_script("[...document.querySelectorAll('main *')].filter((one) => one.getBoundingClientRect().right > innerWidth + 1).length")

      assert_equal 0, beyond, wide
      assert_operator all(".bench-view-target").map { |one| one.evaluate_script("this.getBoundingClientRect().height") }.min, :>=, 64
      assert_empty axe_faults, wide
    end
  end

  # Which method is first along the beam fills in, and its borders are gone to by keys.
  def test_the_ribbon_of_winners_and_its_borders
    assert_selector ".beam-block .ribbon-part", minimum: 2, wait: 20
    sleep_until_whole
    first = find("[role=slider][aria-label='Fence: finished size']")["aria-valuetext"]
    press("]")

    assert_no_selector "[role=slider][aria-label='Fence: finished size'][aria-valuetext='#{first}']"
    assert_selector ".ribbon-thin .ribbon-part", minimum: 5
  end

  def sleep_until_whole
    page.document.synchronize(20, errors: [Capybara::ExpectationNotMet]) do
      last = all(".beam-block .ribbon-part").last
      raise Capybara::ExpectationNotMet unless last && last["aria-label"].include?("eight inches")
    end
  end
end
