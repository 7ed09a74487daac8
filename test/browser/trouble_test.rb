# frozen_string_literal: true

require "support/browser_case"

# Two windows, a database that goes away, light and dark, and what a screen reader needs.
class TroubleTest < BrowserCase
  def pick_elsewhere(method)
    @unit.reload.update!(updated_at: Time.now)
    answer = OakenGauge.weigh(@unit.weigh_document, view: true)["methods"].find { |one| one["method"] == method }
    @unit.create_pick!(method_id: method, spec: @unit.spec, answer: answer)
  end

  def test_another_window_saved_first_keep_theirs
    pick_elsewhere "die/patches"
    find("tbody[data-settled=true]")
    click_button "Pick Two at a time", exact: true

    assert_selector "[role=dialog]", text: "Changed in another window"
    assert_heard "Saved there24 finished at two inches, patches"
    click_button "Keep what was saved there"

    assert_heard "Picked: Single patches, die cut"
    assert_equal "die/patches", @unit.reload.pick.method_id
  end

  def test_another_window_saved_first_keep_mine
    pick_elsewhere "die/patches"
    find("tbody[data-settled=true]")
    click_button "Pick Two at a time", exact: true
    click_button "Save mine over it"

    assert_heard "Picked: Two at a time"
    assert_equal "rotary/two_at_a_time", @unit.reload.pick.method_id
  end

  # Closed without a choice, neither version is lost: hers is not saved, and she may choose later.
  def test_another_window_saved_first_choose_later
    pick_elsewhere "die/patches"
    find("tbody[data-settled=true]")
    click_button "Pick Two at a time", exact: true

    assert_selector "[role=dialog]", text: "Changed in another window"
    find("[role=dialog]").send_keys(:escape)

    assert_no_selector "[role=dialog]"
    assert_text "Not saved: changed in another window."
    assert_equal "die/patches", @unit.reload.pick.method_id
    # What else is saved meanwhile does not take its place.
    click_link "Terns"
    find(".method-name", match: :first)
    find("button[aria-label^='Pick ']", match: :first).click

    assert_heard "Picked: "
    assert_text "Not saved: changed in another window."
    click_link "Wave tips"
    click_button "Choose"
    click_button "Save mine over it"

    assert_heard "Picked: Two at a time"
    assert_equal "rotary/two_at_a_time", @unit.reload.pick.method_id
  end

  def test_a_pick_waits_for_the_database_and_is_saved_when_it_is_back
    ThrowawayCluster.own do |cluster|
      setup
      pick_through_an_outage(cluster)
    end
  end

  def pick_through_an_outage(cluster)
    cluster.stop
    find("tbody[data-settled=true]")
    click_button "Pick Two at a time", exact: true

    assert_text "The database is not answering"
    assert_selector "tr.method", minimum: 5
    cluster.start

    assert_heard "Picked: Two at a time"
    assert_equal "rotary/two_at_a_time", @unit.reload.pick.method_id
  end

  # Stored, and its answer lost on the way: the page sends it again, and nobody is told of another window.
  def test_an_answer_that_is_lost_is_no_clash
    execute_script <<~JS
      const send = window.fetch;
      window.lost = 0;
      window.fetch = async (path, sent) => {
        const answer = await send(path, sent);
        if (sent?.method === "PUT" && window.lost++ === 0) throw new TypeError("the answer was lost");
        return answer;
      };
    JS
    find("tbody[data-settled=true]")
    click_button "Pick Two at a time", exact: true

    assert_heard "Picked: Two at a time"
    assert_no_selector "[role=dialog]"
    assert_equal [2, "rotary/two_at_a_time"], [evaluate_script("window.lost"), @unit.reload.pick.method_id]
    assert_equal 1, @unit.lock_version
  end

  # What is on this machine answers all the same.
  def test_the_network_goes_away
    execute_script "window.dispatchEvent(new Event('offline'))"
    fence.send_keys(:right)

    assert_fence "two and one eighth inches"
    assert_heard "squares cut three inches", "Two at a time"
    find("tbody[data-settled=true]")
    click_button "Pick Two at a time", exact: true

    assert_heard "Picked: Two at a time"
  end

  def test_light_and_dark_are_remembered
    before = evaluate_script("document.documentElement.dataset.light")
    click_button "Light or dark"

    refute_equal before, evaluate_script("document.documentElement.dataset.light")
    page.refresh

    assert_selector "tr.method", minimum: 5
    refute_equal before, evaluate_script("document.documentElement.dataset.light")
  end

  def test_accessibility_in_light_and_dark_with_a_row_open
    open_way "Two at a time"

    assert_selector ".steps"
    assert_empty axe_faults
    click_button "Light or dark"

    assert_empty axe_faults
  end

  def test_the_page_keeps_within_a_tablet_and_within_double_zoom
    [[1024, 768], [640, 400]].each do |width, height|
      page.current_window.resize_to(width, height)

      assert_selector "tr.method", minimum: 5
      assert_operator evaluate_script("document.documentElement.scrollWidth"), :<=, width
    end
  ensure
    page.current_window.resize_to(1280, 800)
  end
end
