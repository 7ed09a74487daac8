# frozen_string_literal: true

module OakenGauge
  module Documents
    # The question how often each of several blocks is made.
    class SharingDocument
      include Record

      nested :setting, -> { Blocks::Setting }
      list :counts, Scalars::Whole.new(1..10_000), within: 1..100
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
