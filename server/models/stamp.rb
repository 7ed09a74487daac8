# frozen_string_literal: true

module Server
  module Models
    # A word that changes with whatever figures of a bench rest on.
    module Stamp
      # @param maker [Maker]
      # @return [String]
      def self.of(maker)
        projects = maker.all_projects.pluck(:id, :updated_at, :aside, :removed_at)
        units = Unit.where(project_id: projects.map(&:first))
        hers = [maker.tools, maker.fabrics, maker.blocks, units, Pick.where(unit_id: units.select(:id))].map { |all| marks(all) }
        held = UnitFabric.where(unit_id: units.select(:id)).pick(Arel.sql("count(*), max(id)"))
        # To the microsecond, which JSON leaves out.
        Secret.digest([projects, maker.lock_version, hers, held].inspect)
      end

      def self.marks(all)
        all.reorder(nil).pick(Arel.sql("count(*), max(updated_at), sum(id)"))
      end
      private_class_method :marks
    end
  end
end
