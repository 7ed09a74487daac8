# frozen_string_literal: true

module OakenGauge
  module Weighing
    # How many units come out of whole sets.
    Makes = Struct.new(:per_set, :needed, keyword_init: true) do
      # @return [Integer] rounded up: a set is made whole or not at all
      def sets
        (needed / per_set.to_r).ceil
      end

      # @return [Integer]
      def made
        sets * per_set
      end

      # @return [Integer] beyond the demand
      def surplus
        made - needed
      end
    end
  end
end
