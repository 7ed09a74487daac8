# frozen_string_literal: true

require "optparse"
require "oaken_gauge"

module OakenGauge
  # The commands of bin/gauge. Reading and writing are handed in by whoever runs it: the core itself opens
  # nothing.
  class CommandLine
    COMMANDS = { "weigh" => OakenGauge.method(:weigh), "sizes" => OakenGauge.method(:sizes) }.freeze
    # How many units may be made at random.
    SAMPLES = 100..1_000_000
    ALLOWED = "allowed are --sample with a number from #{SAMPLES.min} to #{SAMPLES.max}, and --seed with a whole number".freeze

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
      options, (name, file, *rest) = options(arguments)
      fault = fault(name, rest, options)
      return refuse(fault) if fault

      answer(name, Documents.parse(@read.call(file)), options)
    rescue Documents::Invalid => e
      report(e.faults)
    rescue OptionParser::ParseError => e
      refuse("#{e.message}: #{ALLOWED}")
    rescue SystemCallError => e
      refuse("#{file.inspect} cannot be read: #{e.message}")
    end

    private

    def fault(name, rest, options)
      return "allowed is one of #{COMMANDS.keys.join(', ')}, and at most one file" unless COMMANDS.key?(name) && rest.empty?

      "--sample and --seed go with weigh" unless name == "weigh" || options.empty?
    end

    # @return [Array(Hash, Array<String>)]
    def options(arguments)
      sample = {}
      rest = OptionParser.new do |parser|
        parser.on("--sample N", Integer) { |count| sample[:count] = sampled(count) }
        parser.on("--seed N", Integer) { |seed| sample[:seed] = seed }
      end.parse(arguments)
      [sample.empty? ? {} : { sample: { count: 20_000, seed: 1, **sample } }, rest]
    end

    def sampled(count)
      SAMPLES.cover?(count) ? count : raise(OptionParser::InvalidArgument, count.to_s)
    end

    def answer(name, document, options)
      @output.puts JSON.pretty_generate(COMMANDS.fetch(name).call(document, **options))
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
