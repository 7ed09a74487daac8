# frozen_string_literal: true

module OakenGauge
  module Shelf
    # What all projects take of each fabric, and what is left of it: their quilts, cut by one plan, and beside them every unit with a
    # pick, cut by itself as it was weighed.
    #
    # @example
    #   Promises.new(takes).of("12").left   # => (27/2)
    class Promises
      # A unit whose method was picked. - project, unit: String names; - id: what tells the project from others of its name;
      # - way: {Methods::Method}; - fabrics: ids by role
      Take = Struct.new(:project, :id, :unit, :way, :fabrics, keyword_init: true)
      # A project's quilt. - project: String; - id; - fabrics: {id => Fabrics::Fabric}; - amounts: {id => inches of length, or pieces}
      QuiltTakes = Struct.new(:project, :id, :fabrics, :amounts, keyword_init: true)
      # What its units are called where it is the quilt that takes.
      QUILT = "the quilt"
      # What a project takes of a fabric. - id: of the project; - units: [String]; - amount: inches of length, or pieces
      Share = Struct.new(:project, :id, :units, :amount, keyword_init: true)

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

        # @param share [Share]
        # @return [Numeric] what has to be bought before the project can be cut: never more than it takes itself
        def short(share)
          left ? (-left).clamp(0, share.amount) : 0
        end
      end

      # @param takes [Array<Take>] of units that no quilt counts
      # @param quilts [Array<QuiltTakes>]
      def initialize(takes, quilts = [])
        @takes = takes
        @quilts = quilts
      end

      # @return [Hash{String => Promise}] by the fabric's id; none of what nothing was picked from
      def all
        @all ||= ids.to_h { |id| [id, Promise.new(fabric: fabric_of(id), shares: shares(id))] }
      end

      private

      def ids
        (@takes.flat_map { |take| take.fabrics.values } + @quilts.flat_map { |quilt| quilt.amounts.keys }).uniq
      end

      def roles(take, id)
        take.fabrics.select { |_, own| own == id }.keys
      end

      def fabric_of(id)
        quilt = @quilts.find { |one| one.fabrics.key?(id) }
        return quilt.fabrics.fetch(id) if quilt

        take = @takes.find { |one| one.fabrics.value?(id) }
        take.way.task.fabric(roles(take, id).first)
      end

      # Of one project both its quilt and its other units are one share.
      def shares(id)
        (of_units(id) + of_quilts(id)).group_by { |share| [share.project, share.id] }.map do |(project, own), same|
          Share.new(project: project, id: own, units: same.flat_map(&:units), amount: same.sum(&:amount))
        end
      end

      def of_quilts(id)
        @quilts.select { |quilt| quilt.amounts.key?(id) }
               .map { |quilt| Share.new(project: quilt.project, id: quilt.id, units: [QUILT], amount: quilt.amounts.fetch(id)) }
      end

      def of_units(id)
        @takes.select { |take| take.fabrics.value?(id) }
              .map { |take| Share.new(project: take.project, id: take.id, units: [take.unit], amount: amount(take, id)) }
      end

      def amount(take, id)
        own = roles(take, id)
        allocations = take.way.allocations.select { |cut, _| own.include?(cut.role) }.values
        take.way.task.fabric(own.first).takes(allocations)
      end
    end
  end
end
