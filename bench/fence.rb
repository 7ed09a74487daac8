# frozen_string_literal: true

# How long from a key on the fence to the changed picture, in headless Chromium, against an application that is running:
#   ruby bench/fence.rb http://127.0.0.1:7420 [SECONDS BETWEEN KEYS]

require_relative "support"
require "ferrum"

address = ARGV.fetch(0, "http://127.0.0.1:7420")
abort "only an application on this machine" unless %w[127.0.0.1 localhost].include?(URI(address).host)

browser = Ferrum::Browser.new(browser_path: "/usr/bin/chromium-headless-shell", window_size: [1280, 800], process_timeout: 40,
                              browser_options: { "no-sandbox" => nil, "disable-gpu" => nil })

# Keys on each unit, and how long she looks before the next, seconds; given 0, how it is as fast as she can press.
STOPS = 12
LOOKS = Float(ARGV.fetch(1, 0.4))

# From the key to the frame after the one in which the table stands for the new size.
MEASURE = <<~JS
  const [key, done] = arguments;
  const fence = document.querySelector(".fence");
  fence.focus();
  const before = fence.getAttribute("aria-valuetext");
  const began = performance.now();
  fence.dispatchEvent(new KeyboardEvent("keydown", { key, bubbles: true, cancelable: true }));
  const look = () => {
    const moved = fence.getAttribute("aria-valuetext") !== before;
    if (moved && !document.querySelector(".methods-stale")) requestAnimationFrame(() => done(performance.now() - began));
    else requestAnimationFrame(look);
  };
  requestAnimationFrame(look);
JS

begin
  browser.go_to("#{address}/start")
  browser.evaluate_async(<<~JS, 20)
    fetch("/api/start", { method: "POST", headers: { "content-type": "application/json" }, body: '{"bench":"demo"}' })
      .then(() => arguments[0]());
  JS
  browser.go_to(address)
  200.times { browser.css("tr.method").any? ? break : sleep(0.05) }
  tabs = browser.css("a.unit-tab").map { |tab| [tab.text, tab.attribute("href")] }
  tabs.each do |name, path|
    browser.go_to("#{address}#{path}")
    200.times { browser.css("tr.method").any? ? break : sleep(0.05) }
    # As she looks, key by key; then back over what was seen.
    asked, known = %w[ArrowRight ArrowLeft].map do |key|
      Array.new(STOPS) { sleep(LOOKS).then { browser.evaluate_async(MEASURE, 20, key) } }.sort
    end
    Bench.report("#{name}: from a key on the fence to the picture, middle", asked[STOPS / 2], 60, "ms")
    Bench.report("#{name}: the slowest but one", asked[-2], 60, "ms")
    Bench.report("#{name}: back at sizes that were seen, middle", known[STOPS / 2], 60, "ms")
  end
ensure
  browser.quit
end
