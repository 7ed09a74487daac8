# frozen_string_literal: true

# How long the page's script works when a cut is set down in a block, until it is drawn: milliseconds in the middle of forty.
#   bundle exec ruby bench/placing.rb http://127.0.0.1:7420     (where bin/start serves it)

require_relative "support"
require "ferrum"
require "net/http"

address = ARGV.fetch(0) { abort "say where it is served, such as http://127.0.0.1:7420" }

# One block at a time on the running application, removed again.
class Placing
  AIM = 16
  TIMES = 40
  # From the click to the end of what it asks of the page, in the middle of them.
  SCRIPT = <<~JS
    const [side, times, done] = arguments;
    const rest = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
    (async () => {
      const taken = [];
      for (let i = 0; i < times; i++) {
        const cell = document.querySelector(`[data-cell="${(i * 7) % side},${(i * 3) % side}"]`);
        const before = performance.now();
        cell.dispatchEvent(new MouseEvent("click", { bubbles: true }));
        await Promise.resolve();
        taken.push(performance.now() - before);
        await rest(60);
      }
      taken.sort((one, other) => one - other);
      done(taken[Math.floor(times / 2)]);
    })();
  JS

  def initialize(address)
    @address = address
    @browser = Ferrum::Browser.new(browser_path: "/usr/bin/chromium-headless-shell", browser_options: { "no-sandbox" => nil },
                                   window_size: [1280, 800], timeout: 60)
  end

  def run
    [4, 8, 16, 24].each { |side| Bench.report("a cut set down in #{side} × #{side} cells", measure(side), AIM, "ms") }
  ensure
    @browser.quit
  end

  private

  def measure(side)
    block = ask(:Post, "/api/blocks", { name: "Placing", picture: { cells: cells(side), finished: "24" } })
    @browser.go_to("#{@address}/blocks/#{block['id']}")
    sleep 3
    @browser.evaluate_async(SCRIPT, 60, side, TIMES)
  ensure
    @browser.go_to(@address)
    sleep 1
    version = ask(:Get, "/api/blocks")["blocks"].find { |one| one["id"] == block["id"] }["lock_version"]
    ask(:Delete, "/api/blocks/#{block['id']}?lock_version=#{version}")
  end

  def cells(side)
    Array.new(side) { |y| Array.new(side) { |x| { cut: (x + y).even? ? "rising" : "falling", fabrics: %w[1 2] } } }
  end

  def ask(method, path, body = nil)
    request = Net::HTTP.const_get(method).new(path, "content-type" => "application/json")
    request.body = JSON.generate(body) if body
    uri = URI(@address)
    answer = Net::HTTP.start(uri.host, uri.port) { |http| http.request(request) }.body
    JSON.parse(answer) if answer && !answer.empty?
  end
end

Placing.new(address).run
