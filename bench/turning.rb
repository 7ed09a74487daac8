# frozen_string_literal: true

# Random questions of where another method takes the first place, each interval held against the ranking just inside its ends:
#   bundle exec ruby bench/turning.rb [HOW-MANY] [FROM-SEED]

require_relative "../bin/support/bundle"
$LOAD_PATH.unshift(File.expand_path("../core", __dir__), File.expand_path("../test", __dir__))
require "json"
require "oaken_gauge"
require "support/turned"

many, from = [500, 1].zip(ARGV.map(&:to_i)).map { |usual, given| given || usual }
wrong = (from...(from + many)).count do |seed|
  document = Turned.document(Random.new(seed))
  misfits = Turned.new(document).misfits(Turned.over(Random.new(seed)))
  puts "seed #{seed}: #{misfits.inspect} #{JSON.generate(document)}" unless misfits.empty?
  misfits.any?
end
puts "#{many} asked, #{wrong} wrong"
exit 1 if wrong.positive?
