# frozen_string_literal: true

module OakenGauge
  module Weighing
    # What is at hand, whichever units are made and however many: a drawer, an allowance, a maker. What is asked of them is
    # looked up once, whichever method asks.
    class Equipment
      # @param drawer [Tools::Drawer]
      # @param seam [Rational] the allowance, inches
      # @param maker [Makers::Maker]
      def initialize(drawer, seam, maker)
        @drawer = drawer
        @seam = seam
        @maker = maker
        @matchings = {}
        @straight_rulers = {}
        @easy_lines = {}
        @habits = {}
      end

      # @param kind [Class] a kind of tool
      # @param shape [Patches::Shape]
      # @return [Tools::Matching]
      def matching(kind, shape)
        @matchings[[kind, shape]] ||= Tools::Matching.new(@drawer.of(kind), shape, @seam, @maker.numbers)
      end

      # @return [Tools::StraightRuler, nil] the one that pieces of a size are cut with, see {Tools::Drawer#straight_ruler}
      def straight_ruler(longest, size)
        @straight_rulers.fetch([longest, size]) { |key| @straight_rulers[key] = @drawer.straight_ruler(*key) }
      end

      # @param size [Rational] inches
      # @return [Boolean] whether it falls on a main line or a half of the ruler it is cut with
      def easy_line?(size)
        @easy_lines.fetch(size) { @easy_lines[size] = straight_ruler(size, [size])&.easy_line?(size) || false }
      end

      # @return [Settings::Slots] the drawer's slotted rulers
      def slots
        @slots ||= Settings::Slots.new(@drawer.of(Tools::SlottedRuler), @maker)
      end

      # @return [Tools::Aids] what the maker's aids change
      def aids
        @aids ||= Tools::Aids.new(@drawer.of(Tools::MarkingAid), @maker.marking)
      end

      # @param open [Boolean] whether seams are pressed open
      # @return [Methods::Habits] what she does in the place of a step
      def habits(open)
        @habits[open] ||= Methods::Habits.new(lines: aids.lines?, opens_seams: open, scant: @maker.profile[:scant].positive?)
      end

      # @return [Array(Float, Float)] how much deeper than its allowance a seam between two units is, and how it strays,
      #   inches
      def seam_between_units
        profile = @maker.profile
        [profile[:take_up] - profile[:scant], profile[aids.edge_seam]]
      end
    end
  end
end
