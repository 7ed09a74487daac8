# frozen_string_literal: true

module OakenGauge
  module Shelf
    # What the picks of all projects take of each fabric, and what is left of it. Every unit is cut by itself, as it was
    # weighed: a cutting plan of a whole project may take less, never more.
    #
    # @example
    #   Promises.new(takes).of("12").left   # => (27/2)
    class Promises
      # A unit whose method was picked. - project, unit: String names; - way: {Methods::Method}; - fabrics: ids by role
      Take = Struct.new(:project, :unit, :way, :fabrics, keyword_init: true)
      # What a project takes of a fabric. - units: [String]; - amount: inches of length, or pieces
      Share = Struct.new(:project, :units, :amount, keyword_init: true)

      # One fabric. - fabric: {Fabrics::Fabric}; - shares: [Share]
      Promise = Struct.new(:fabric, :shares, keyword_init: true) do
        # @return [Numeric] inches of length, or pieces
        def amount
          shares.sum(&:amount)
        end

        # @return [Numeric, nil] less than nothing where it is promised twice; nil where nobody says how much there is
        def left
          fabric.holds && (fabric.holds - amount)
        end

        # @return [Boolean]
        def twice?
          !left.nil? && left.negative?
        end
      end

      # @param takes [Array<Take>]
      def initialize(takes)
        @takes = takes
      end

      # @return [Hash{String => Promise}] by the fabric's id; none of what nothing was picked from
      def all
        @all ||= ids.to_h { |id| [id, Promise.new(fabric: fabric_of(id), shares: shares(id))] }
      end

      private

      def ids
        @takes.flat_map { |take| take.fabrics.values }.uniq
      end

      def roles(take, id)
        take.fabrics.select { |_, own| own == id }.keys
      end

      def fabric_of(id)
        take = @takes.find { |one| one.fabrics.value?(id) }
        take.way.task.fabric(roles(take, id).first)
      end

      def shares(id)
        @takes.select { |take| take.fabrics.value?(id) }.group_by(&:project).map do |project, takes|
          Share.new(project: project, units: takes.map(&:unit), amount: takes.sum { |take| amount(take, id) })
        end
      end

      def amount(take, id)
        own = roles(take, id)
        allocations = take.way.allocations.select { |cut, _| own.include?(cut.role) }.values
        fabric_of(id).takes(allocations)
      end
    end
  end
end
