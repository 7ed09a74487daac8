# frozen_string_literal: true

# Taking blocks apart: seconds, against what is aimed at.
#   bundle exec ruby bench/apart.rb

$LOAD_PATH.unshift File.expand_path("../test", __dir__)
require_relative "support"
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

  # Seconds that are aimed at, by cells on a side.
  AIMS = { 8 => 0.5, 12 => 4.0 }.freeze

  def run
    OakenGauge.weigh(Bench.document)
    AIMS.each { |side, aim| PATTERNS.each { |name, cell| tell("#{name} #{side} x #{side}", chequered(side, &cell), aim) } }
  end

  def tell(name, picture, aim)
    document = { "cells" => documents(picture), "finished" => "24" }
    answer = OakenGauge.deconstruct(document)
    seconds = Bench.time(3) { OakenGauge.deconstruct(document) }[1] / 1000
    Bench.report("#{name}, #{answer['ways_in_all'].to_s.size} digits of ways", seconds, aim, "s")
  end
end

Apart.new.run
