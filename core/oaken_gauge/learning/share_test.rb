# frozen_string_literal: true

module OakenGauge
  module Learning
    # How often something happened, of so many times: a line read wrong.
    class ShareTest
      include Documents::Record

      SHARES = Makers::Parameters.of(:error).select { |one| one.tells == :share }.map { |one| one.name.to_s }.freeze

      choice :test, %w[share], always: true
      choice :value, SHARES, always: true
      integer :of, within: 1..1_000_000
      integer :hits, within: 0..1_000_000
      rule(:hits, :of, say: ->(_, of) { "is %<read>s: allowed is at most #{of}, of how many it is" }) { |hits, of| hits <= of }

      # @return [Array<Lessons::Hits>]
      def teaches(_maker, _drawer)
        [Lessons::Hits.new(value: value, hits: hits, of: of)]
      end
    end
  end
end
