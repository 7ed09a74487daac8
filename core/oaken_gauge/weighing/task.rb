# frozen_string_literal: true

require "forwardable"

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
    # - for_block: {ForBlock}, the blocks that the units are for, where that is said
    # - equipment: {Equipment}, the drawer and the maker with all that was asked of them, nil at first
    Task = Struct.new(:unit, :seam, :grid, :drawer, :fabrics, :maker, :priorities, :measure, :for_block, :equipment, keyword_init: true) do
      extend Forwardable

      def_delegators :equipment, :matching, :straight_ruler, :easy_line?, :slots, :aids, :habits, :seam_between_units

      # @return [Equipment]
      def equipment
        self[:equipment] ||= Equipment.new(drawer, seam, maker)
      end

      # @return [Rational] inches that are added to what is trimmed to size
      def margin
        in_her_measure(maker.margin)
      end

      # @return [Rational] inches of the seam inside what is cut exact, sewn narrow and trimmed
      def narrow_seam
        in_her_measure(maker.narrow_seam)
      end

      # @param method [Class]
      # @return [Methods::Method] of all the units, made once
      def way(method)
        (@ways ||= {})[method] ||= method.new(self)
      end

      # @param other [Units::Unit]
      # @return [Task] the same question of other units
      def of(other)
        Task.new(**to_h, unit: other, equipment: equipment)
      end

      # @param tools [Array<Tools::Tool>]
      # @return [Task] the same question with other tools
      def with_drawer(tools)
        Task.new(**to_h, drawer: Tools::Drawer.new(tools), equipment: nil)
      end

      # @param role [Symbol]
      # @return [Hash{Patches::Shape => Integer}] patches that the block needs besides, of the same fabric
      def needed_besides(role)
        for_block ? for_block.needed(unit, role) : {}
      end

      # @param role [Symbol]
      # @return [Fabrics::Fabric]
      def fabric(role)
        fabrics.fetch(role)
      end

      private

      # What is usual in inches is not said in centimetres.
      def in_her_measure(usual)
        measure == :inch ? usual : Makers::Maker::IN_MILLIMETRES.fetch(usual, usual)
      end
    end
  end
end
