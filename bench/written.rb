# frozen_string_literal: true

# Documents written by the published schemas, many of them: how many are answered, what crashed, what was slow. Or the same documents
# spoilt: a key lost, a value of another type, a number out of all measure.
#   bundle exec ruby bench/written.rb [COMMAND] [DOCUMENTS] [SEED] [spoilt]      (weigh, 1000 and 1)

$LOAD_PATH.unshift File.expand_path("../core", __dir__), File.expand_path("../test", __dir__)
require "oaken_gauge"
require "support/mutations"
require "support/written_documents"

command = ARGV.fetch(0, "weigh")
count, seed = [1000, 1].zip(ARGV.drop(1)).map { |usual, given| given ? Integer(given) : usual }
spoiler = Mutations.new(seed) if ARGV[3] == "spoilt"
# More than this of the processor is slow, seconds.
SLOW = 2
# So many are spoilt from one.
FROM_ONE = 20
# What is wrong with a document is found by reading it and laying it out, where answering takes long.
whole = OakenGauge::Documents::Inspection::WHOLE
LAID_OUT = {
  "plan" => lambda do |one|
    plan = OakenGauge::Planning::Plan.new(OakenGauge.send(:read, one, OakenGauge::Planning::Question))
    raise OakenGauge::Documents::Invalid, plan.faults unless plan.faults.empty?
  end,
  "quilt" => ->(one) { OakenGauge.send(:read, one, OakenGauge::Quilts::Question, most: whole).then { |read| read.buying(read.quilt) } },
  "choose" => ->(one) { OakenGauge.check_choice(one) },
  "deconstruct" => ->(one) { OakenGauge.send(:read, one, OakenGauge::Blocks::Question, most: whole) }
}.freeze
looked_at = LAID_OUT.fetch(command) { ->(one) { OakenGauge.public_send(command, one) } }
processor = -> { Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID) }
written = WrittenDocuments.new(command, seed)
tally = Hash.new(0)
legal = nil
slowest = 0
count.times do |i|
  document = legal = written.one(&looked_at) unless spoiler && i % FROM_ONE != 0
  document = spoiler.spoil(legal) if spoiler
  before = processor.call
  OakenGauge.public_send(command, document)
  tally["answered"] += 1
rescue OakenGauge::Documents::Invalid
  tally["refused"] += 1
rescue StandardError, SystemStackError => e
  tally["#{e.class} at #{e.backtrace.first}: #{e.message[0, 100]} (document #{i})"] += 1
ensure
  took = before ? processor.call - before : 0
  tally["slower than #{SLOW} s"] += 1 if took > SLOW
  slowest = [slowest, took].max
end
puts "#{command}#{', spoilt' if spoiler}: #{tally.map { |what, times| "#{what} #{times}" }.join('; ')}; slowest #{slowest.round(1)} s; " \
     "#{File.read('/proc/self/status')[/VmHWM:\s+(\d+)/, 1].to_i / 1024} MB"
