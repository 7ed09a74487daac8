# frozen_string_literal: true

# Taking blocks apart: seconds for the first time and for the second, how many ways, and how many are told.
#   bundle exec ruby bench/apart.rb

$LOAD_PATH.unshift File.expand_path("../core", __dir__), File.expand_path("../test", __dir__)
require "oaken_gauge"
require "support/pictures"

# The pictures that are measured.
class Apart
  include Pictures

  PATTERNS = {
    "geese" => ->(x, y) { (x + y).even? ? "r(a,b)" : "f(a,b)" },
    "diamonds" => ->(x, y) { %w[r(a,b) f(a,b) f(b,a) r(b,a)][(x % 2) + (2 * (y % 2))] },
    "quarters" => ->(x, y) { "q(#{[x, y, x + y, x * y].map { |one| 'abcd'[one % 4] }.join(',')})" },
    "few" => ->(x, y) { (x % 4).zero? && (y % 4).zero? ? "r(a,b)" : "a" }
  }.freeze

  def run
    OakenGauge.weigh({ "unit" => { "kind" => "half_square", "finished" => "2", "count" => 24 } })
    [8, 12].each { |side| PATTERNS.each { |name, cell| tell("#{name} #{side} x #{side}", chequered(side, &cell)) } }
    puts "aims: 0.5 s for 8 x 8, 4 s for 12 x 12 of half-squares"
  end

  def tell(name, picture)
    document = { "cells" => documents(picture), "finished" => "24" }
    first, again = Array.new(2) { timed { @answer = OakenGauge.deconstruct(document) } }
    puts format("%-18s %6.2f s %6.2f s  %s ways, %d told", name, first, again, @answer["ways_in_all"], @answer["ways"].size)
  end

  def timed
    started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    yield
    Process.clock_gettime(Process::CLOCK_MONOTONIC) - started
  end
end

Apart.new.run
