# frozen_string_literal: true

module OakenGauge
  module Layout
    # What each cut of one fabric takes of it, all laid out together, so that nothing is taken twice.
    class Allocations
      # @param fabric [Fabrics::Fabric]
      # @param cuts [Array<Cut>]
      # @param measure [Symbol] of the words of a refusal
      def initialize(fabric, cuts, measure)
        @fabric = fabric
        @cuts = cuts
        @measure = measure
        @sharing = (fabric.bolt? ? SharingStrips : Sharing).new(fabric, cuts)
      end

      # @return [Hash{Cut => Allocation}] by identity
      def call
        @cuts.each_with_object({}.compare_by_identity) do |cut, taken|
          taken[cut] = @sharing.holds?(cut) ? allocation(cut) : Allocation.refused(cut, @fabric.too_small_for(cut, @measure))
        end
      end

      private

      def layout
        @layout ||= @sharing.best
      end

      def allocation(cut)
        own = layout.opened_for(cut)
        rows = layout.rows_of(cut)
        cut.counted(Allocation.new(consumed: own.sum(&:area), offcut: own.sum(&:kept_area), taken: own.sum(&:repeats), sheets: own,
                                   opened: @fabric.amount(own), strips: @fabric.strips_of(own), short: short(cut, own),
                                   off_grain: off_grain?(cut, rows), rows: rows, **@fabric.work(own, rows)))
      end

      def short(cut, own)
        say = @fabric.short(cut, own, layout.missing.fetch(cut), @measure)
        say && Problem.new(code: :short, say: say)
      end

      def off_grain?(cut, rows)
        @fabric.grain? && rows.any? { |row, _| cut.off_grain?(row) }
      end
    end
  end
end
