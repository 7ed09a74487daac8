# frozen_string_literal: true

module Server
  module Models
    # A quilt in the making.
    class Project < ActiveRecord::Base
      extend Limited

      belongs_to :maker
      holds_at_most 500, owner: :maker, called: "projects"
      has_many :units, -> { here.order(:position, :id) }
      has_many :all_units, class_name: "Unit", dependent: :destroy

      # Those that were not removed.
      scope :here, -> { where(removed_at: nil) }

      # @return [Hash]
      def to_document
        { "id" => id, "name" => name, "seam_allowance" => seam_allowance, "notes" => notes, "aside" => aside,
          "measure" => measure, "tool_keys" => tool_keys, "quilt" => quilt, "units_in_all" => units.size,
          "units_picked" => picked, "next" => OakenGauge.next_step(units.size, picked), "next_unit" => next_unit,
          "shown" => !link_digest.nil?,
          "lock_version" => lock_version }
      end

      # @return [Hash, nil] the unit that is next: the first without a pick, or else the first, and the method that was picked for it
      def next_unit
        unit = units.find { |one| one.pick.nil? } || units.first
        unit && { "id" => unit.id, "method" => unit.pick&.method_id }
      end

      # @return [Integer] units that a method was picked for
      def picked
        units.count(&:pick)
      end

      # @param block [Block]
      # @return [Boolean] whether its quilt has the block in it
      def quilt_of?(block)
        quilt.to_h.fetch("blocks", []).any? { |entry| entry["id"] == block.id }
      end

      # @param name [String]
      # @return [Project] another with the same units, and without what was picked for them
      def copy(name)
        transaction do
          maker.all_projects.create!(slice(:seam_allowance, :notes, :measure, :tool_keys).merge(name: name)).tap do |made|
            units.includes(:unit_fabrics).each { |unit| unit.copy_to(made) }
          end
        end
      end

      # @return [Array<Hash>] the documents of the tools that it may use: those chosen for it, or the whole drawer
      def drawer
        tool_keys ? maker.drawer.select { |tool| tool_keys.include?(tool["id"]) } : maker.drawer
      end

      # @return [Array<Hash>] what its picks take, as the core asks for it
      def takes
        units.includes(:pick, unit_fabrics: :fabric).select(&:pick).map(&:take)
      end

      # @return [Array<Hash>] what was picked for its units, as a plan and a quilt ask for it
      def picks_made
        units.includes(:pick, :unit_fabrics).select(&:pick).filter_map(&:pick_made)
      end

      # @return [Hash, nil] what its quilt takes, as the core asks for it
      def quilt_takes
        { "project" => name, "question" => Quilting.new(self, quilt).document } if quilt
      rescue Problem
        nil
      end

      # @return [Hash] with its units, and the drawer and shelf that they are made from
      def to_full_document
        to_document.merge("maker" => maker.name, "profile" => maker.profile, "priorities" => maker.all_priorities,
                          "maker_version" => maker.lock_version,
                          "units" => units.includes(:pick, :unit_fabrics).map(&:to_document), "drawer" => drawer,
                          "methods_picked" => maker.methods_picked,
                          "put_aside" => maker.put_aside, "fabrics" => maker.fabrics.map(&:to_document))
      end
    end
  end
end
