# frozen_string_literal: true

require "optparse"
require "oaken_gauge"

module OakenGauge
  # The commands of bin/gauge. Reading and writing are handed in by whoever runs it: the core itself opens
  # nothing.
  class CommandLine
    COMMANDS = { "weigh" => OakenGauge.method(:weigh), "sizes" => OakenGauge.method(:sizes),
                 "plan" => OakenGauge.method(:plan), "deconstruct" => OakenGauge.method(:deconstruct),
                 "quilt" => OakenGauge.method(:quilt), "turning" => OakenGauge.method(:turning),
                 "choose" => OakenGauge.method(:choose),
                 "calibrate" => OakenGauge.method(:learn) }.freeze
    # How many units may be made at random, and from which seeds.
    SAMPLES = 100..50_000
    SEEDS = 0..((2**63) - 1)
    ALLOWED = "allowed are --sample with a number from #{SAMPLES.min} to #{SAMPLES.max}, --seed with a whole number from 0 on, " \
              "--version and --help".freeze

    # @param read [Proc] from a file's name, or nil for standard input, to its text
    # @param output [IO]
    # @param errors [IO]
    def initialize(read:, output:, errors:)
      @read = read
      @output = output
      @errors = errors
    end

    # @param arguments [Array<String>] a command, perhaps a file, and for weigh --sample and --seed
    # @return [Integer] 0, or 2 when there was something wrong
    def run(arguments)
      told, options, (name, file, *rest) = options(arguments.map { |word| word.dup.force_encoding(Encoding::UTF_8).scrub })
      return write(told) if told

      fault = fault(name, rest, options)
      return refuse(fault) if fault

      write(COMMANDS.fetch(name).call(Documents.parse(read(file)), **options))
    rescue Documents::Invalid => e
      report(e.faults)
    rescue OptionParser::ParseError => e
      refuse("#{e.message}: #{ALLOWED}")
    end

    private

    def fault(name, rest, options)
      return "allowed is one of #{COMMANDS.keys.join(', ')}, and at most one file" unless COMMANDS.key?(name) && rest.empty?

      "--sample and --seed go with weigh" unless name == "weigh" || options.empty?
    end

    # @return [Array(Hash, Hash, Array<String>)] what is told at once, how to weigh, and the other words
    def options(arguments)
      sample = {}
      told = nil
      rest = OptionParser.new do |parser|
        parser.on("--sample N", Integer) { |count| sample[:count] = within(SAMPLES, count) }
        parser.on("--seed N", Integer) { |seed| sample[:seed] = within(SEEDS, seed) }
        parser.on("--version") { told = { "oaken_gauge" => 1 } }
        parser.on("--help") { told = { "commands" => COMMANDS.keys, "options" => ALLOWED } }
      end.parse(arguments)
      [told, sample.empty? ? {} : { sample: { count: 20_000, seed: 1, **sample } }, rest]
    end

    def within(range, number)
      range.cover?(number) ? number : raise(OptionParser::InvalidArgument, number.to_s)
    end

    def read(file)
      @read.call(file)
    rescue SystemCallError, ArgumentError => e
      raise Documents::Invalid, [Documents::Fault.new(pointer: "", message: "#{file.inspect} cannot be read: #{e.message}")]
    end

    def write(answer)
      @output.puts JSON.pretty_generate(answer)
      0
    end

    def refuse(message)
      report([Documents::Fault.new(pointer: "", message: message)])
    end

    def report(faults)
      @errors.puts JSON.generate("errors" => faults.map(&:to_document))
      2
    end
  end
end
