# frozen_string_literal: true

# The accuracy of every method against units that are cut, sewn and opened as polygons, for makers and units at random:
#   bundle exec ruby bench/budget.rb [cases [seed [units]]]

$LOAD_PATH.unshift File.expand_path("../core", __dir__), File.expand_path("../test", __dir__)
require "oaken_gauge"
require "support/budget"

cases, seed, units = [2000, 1, 20_000].each_with_index.map { |usual, i| Integer(ARGV.fetch(i, usual)) }
found = Budget.compared(cases: cases, seed: seed, units: units)
found.group_by(&:of).sort.each do |of, same|
  off = same.reject(&:agrees?)
  next if off.empty?

  puts "#{of.ljust(62)} #{off.size} of #{same.size} disagree, the worst #{off.max_by(&:off).say}"
end
puts "#{found.count(&:agrees?)} of #{found.size} agree, #{(100.0 * found.count(&:agrees?) / found.size).round(2)} % (aim 99)"
