# frozen_string_literal: true

module OakenGauge
  module Planning
    # One cutting plan for all fabrics: which widths are cut from which stock, what is cut from each strip, in which order.
    class Plan
      # @return [Documents::PlanDocument]
      attr_reader :document

      # @param document [Documents::PlanDocument]
      def initialize(document)
        @document = document
      end

      # @return [Hash{Symbol => FabricPlan}]
      def fabrics
        @fabrics ||= demands.to_h { |fabric, kinds| [fabric, FabricPlan.new(kinds, stock(fabric), effort: document.effort)] }
      end

      # @return [Array<Kind>] every kind of every fabric
      def kinds
        demands.values.flatten
      end

      # @return [Array<Tools::SlottedRuler>]
      def slotted_rulers
        (document.tools || []).grep(Tools::SlottedRuler)
      end

      # @return [Array<Documents::Fault>] picks that give no pieces, pieces that no sheet and no join can give
      def faults
        asked.faults + demands.flat_map { |fabric, kinds| homeless(fabric, kinds).map { |kind| fault(fabric, kind) } }
      end

      private

      def demands
        asked.by_fabric
      end

      def asked
        @asked ||= Demands.new(document)
      end

      def stock(fabric)
        document.stock.fetch(fabric).map { |one| one.sized(document.seam) }
      end

      def homeless(fabric, kinds)
        kinds.reject { |kind| room_for?(kind, stock(fabric)) }
      end

      def room_for?(kind, stock)
        stock.any? { |fabric| fabric.is_a?(Stock::Yardage) ? kind.size.min <= fabric.usable_width : fits?(kind, fabric) }
      end

      def fits?(kind, fabric)
        fabric.rectangles.any? { |wide, long, _| kind.ways.any? { |across, along| across <= wide && along <= long } }
      end

      def fault(fabric, kind)
        size = kind.size.map { |side| Length.new(side).to_s }.join(" × ")
        say = "is #{size}: allowed is what some sheet of #{fabric} holds, or what can be joined from strips of its bolt. " \
              "Find a larger piece of it."
        Documents::Fault.new(pointer: kind.place || "/picks", message: say)
      end
    end
  end
end
