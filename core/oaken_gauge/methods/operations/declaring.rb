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
          known = { **NOTHING, **adds, takes: Array(takes) }
          all[name] = Operation.new(name: name, one: one, many: many, **known, phase: phase(name), place: place(**known)).freeze
        end

        def phase(name)
          name.to_s.split("_").first.to_sym
        end

        def place(takes:, care:, marks:, **)
          return if takes.empty?
          return :machine if care == :needle
          return care if %i[iron press].include?(care)

          marks ? :pencil : :mat
        end
      end
    end
  end
end
