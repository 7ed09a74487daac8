# frozen_string_literal: true

module OakenGauge
  module Quilts
    # The question how often each of several blocks is made.
    class SharingQuestion
      include Documents::Record

      nested :setting, -> { Blocks::Setting }
      list :counts, Documents::Scalars::Whole.new(1..10_000), within: 1..100
      rule(:counts, :setting, say: "are of more blocks than the setting holds: allowed are fewer") do |counts, setting|
        Quilts::Shares.new(setting, counts).counts
      end

      # @return [Hash]
      def answer
        { "counts" => Quilts::Shares.new(setting, counts).counts }
      end
    end
  end
end
