# frozen_string_literal: true

module OakenGauge
  module Planning
    # One cutting plan for all fabrics: which widths are cut from which stock, what is cut from each strip, in which order.
    class Plan
      # @return [Question]
      attr_reader :document

      # @param document [Question]
      def initialize(document)
        @document = document
      end

      # @return [Hash{Symbol => FabricPlan}]
      def fabrics
        @fabrics ||= demands.keys.to_h do |fabric|
          [fabric, FabricPlan.new(pairs.alone(fabric), stock(fabric), effort: document.effort, layers: pairs.of(fabric))]
        end
      end

      # @return [Array<Kind>] every kind of every fabric
      def kinds
        demands.values.flatten
      end

      # @return [Array<Tools::SlottedRuler>]
      def slotted_rulers
        (document.tools || []).grep(Tools::SlottedRuler)
      end

      # @return [Array<Documents::Fault>] picks that give no pieces, pieces that no sheet and no join can give, pairs of one
      def faults
        asked.faults + pairs.widowed.flat_map { |fabric, kinds| kinds.map { |kind| widowed(fabric, kind) } } +
          too_large.map { |fabric, kind| fault(fabric, kind) }
      end

      # @return [Array<Array(Symbol, Kind)>] pieces that no sheet and no join can give, by fabric
      def too_large
        demands.flat_map { |fabric, kinds| homeless(fabric, kinds).map { |kind| [fabric, kind] } }
      end

      private

      def demands
        asked.by_fabric
      end

      def asked
        @asked ||= Demands.new(document)
      end

      def pairs
        @pairs ||= Pairs.new(demands, demands.keys.to_h { |fabric| [fabric, bolt(fabric)&.usable_width] }, effort: document.effort)
      end

      # What is cut in pairs does for the narrowest of its bolts.
      def bolt(fabric)
        stock(fabric).select(&:bolt?).min_by(&:usable_width)
      end

      def stock(fabric)
        document.stock.fetch(fabric).map { |one| one.sized(document.seam) }
      end

      def homeless(fabric, kinds)
        kinds.reject { |kind| room_for?(kind, stock(fabric)) }
      end

      def room_for?(kind, stock)
        stock.any? { |fabric| fabric.bolt? ? on_bolt?(kind, fabric.usable_width) : fits?(kind, fabric) }
      end

      def on_bolt?(kind, width)
        kind.fits?(width) || Joining.new(kind, width).joined?
      end

      def fits?(kind, fabric)
        fabric.rectangles.any? { |wide, long, _| kind.ways.any? { |across, along| across <= wide && along <= long } }
      end

      def widowed(fabric, kind)
        say = "is to be cut with a partner, and #{kind.count} of #{written(kind)} in #{fabric} have none: allowed is one other fabric " \
              "with as many of the same size, that say pair too"
        Documents::Fault.new(pointer: "#{kind.place}/pair", message: say)
      end

      def written(kind)
        kind.size.map { |side| Length.new(side).to_s }.join(" × ")
      end

      def fault(fabric, kind)
        size = "#{written(kind)}#{', not to be turned' unless kind.turn}"
        say = "is #{size}: allowed is what some sheet of #{fabric} holds, or what can be joined from strips of its bolt. "
        Documents::Fault.new(pointer: kind.place || "/picks", message: say + wider(fabric, kind))
      end

      def wider(fabric, kind)
        bolts = stock(fabric).select(&:bolt?)
        return "Find a larger piece of it." if bolts.empty?

        "It is #{Length.new(bolts.map(&:usable_width).max)} wide: it takes #{Length.new(kind.ways.map(&:last).min)}."
      end
    end
  end
end
