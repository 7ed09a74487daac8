# frozen_string_literal: true

module OakenGauge
  module Turning
    # What moves while all else stays: one of a priority, the count, the size, or the price of a fabric.
    class Over
      include Documents::Record

      # A fabric by its role, and what an hour of hers is worth.
      class Price
        include Documents::Record

        text :fabric, most: 40
        number :an_hour, within: 0..100_000, default: 0
      end

      # So many are weighed at the most.
      MOST = 400
      COUNT = Documents::Scalars::Whole.new(1..Units::Unit::MOST)

      choice :priority, Comparing::Figures::ALL.map { |figure| figure.name.to_s }, default: nil
      list :count, COUNT, within: 2..2, default: nil
      pair :size, names: %w[From To], most: Units::Unit::LARGEST, default: nil
      nested :price, Price, default: nil

      GIVEN = %i[priority count size price].freeze

      # @return [Symbol] which of them it is
      def given
        GIVEN.find { |name| public_send(name) }
      end

      rule(*GIVEN, at: ->(*) { [[]] }, schema: {}, say: "allowed is one of #{GIVEN.join(', ')}") { |*given| given.one? }
      rule(:count, say: "allowed is a least and a most, with #{MOST} counts at the most") do |count|
        count.nil? || (count.last - count.first).between?(0, MOST - 1)
      end
      rule(:size, say: "allowed is a least and a most") { |size| size.nil? || size.first <= size.last }
    end
  end
end
