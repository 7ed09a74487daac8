# frozen_string_literal: true

module OakenGauge
  module Methods
    module Operations
      # Declares operations: how long one takes, its words for one and for many, and what is known of it besides, see
      # {Operation}.
      #
      # @example
      #   operation :snip, :snip, "Snip the allowance.", "Snip %<count>d allowances."
      module Declaring
        NOTHING = { cuts: 0, passes: 0, placements: 0, alignments: 0, care: nil, marks: false, role: nil, guide: nil,
                    guided: nil, opened: nil, called: nil }.freeze

        # @return [Hash{Symbol => Operation}] those declared, by name
        def all
          @all ||= {}
        end

        private

        def operation(name, takes, one, many = one, **adds)
          all[name] = Operation.new(name: name, takes: Array(takes), one: one, many: many, **NOTHING, **adds).freeze
        end
      end
    end
  end
end
