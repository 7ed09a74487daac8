# frozen_string_literal: true

require "support/browser_case"

# One head on every screen: whose bench, the stations of the work, what is hers; and the home of a project.
class FrameScreenTest < BrowserCase
  def open_first
    visit "/"
    find("h1", text: "Slack Tide lap quilt")
  end

  def teardown
    page.driver.resize(1280, 800)
    super
  end

  def station(name)
    find("nav[aria-label='Stations of the work'] a", text: name)
  end

  def test_the_stations_lead_through_the_work_and_say_what_is_open
    assert_current_path "/makers/#{@maker.id}/projects/#{@project.id}"
    assert_selector "nav a[aria-current=page]", text: "Home"
    station(/Units\s+5 to pick/).click

    assert_current_path "/makers/#{@maker.id}/projects/#{@project.id}/units/#{@unit.id}"
    way("Two at a time").click_button("Pick")

    assert_selector "nav[aria-label='Stations of the work'] a", text: /Units\s+4 to pick/
    station("Quilt").click

    assert_selector "h1", text: "The quilt: Slack Tide lap quilt"
    station("Buy").click

    assert_selector "h1", text: "What to buy"
    page.go_back

    assert_selector "h1", text: "The quilt: Slack Tide lap quilt"
  end

  def test_every_screen_has_a_title_of_its_own_and_is_read_from_its_heading
    assert_title "Slack Tide lap quilt · Oaken Gauge"
    { "Quilt" => "The quilt: Slack Tide lap quilt", "Buy" => "Buy: Slack Tide lap quilt", "Tools" => "Your tools", "Fabric" => "Your fabric",
      "Hands" => "Your hands", "Blocks" => "Blocks" }.each do |link, title|
      find("header nav a", text: link, exact_text: false).click

      assert_title "#{title} · Oaken Gauge"
      assert_selector "h1:focus"
    end
    visit "/tools"

    assert_no_selector "h1:focus"
    find("body").send_keys(:tab)

    assert_equal "Skip to the page", evaluate_script("document.activeElement.textContent")
    press(:enter)

    assert_equal "page", evaluate_script("document.activeElement.id")
  end

  def test_keys_go_to_every_station
    { %w[g q] => "The quilt", %w[g b] => "What to buy", %w[g p] => "Slack Tide", %w[b] => "Your fabric", %w[k] => "Blocks",
      %w[h] => "Your hands", %w[t] => "Your tools" }.each do |keys, heading|
      press(*keys)

      assert_selector "h1", text: heading
    end
    press("g", "u")

    assert_selector ".method"
  end

  def test_the_menu_leads_to_projects_makers_and_the_file
    @maker.projects.create!(name: "Eel pond", seam_allowance: "1/4")
    visit "/"
    click_button "Bench of Tamsin Orrel"
    find("[role=menuitem]", text: "Eel pond").click

    assert_selector "h1", text: "Eel pond"
    assert_selector "header button", text: "Eel pond"
    click_button "Bench of Tamsin Orrel"
    find("[role=menuitem]", text: "Makers at this bench").click

    assert_selector "h1", text: "Makers"
    # What is of no project leads to the one that was opened last.
    assert_link "Home", href: %r{/projects/#{@maker.projects.last.id}$}
    click_button "Bench of Tamsin Orrel"
    find("[role=menuitem]", text: "The whole bench as a file").click

    assert_selector "section[aria-label='Everything as a file']"
  end

  def test_without_a_project_there_are_no_stations
    @project.destroy!
    visit "/tools"

    assert_selector "header button", text: "No project yet"
    assert_no_selector "nav[aria-label='Stations of the work']"
    assert_link "Fabric"
  end

  def test_old_addresses_lead_to_where_things_are_now
    { "/fabrics" => "/fabric", "/maker#error" => "/hands", "/practice" => "/hands/practice", "/which-line?kind=flying_geese&size=2" => "/tools/line" }
      .each do |old, now|
        visit old

        assert_current_path "/makers/#{@maker.id}#{now}", ignore_query: true
      end
    assert_equal "kind=flying_geese&size=2", URI(current_url).query
  end

  def test_undo_stands_in_the_head_wherever_it_was_done
    station("Units").click
    way("Two at a time").click_button("Pick")

    assert_text "Picked:"
    find("header nav a", text: "Fabric").click
    find("header").click_button("Undo")

    assert_selector "nav[aria-label='Stations of the work'] a", text: /Units\s+5 to pick/
    assert_button "Redo"
  end

  # At twice the size of a window of 1280 by 800.
  def test_nothing_of_the_head_is_cut_off_at_twice_its_size
    station("Units").click
    find(".method", match: :first)
    [[640, 400], [820, 1180], [1024, 768], [1280, 800]].each do |wide, high|
      page.driver.resize(wide, high)
      head = evaluate_script("document.querySelector('header').getBoundingClientRect().height")

      assert_operator head, :<=, high / 6.0, wide
      assert_empty outside("header a, header button", wide), wide
      assert_empty covered, wide
    end
  end

  def test_on_a_phone_the_stations_are_at_its_foot
    page.driver.resize(390, 844)
    bar = evaluate_script("(() => { const box = document.querySelector('.stations').getBoundingClientRect(); return [box.bottom, box.height]; })()")

    assert_equal [844, 48], bar
    assert_equal ["Home"], all(".station-name").select { |name| name.evaluate_script("this.offsetWidth") > 5 }.map(&:text)
    click_button "Bench of Tamsin Orrel"
    find("[role=menuitem]", text: "Fabric").click

    assert_selector "h1", text: "Your fabric"
  end

  def test_home_tells_what_is_picked_and_leads_to_what_is_next
    assert_link "pick a method for 5 units"
    assert_selector "tr", text: /Wave tips.*24.*Pick a method/m
    click_link "pick a method for 5 units"
    way("Two at a time").click_button("Pick")

    assert_text "Picked:"
    station("Home").click

    assert_selector "tr", text: /Wave tips.*Two at a time.*sq in.*min.*in 100/m
    assert_selector "tfoot", text: "1 of 5 picked"
    assert_link "pick a method for 4 units"
  end

  def test_a_project_without_a_quilt_has_a_home_too
    @project.update!(quilt: nil)
    visit "/projects/#{@project.id}"

    assert_selector "nav[aria-label='Stations of the work'] a", text: /Quilt\s+not set/
    assert_selector "svg[aria-label='Wave tips']"
    assert_link "Set a quilt from your blocks"
    @project.units.destroy_all
    visit "/projects/#{@project.id}"

    assert_link "add units"
    assert_text "No quilt is set, and there are no units yet."
  end

  def test_what_to_buy_says_what_is_short
    @project.update!(quilt: nil)
    find("header nav a", text: "Units").click
    way("Two at a time").click_button("Pick")

    assert_text "Picked:"
    @unit.fabrics.first.then { |fabric| fabric.update!(document: fabric.document.merge("length" => "1")) }
    visit "/projects/#{@project.id}/buy"

    assert_selector "tr", text: /Gull white.*1 in.*yd/m
    assert_selector "tr", text: /Harbour blue.*72 in.*enough/m
    assert_selector "nav[aria-label='Stations of the work'] a", text: /Buy\s+1 short/
  end

  def test_paper_has_nothing_to_press
    station("Units").click
    find(".method", match: :first)
    open_way "Two at a time"
    page.driver.browser.page.command("Emulation.setEmulatedMedia", media: "print")
    seen = evaluate_script("[...document.querySelectorAll('nav, .button, input, select, .icon-button')].filter((one) => one.offsetHeight > 0).length")

    assert_equal 0, seen
    assert_selector "h1", text: "Wave tips: methods"
    assert_selector ".beam"
    # What is folded on the screen is there on paper.
    assert_operator evaluate_script("document.querySelector('.why table').getBoundingClientRect().height"), :>, 20
    assert evaluate_script("document.querySelector('.why table').checkVisibility({ contentVisibilityAuto: true })")
  ensure
    page.driver.browser.page.command("Emulation.setEmulatedMedia", media: "")
  end

  # Links and buttons that reach out of the window, by their words.
  def outside(selector, wide)
    evaluate_script(<<~JS)
      [...document.querySelectorAll(#{selector.to_json})].filter((one) => {
        const box = one.getBoundingClientRect();
        return box.width > 0 && (box.left < 0 || box.right > #{wide} + 0.5);
      }).map((one) => one.textContent || one.ariaLabel)
    JS
  end

  # Those of the head that another one lies over.
  def covered
    evaluate_script(<<~JS)
      (() => {
        const boxes = [...document.querySelectorAll("header a, header button")].map((one) => [one, one.getBoundingClientRect()]).filter(([, box]) => box.width > 0);
        return boxes.filter(([one, box]) => boxes.some(([other, its]) => other !== one && its.left < box.right - 1 && its.right > box.left + 1 &&
          its.top < box.bottom - 1 && its.bottom > box.top + 1)).map(([one]) => one.textContent);
      })()
    JS
  end
end
