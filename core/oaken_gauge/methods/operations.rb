# frozen_string_literal: true

module OakenGauge
  module Methods
    # Every operation that steps are made of. A new kind of step is one line in one of the files beside.
    module Operations
      class << self
        # @return [Operation]
        # @raise [KeyError] for a name that was never declared
        def fetch(name)
          all.fetch(name)
        end

        # @return [Hash{Symbol => Operation}] by name
        def all
          @all ||= { **Cutting.all, **Sewing.all, **Finishing.all }.freeze
        end

        # @param name [Symbol]
        # @return [String] what it is called where it is only spoken of
        def called(name)
          return "mixing methods" if name == :mix

          all[name]&.called || name.to_s.tr("_", " ")
        end
      end
    end
  end
end
