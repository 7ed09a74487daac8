# frozen_string_literal: true

require "capybara/cuprite"
require "capybara/dsl"
require "capybara/minitest"
require_relative "server_case"

Capybara.app = Server::Application.build(log: StringIO.new)
Capybara.server = :puma, { Silent: true, Threads: "2:4" }
Capybara.default_max_wait_time = 8
Capybara.register_driver(:bench) do |app|
  quiet = %w[no-sandbox disable-gpu disable-background-networking disable-component-update disable-sync no-first-run]
  Capybara::Cuprite::Driver.new(app, browser_path: "/usr/bin/chromium-headless-shell", window_size: [1280, 800], timeout: 20, process_timeout: 40,
                                     browser_options: quiet.to_h { |option| [option, nil] }, js_errors: true)
end
Capybara.default_driver = :bench
Capybara.enable_aria_label = true

# What browser tests share: the real page in a real browser, with a fresh bench behind it. Things are
# found by what a person reads.
class BrowserCase < ServerCase
  include Capybara::DSL
  include Capybara::Minitest::Assertions

  # The first page of all waits for a browser that starts and a server that has not answered yet: on a busy machine that
  # takes longer than anything after it.
  def setup
    super
    using_wait_time(30) { open_first }
  rescue Capybara::ElementNotFound => e
    raise e.class, "#{e.message}. What the page says at #{current_url}: #{page.text[0, 400].inspect}"
  end

  # Where a test begins.
  def open_first
    open_unit @unit
  end

  def teardown
    Capybara.reset_sessions!
  end

  def app
    APP
  end

  def open_unit(unit, query = "")
    visit "/projects/#{@project.id}/units/#{unit.id}#{query}"
    find(".method-name", text: /Two at a time$/)
  end

  # The row of a way, found by its name.
  def way(title)
    find("tbody[data-settled=true]")
    find(".method-name", text: /#{Regexp.escape(title)}$/).find(:xpath, "ancestor::tr")
  end

  def fence
    find("[role=slider][aria-label='Fence: finished size']")
  end

  def open_way(title)
    way(title).find("button[data-method]").click
  end

  # @return [String] the order of the ways on the page
  def ways
    evaluate_script("[...document.querySelectorAll('tr.method .method-name')].map((name) => name.lastElementChild.textContent)")
  end

  # Drags the fence until it stands at the place of a number on the beam.
  def drag_fence_to(inch)
    target = find("text.beam-number", text: inch, exact_text: true).evaluate_script(<<~JS)
      (() => { const box = this.getBoundingClientRect(); return [box.left + box.width / 2, box.top]; })()
    JS
    from = fence.evaluate_script("(() => { const b = this.getBoundingClientRect(); return [b.left, b.top + 20]; })()")
    mouse = page.driver.browser.mouse
    mouse.move(x: from[0], y: from[1]).down
    8.times { |i| mouse.move(x: from[0] + ((target[0] - from[0]) * (i + 1) / 8.0), y: from[1]) }
    mouse.up
  end

  # What is read out of an element: spoken forms in, their pictures left out.
  def heard(element = find("body"))
    element.evaluate_script(<<~JS).gsub(/\s+/, " ")
      (() => { const copy = this.cloneNode(true); copy.querySelectorAll("[aria-hidden=true]").forEach((part) => part.remove()); return copy.textContent; })()
    JS
  end

  # What passes: words that are not there yet, and an element that the browser forgets as the address changes.
  PASSING = [Capybara::ExpectationNotMet, Capybara::ElementNotFound, Capybara::Cuprite::ObsoleteNode, Ferrum::NodeNotFoundError].freeze

  # What stands in the menu of a row.
  def from_menu(action, name)
    click_button "More for #{name}", exact: true
    find("[role=menuitem]", text: action, exact_text: true).click
  end

  # Waits until words are read out somewhere on the page, or in the row of a way.
  def assert_heard(words, title = nil)
    page.document.synchronize(Capybara.default_max_wait_time, errors: PASSING) do
      said = heard(title ? way(title) : find("body"))
      raise Capybara::ExpectationNotMet, "no #{words.inspect} in: #{said}" unless said.include?(words)
    end
    pass
  end

  def assert_fence(spoken)
    assert_selector "[role=slider][aria-label='Fence: finished size'][aria-valuetext='#{spoken}']"
  end

  # Presses keys at whatever has the focus.
  def press(*keys)
    page.driver.browser.keyboard.type(*keys)
  end

  # What the server stores soon after.
  def eventually
    page.document.synchronize(Capybara.default_max_wait_time, errors: [Capybara::ExpectationNotMet]) do
      raise Capybara::ExpectationNotMet, "not stored" unless yield
    end
  end

  # On a phone nothing is wider than the page.
  def assert_whole_on_a_phone
    page.driver.resize(390, 844)

    assert_operator page.evaluate_script("document.documentElement.scrollWidth"), :<=, 390
  ensure
    page.driver.resize(1280, 800)
  end

  def axe_faults
    page.execute_script(File.read(File.join(Server::ROOT, "web/node_modules/axe-core/axe.min.js")))
    page.evaluate_async_script("axe.run(document).then((found) => arguments[0](found.violations.map((v) => v.id + ': ' + v.nodes[0].html)))")
  end
end
