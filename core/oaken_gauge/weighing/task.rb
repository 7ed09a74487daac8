# frozen_string_literal: true

module OakenGauge
  module Weighing
    # One question: which way to make this unit, with these tools, from this fabric?
    #
    # - unit: {Units::Unit}
    # - seam: Rational inches
    # - grid: {Grid} that cut sizes round up to
    # - drawer: {Tools::Drawer}
    # - fabrics: {Symbol => Fabrics::Fabric} by role
    # - maker: {Makers::Maker}
    # - priorities: {Symbol => Numeric}
    # - measure: Symbol, the unit of measure of the document
    Task = Struct.new(:unit, :seam, :grid, :drawer, :fabrics, :maker, :priorities, :measure, keyword_init: true) do
      # @param kind [Class] a kind of tool
      # @param shape [Patches::Shape]
      # @return [Tools::Matching] worked out once, whichever method asks
      def matching(kind, shape)
        (@matchings ||= {})[[kind, shape]] ||= Tools::Matching.new(drawer.of(kind), shape, seam, maker.numbers)
      end

      # @param method [Class]
      # @return [Methods::Method] of all the units, made once
      def way(method)
        (@ways ||= {})[method] ||= method.new(self)
      end

      # @param other [Units::Unit]
      # @return [Task] the same question of other units
      def of(other)
        Task.new(**to_h, unit: other)
      end

      # @param tools [Array<Tools::Tool>]
      # @return [Task] the same question with other tools
      def with_drawer(tools)
        Task.new(**to_h, drawer: Tools::Drawer.new(tools))
      end

      # @return [Tools::StraightRuler, nil] the one that pieces of a size are cut with, see {Tools::Drawer#straight_ruler}
      def straight_ruler(longest, size)
        (@straight_rulers ||= {}).fetch([longest, size]) { |key| @straight_rulers[key] = drawer.straight_ruler(*key) }
      end

      # @param size [Rational] inches
      # @return [Boolean] whether it falls on a main line or a half of the ruler it is cut with
      def easy_line?(size)
        (@easy_lines ||= {}).fetch(size) { @easy_lines[size] = straight_ruler(size, [size])&.easy_line?(size) || false }
      end

      # @return [Settings::Slots] the drawer's slotted rulers
      def slots
        @slots ||= Settings::Slots.new(self)
      end

      # @return [Tools::Aids] what the maker's aids change
      def aids
        @aids ||= Tools::Aids.new(drawer.of(Tools::MarkingAid), maker.marking)
      end

      # @param open [Boolean] whether seams are pressed open
      # @return [Methods::Habits] what she does in the place of a step
      def habits(open)
        (@habits ||= {})[open] ||= Methods::Habits.new(lines: aids.lines?, opens_seams: open)
      end

      # @return [Array(Float, Float)] how much deeper than its allowance a seam between two units is, and how it strays,
      #   inches
      def seam_between_units
        profile = maker.profile
        [profile[:take_up] - profile[:scant], profile[aids.edge_seam]]
      end

      # @param role [Symbol]
      # @return [Fabrics::Fabric]
      def fabric(role)
        fabrics.fetch(role)
      end
    end
  end
end
