# frozen_string_literal: true

module OakenGauge
  module Makers
    # One value of a maker's profile.
    #
    # - name: Symbol, as in documents
    # - group: :error or :time
    # - part: of the work it belongs to, in words
    # - unit: "inch", "share" or "second"
    # - assumed: Numeric, what stands until it is measured
    # - most: Numeric, the largest that makes sense
    # - title: what it is called
    # - meaning: a sentence
    # - tells: :spread, :mean, :share, or :choice for what is not measured but chosen
    # - around: Symbol, of a mean, the value that tells how far what is measured varies around it
    Parameter = Struct.new(:name, :group, :part, :unit, :assumed, :most, :title, :meaning, :tells, :around, keyword_init: true) do
      # @return [Boolean] whether it may be less than nothing: a seam that is too narrow takes less than it should
      def either_way?
        tells == :mean && unit == "inch"
      end

      # @return [Boolean] whether it is hers to choose
      def chosen?
        tells == :choice
      end
    end
  end
end
