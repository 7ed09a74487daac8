# frozen_string_literal: true

module OakenGauge
  module Documents
    # Reads a weigh document into a {Weighing::Task}.
    class WeighReader
      KEYS = %w[oaken_gauge at seam_allowance grid fabrics tools maker priorities].freeze
      # What counts where nobody says; `ease` counts only where somebody does.
      PRIORITIES = { fabric: 1, time: 1, accuracy: 1, surplus: 1, ease: 0 }.freeze
      SEAM = 1/4r
      GRIDS = { inch: 1/8r, cm: 5/127r, mm: 5/127r }.freeze

      # @param document [Hash]
      # @return [Weighing::Task]
      # @raise [Invalid]
      def self.read(document)
        Documents.read(document) { |node| new(node).task }
      end

      # @param node [Node, nil] weights by the names of {Weighing::Figures}
      # @return [Hash{Symbol => Numeric}]
      def self.priorities(node)
        return PRIORITIES unless node&.keys(optional: PRIORITIES.keys.map(&:to_s))

        PRIORITIES.to_h { |name, usual| [name, node.number(name.to_s, 0..100, default: usual)] }
      end

      # @param node [Node]
      def initialize(node)
        @node = node
        @units = UnitReader.new(node)
      end

      # @return [Weighing::Task, nil] nil when there is not even a unit to read
      def task
        return unless @node.keys(required: %w[unit], optional: KEYS)

        @node.integer("oaken_gauge", 1..1, default: 1)
        unit = standing(@units.unit) or return
        Weighing::Task.new(unit: unit, seam: seam, grid: grid, drawer: drawer, fabrics: fabrics(unit.class.roles), measure: measure,
                           maker: Weighing::Maker.read(@node.child("maker")), priorities: self.class.priorities(@node.child("priorities")))
      end

      private

      # The unit at the size where the fence stands, if that is said.
      def standing(unit)
        return unit if unit.nil? || @node["at"].nil?

        most = Units::Unit::LARGEST * unit.measure_on_beam / unit.side_lengths.max
        unit.at(@node.length("at", most: most))
      end

      def seam
        @node.length("seam_allowance", default: SEAM, most: 2)
      end

      def measure
        @measure ||= @node["at"].nil? ? @units.measure : @node.measure_of("at")
      end

      def grid
        Grid.new(@node.length("grid", default: GRIDS.fetch(measure), most: 1))
      end

      def drawer
        return Tools::Drawer.starter if @node["tools"].nil?

        DrawerReader.new(@node).drawer
      end

      def fabrics(roles)
        given = @node.child("fabrics")
        given&.keys(optional: roles.map(&:to_s))
        roles.to_h { |role| [role, fabric(given&.child(role.to_s))] }
      end

      def fabric(node)
        return Stock::Yardage.new unless node
        return node.fault(nil, "is not an object: allowed is a fabric with a form") unless node.value.is_a?(Hash)

        form = node.choice("form", Stock.forms.keys, default: nil)
        return node.fault("form", "is missing") unless form

        Stock.forms.fetch(form).read(node)
      end
    end
  end
end
