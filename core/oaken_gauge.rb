# frozen_string_literal: true

require "json"
require "zeitwerk"

# Oaken Gauge: the craft of triangle units, computed.
#
# Inside the core a length is a number of inches: a Rational where a person named it or where the
# geometry keeps it exact, a Float only where a square root came in. {OakenGauge::Length} reads and
# writes what people and documents say. Nothing here knows of a server, a database, a file or a clock.
#
# @example Weigh every way to make 24 half-square triangle units
#   answer = OakenGauge.weigh("unit" => { "kind" => "half_square", "finished" => "2", "count" => 24 })
#   answer["methods"].first["method"]   # => "rotary/two_at_a_time"
module OakenGauge
  SQRT2 = Math.sqrt(2)

  # How far two computed lengths may differ, in inches, and still be called the same.
  TOLERANCE = 1e-9

  class << self
    # @param document [Hash] a weigh document with string keys, as docs/formats describes it
    # @param view [Boolean] add the steps' words, the drawings and the beam for a screen
    # @param sample [Hash, nil] count: and seed: of units that each method makes at random beside its budget
    # @return [Hash] the answer, ready for JSON
    # @raise [Documents::Invalid] when the document cannot be read; it lists every fault
    def weigh(document, view: false, sample: nil)
      task = Documents::WeighReader.read(document)
      Documents::WeighWriter.new(task, view: view, sample: sample).write(Weighing::Weigher.new(task).outcomes)
    end

    # @return [Array<Hash>] the kinds of unit there are: kind, title, roles, and a unit of each to begin with
    def kinds
      Documents::KindsWriter.new.write
    end

    # @param document [Hash] a maker's document, as a weigh document holds it
    # @return [Hash] every value of her profile with its meaning, assumed or measured, and her choices
    # @raise [Documents::Invalid] when the document cannot be read; it lists every fault
    def profile(document)
      Documents.read(document) { |node| Documents::ProfileWriter.new(Weighing::Maker.read(node)).write }
    end

    # @param document [Hash] priorities, as a weigh document holds them
    # @return [Hash] every one, with its usual weight where nothing is said
    # @raise [Documents::Invalid] when the document cannot be read; it lists every fault
    def priorities(document)
      Documents.read(document) { |node| Documents::WeighReader.priorities(node) }.transform_keys(&:to_s)
    end

    # @param document [Hash] a sizes document with string keys, as docs/formats describes it
    # @return [Hash] the ladder of block sizes, best first
    # @raise [Documents::Invalid] when the document cannot be read; it lists every fault
    def sizes(document)
      ladder, measure = Documents::SizesReader.read(document)
      Documents::SizesWriter.new(measure).write(ladder.steps)
    end
  end
end

loader = Zeitwerk::Loader.for_gem(warn_on_extra_files: false)
loader.collapse("#{__dir__}/oaken_gauge/lengths", "#{__dir__}/oaken_gauge/geometry")
loader.setup
OakenGauge::LOADER = loader
