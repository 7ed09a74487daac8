# frozen_string_literal: true

module Server
  module Models
    # A quilt in the making.
    class Project < ActiveRecord::Base
      extend Limited

      belongs_to :maker
      holds_at_most 500, owner: :maker, called: "projects"
      # Units of one project have one project, and its maker's drawer is looked through once for all of them.
      has_many :units, -> { here.order(:position, :id) }, inverse_of: :project
      has_many :all_units, class_name: "Unit", inverse_of: :project, dependent: :destroy

      # Those that were not removed.
      scope :here, -> { where(removed_at: nil) }

      # How far a project is. - units, picked: how many; - unit, method: which is next, the first without a pick or else the first, and
      # what was picked for it
      Progress = Struct.new(:units, :picked, :unit, :method)
      NOTHING = Progress.new(0, 0).freeze
      FAR = <<~SQL
        project_id, count(*), count(picks.id), (array_agg(units.id ORDER BY picks.id IS NULL DESC, position, units.id))[1],
        (array_agg(picks.method_id ORDER BY picks.id IS NULL DESC, position, units.id))[1]
      SQL
      private_constant :FAR

      # @param projects [Array<Integer>, ActiveRecord::Relation] ids
      # @return [Hash{Integer => Progress}] by id, without those that have no units; asked for all together
      def self.progress(projects)
        Unit.here.where(project_id: projects).left_joins(:pick).group(:project_id).pluck(Arel.sql(FAR))
            .to_h { |id, *told| [id, Progress.new(*told)] }
      end

      # @param progress [Progress]
      # @param short [Integer, nil] fabrics that there is not enough of, as they were counted last
      # @return [Hash]
      def to_document(progress = own_progress, short = nil)
        { "id" => id, "name" => name, "seam_allowance" => seam_allowance, "notes" => notes, "aside" => aside,
          "measure" => measure, "tool_keys" => tool_keys, "quilt" => quilt, "units_in_all" => progress.units,
          "units_picked" => progress.picked, "next" => OakenGauge.next_step(**facts(progress), short: short),
          "next_unit" => ({ "id" => progress.unit, "method" => progress.method } if progress.unit),
          "shown" => !link_digest.nil?,
          "lock_version" => lock_version }
      end

      # @return [Progress]
      def own_progress
        self.class.progress([id]).fetch(id, NOTHING)
      end

      # @param progress [Progress]
      # @return [Hash{Symbol => Object}] as the core asks how far it is
      def facts(progress = own_progress)
        { quilt: !quilt.nil?, units: progress.units, picked: progress.picked }
      end

      # @param projects [ActiveRecord::Relation] of one maker
      # @return [Array<Hash>] as they stand in a list
      def self.rows(projects)
        progress = progress(projects.pluck(:id))
        short = projects.first ? Server::Jobs::CountPromised.short(Server::Jobs::CountPromised.last(projects.first.maker)) : {}
        projects.map { |project| project.to_document(progress.fetch(project.id, NOTHING), short[project.id]) }
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
        { "project" => name, "id" => id, "question" => Quilting.new(self, quilt).document } if quilt
      rescue Problem
        nil
      end

      # @return [String] another one whenever what its units are weighed by is: drawer, hands, fabric, seam
      def weighed_by
        Digest::SHA256.base64digest(JSON.generate([drawer, maker.profile, maker.fabrics.map { |fabric| [fabric.id, fabric.document] },
                                                   seam_allowance, measure]))
      end

      # @return [Hash] with its units, and the shelf that they are made from
      def to_full_document
        to_document.merge("maker" => maker.name, "profile" => maker.profile, "priorities" => maker.all_priorities,
                          "maker_version" => maker.lock_version, "weighed_by" => weighed_by,
                          "units" => units.includes(:pick, :unit_fabrics).map(&:to_document),
                          "methods_picked" => maker.methods_picked,
                          "put_aside" => maker.put_aside, "fabrics" => maker.fabrics.map(&:to_document))
      end
    end
  end
end
