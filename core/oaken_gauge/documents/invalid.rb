# frozen_string_literal: true

module OakenGauge
  module Documents
    # A document that could not be read.
    class Invalid < StandardError
      # @return [Array<Fault>] everything wrong with it, never empty
      attr_reader :faults

      def initialize(faults)
        @faults = faults
        super(faults.map { |fault| "#{fault.pointer} #{fault.message}" }.join("; "))
      end
    end
  end
end
