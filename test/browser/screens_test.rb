# frozen_string_literal: true

require "support/browser_case"

# Every screen at the sizes that stand on a cutting table: nothing runs out of the page, nothing axe finds.
class ScreensTest < BrowserCase
  SIZES = [[1280, 800], [1024, 768], [820, 1180], [390, 844], [320, 640]].freeze

  def open_first; end

  def teardown
    page.driver.resize(1280, 800)
    super
  end

  # An address, and what is there when it has opened.
  def screens
    { "/start" => "main section h2", "/projects" => "main .tool", "/tools" => ".hung svg", "/fabric" => ".shelf svg", "/tools/line" => "main ol",
      "/hands/practice" => ".tool", "/hands" => "main form", "/blocks" => "main li svg", "/blocks/#{@maker.blocks.first.id}" => "section[aria-labelledby=ways] li",
      "/makers" => ".tool", "/account" => "h1", **of_project }
  end

  def of_project
    at = "/projects/#{@project.id}"
    unit = "#{at}/units/#{@unit.id}"
    { at => "svg[aria-label^='The quilt,']", "#{at}/quilt" => "svg[aria-label^='The quilt,']", unit => ".method", "#{unit}/line" => "main ol",
      "#{at}/buy" => "main tbody tr", "#{at}/units/all" => "main .entry" }
  end

  def test_every_screen_fits_and_can_be_used_by_everybody
    screens.each do |path, there|
      visit path
      SIZES.each do |size|
        assert_fits(path, *size)
        assert_selector there, minimum: 1
        assert_empty axe_faults, "#{path} at #{size}" if [1280, 820, 390].include?(size.first)
      end
      page.driver.resize(1280, 800)
      execute_script("document.documentElement.dataset.light = 'dark'")

      assert_empty axe_faults, "#{path} in the dark"
    end
  end

  # Whatever opens over a screen: its address, and what opens it.
  def dialogs
    unit = "/projects/#{@project.id}/units/#{@unit.id}"
    { ["/projects", "Start a project"] => nil, ["/projects", "Change #{@project.name}"] => nil, ["/projects", "Show #{@project.name} to others"] => nil,
      ["/projects", "What is missing: #{@project.name}"] => nil, ["/tools", "Add a tool"] => nil, ["/fabric", "Add a fabric"] => nil,
      ["/makers", "Add a maker"] => nil, ["/blocks", "Draw a block"] => nil, [unit, "Add a unit"] => nil, [unit, "All 5 units"] => nil,
      [unit, "All keys"] => nil, [unit, "Bench of #{@maker.name}"] => "[role=menu]" }
  end

  def test_every_dialog_can_be_used_by_everybody
    dialogs.each do |(path, button), there|
      visit path
      click_button button, match: :first

      assert_selector there || "[role=dialog]"
      [[1280, 800], [820, 1180], [390, 844]].each do |wide, high|
        assert_fits("#{path}: #{button}", wide, high)
        assert_empty axe_faults, "#{button} at #{wide}"
      end
      execute_script("document.documentElement.dataset.light = 'dark'")

      assert_empty axe_faults, "#{button} in the dark"
      page.driver.resize(1280, 800)
    end
  end

  # Whether anything would be found at all.
  def test_what_is_wrong_for_readers_is_found
    visit "/projects/#{@project.id}"

    assert_selector ".unit-table"
    execute_script("document.querySelector('main').insertAdjacentHTML('beforeend', '<button></button><img src=\"/favicon.svg\">')")

    assert_equal %w[button-name image-alt], axe_faults.map { |fault| fault[/\A[a-z-]+/] }.sort
  end

  # A name may have eighty letters, and be one word.
  def test_names_of_eighty_letters_fit
    @maker.update!(name: long_name(@maker.id))
    [@maker.fabrics, @maker.blocks, @maker.projects].each { |kept| kept.each { |one| one.update!(name: long_name(one.id)) } }
    @maker.tools.each { |tool| tool.update!(document: tool.document.merge("name" => long_name(tool.id))) }
    @project.units.each { |unit| unit.update!(label: long_name(unit.id)) }
    screens.except("/start", "/account").merge(opened).each do |path, there|
      visit path

      assert_selector there, minimum: 1
      SIZES.each { |wide, high| assert_fits(path, wide, high) }
    end
  end

  def long_name(number)
    "#{number}#{'Longnamewithoutanybreak' * 4}"[0, 80]
  end

  def assert_fits(path, wide, high)
    page.driver.resize(wide, high)

    assert_operator evaluate_script("document.documentElement.scrollWidth"), :<=, wide, "#{path} at #{wide}"
  end

  # What is opened: a method, and every value of the maker's hands.
  def opened
    { "/projects/#{@project.id}/units/#{@unit.id}?open=rotary/two_at_a_time" => ".steps", "/hands#error" => "tr.value",
      "/tools/line?kind=wedge_ring&size=6" => "tr.value" }
  end

  def test_what_is_opened_fits_a_phone
    opened.each do |path, there|
      visit path

      assert_selector there, minimum: 1
      SIZES.last(2).each { |size| assert_fits(path, *size) }
    end
  end

  # Of thirty units one row of tabs is seen, the one that is open among them; all of them are in the list.
  def test_thirty_units_leave_room_on_a_phone
    30.times { |i| @unit.copy_to(@project).update!(label: "Unit number #{i}") }
    visit "/projects/#{@project.id}/units/#{@project.units.reorder(:id).last.id}"
    page.driver.resize(390, 844)

    assert_selector ".method", minimum: 1
    assert_operator fence.evaluate_script("this.getBoundingClientRect().top"), :<, 600
    assert_operator find("a[aria-current=page]", text: "Unit number 29").evaluate_script("this.getBoundingClientRect().right"), :<=, 390
  end

  def test_every_column_that_is_seen_on_a_tablet_has_its_head
    page.driver.resize(820, 1180)
    %w[/hands#error /tools/line?kind=wedge_ring&size=6].each do |path|
      visit path
      row = find("tr.value", match: :first)

      assert_equal row.ancestor("table").all("thead th").size, row.all("th, td").size, path
    end
  end

  # Where nothing is drawn there is no scale to tell.
  def test_without_a_tool_no_bar_tells_a_scale
    @maker.tools.each(&:destroy)
    visit "/projects/#{@project.id}/units/#{@unit.id}"

    assert_selector ".method .reasons", minimum: 3
    assert_no_text(/Fabric to scale\s+\d/)
    assert_operator evaluate_script("document.querySelector('.methods').scrollWidth"), :<=, 1280
  end

  # On a tablet the name of the project gives way before a station does, and the tab of the unit that is open is among those seen.
  def test_stations_and_the_open_tab_are_seen_on_a_tablet
    page.driver.resize(1024, 768)
    visit "/hands"

    assert_link "Hands"
    assert_empty cut_off("header nav a")
    last = @project.units.last
    visit "/projects/#{@project.id}/units/#{last.id}"

    assert_selector "a[aria-current='page']", text: last.label
    assert_empty cut_off("nav a[aria-current='page']")
  end

  # Links whose row has no room for them, by their words.
  def cut_off(links)
    evaluate_script(<<~JS)
      [...document.querySelectorAll(#{links.to_json})].filter((one) => {
        const [own, row] = [one, one.closest("nav")].map((element) => element.getBoundingClientRect());
        return own.right > row.right + 1 || own.left < row.left - 1;
      }).map((one) => one.textContent)
    JS
  end
end
