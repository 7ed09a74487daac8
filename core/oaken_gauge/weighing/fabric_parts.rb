# frozen_string_literal: true

module OakenGauge
  module Weighing
    # Where the fabric of one fabric goes, in square inches. The four parts add up to what is consumed:
    # what is lost is what is left when the others are taken away, and that is never less than nothing.
    #
    # - allocations: [Layout::Allocation] what was taken from stock
    # - in_units, surplus: Float
    class FabricParts
      # @return [Float]
      attr_reader :in_units, :surplus

      # Roles that are cut from one fabric share what is taken of it: each has what it keeps, and of what goes back or
      # is lost a part as large as that.
      #
      # @param by_role [Hash{Symbol => Fabric}]
      # @yield [role] tells fabrics apart
      # @return [Hash{Symbol => Fabric}]
      def self.shared(by_role, &fabric)
        by_role.keys.group_by(&fabric).values.select { |roles| roles.size > 1 }.reduce(by_role) do |all, roles|
          all.merge(apportioned(all.slice(*roles)))
        end
      end

      def self.apportioned(by_role)
        consumed, offcut, kept = %i[consumed offcut kept].map { |part| by_role.values.sum(&part) }
        by_role.transform_values do |fabric|
          share = fabric.kept / kept
          new(allocations: fabric.allocations, in_units: fabric.in_units, surplus: fabric.surplus,
              consumed: fabric.kept + (share * (consumed - kept)), offcut: share * offcut)
        end
      end
      private_class_method :apportioned

      # @param consumed [Float] what it has of what several roles share, unless the allocations are its own
      # @param offcut [Float] the same
      def initialize(allocations:, in_units:, surplus:, consumed: nil, offcut: nil)
        @allocations = allocations
        @consumed = consumed || allocations.sum(&:consumed).to_f
        @offcut = offcut || allocations.sum(&:offcut).to_f
        @in_units = in_units
        @surplus = surplus
      end

      # @return [Array<Layout::Allocation>]
      attr_reader :allocations

      # @return [Float] in units and patches
      def kept
        in_units + surplus
      end

      # @return [Float] taken from stock
      attr_reader :consumed
      # @return [Float] back on the shelf
      attr_reader :offcut

      # @return [Float] tips, trimmings, rounding, slivers
      def lost
        consumed - in_units - surplus - offcut
      end

      # @return [Integer] strips, precuts, scraps or blanks
      def taken
        @allocations.sum(&:taken)
      end

      # @return [Array<Array(Rational, Integer)>] widths and counts of strips
      def strips
        @allocations.flat_map(&:strips)
      end

      # @return [Array<Layout::Sheet>]
      def sheets
        @allocations.flat_map(&:sheets)
      end
    end
  end
end
