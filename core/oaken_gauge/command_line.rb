# frozen_string_literal: true

require "oaken_gauge"

module OakenGauge
  # The commands of bin/gauge. Reading and writing are handed in by whoever runs it: the core itself opens
  # nothing.
  class CommandLine
    COMMANDS = { "weigh" => OakenGauge.method(:weigh), "sizes" => OakenGauge.method(:sizes) }.freeze

    # @param read [Proc] from a file's name, or nil for standard input, to its text
    # @param check [Proc] from a command's name and a document that the core could read to what its
    #   published schema finds wrong with it: a list of {Documents::Fault}
    # @param output [IO]
    # @param errors [IO]
    def initialize(read:, output:, errors:, check: ->(_, _) { [] })
      @read = read
      @check = check
      @output = output
      @errors = errors
    end

    # @param arguments [Array<String>] a command and perhaps a file
    # @return [Integer] 0, or 2 when there was something wrong
    def run(arguments)
      name, file, *rest = arguments
      command = COMMANDS[name]
      return refuse("", "allowed is one of #{COMMANDS.keys.join(', ')}, and at most one file") unless command && rest.empty?

      answer(name, command, Documents.parse(@read.call(file)))
    rescue Documents::Invalid => e
      report(e.faults)
    rescue SystemCallError => e
      refuse("", "#{file.inspect} cannot be read: #{e.message}")
    end

    private

    def answer(name, command, document)
      answer = command.call(document)
      faults = @check.call(name, document)
      return report(faults) unless faults.empty?

      @output.puts JSON.pretty_generate(answer)
      0
    end

    def refuse(pointer, message)
      report([Documents::Fault.new(pointer: pointer, message: message)])
    end

    def report(faults)
      @errors.puts JSON.generate("errors" => faults.map(&:to_document))
      2
    end
  end
end
