# frozen_string_literal: true

module Server
  module Models
    # A unit that a project needs. Its spec is the unit's document; its version covers its pick too, so
    # that two tabs cannot pick over one another.
    class Unit < ActiveRecord::Base
      extend Limited

      belongs_to :project
      holds_at_most 400, owner: :project, called: "units"
      has_many :unit_fabrics, dependent: :destroy
      has_many :fabrics, through: :unit_fabrics
      has_one :pick, dependent: :destroy

      # Those that were not taken away.
      scope :here, -> { where(removed_at: nil) }

      # @return [Hash]
      def to_document
        { "id" => id, "project_id" => project_id, "label" => label, "unit" => spec, "lock_version" => lock_version,
          "fabrics" => unit_fabrics.to_h { |held| [held.role, held.fabric_id] }, "pick" => pick&.to_document }
      end

      # @param project [Project]
      # @return [Unit] the same one in another project
      def copy_to(project)
        project.units.create!(label: label, spec: spec, position: position).tap do |made|
          unit_fabrics.each { |held| made.unit_fabrics.create!(role: held.role, fabric_id: held.fabric_id) }
        end
      end

      # @param spec [Hash] the unit's document
      # @return [Hash] the document the core weighs it by, with this project's drawer and fabric
      def weigh_document(spec = self.spec)
        maker = project.maker
        { "unit" => spec, "seam_allowance" => project.seam_allowance, "tools" => project.drawer,
          "maker" => maker.profile, "priorities" => maker.priorities, "measure" => project.measure,
          "fabrics" => documents_of_fabrics }
      end

      # @return [Hash, nil] its pick as a plan and a quilt ask for it, nil where some role has no fabric
      def pick_made
        fabrics = unit_fabrics.to_h { |held| [held.role, held.fabric_id.to_s] }
        made = { "unit" => pick.spec, "method" => pick.method_id, "fabrics" => fabrics }
        made if OakenGauge.pick?(made)
      end

      # @return [Hash] what its pick takes, see OakenGauge.promised
      def take
        { "project" => project.name, "id" => project.id, "unit" => label, "method" => pick.method_id,
          "question" => weigh_document(pick.spec), "fabrics" => unit_fabrics.to_h { |held| [held.role, held.fabric_id.to_s] } }
      end

      private

      # One that another role has already is told as the same, so that it is not used twice.
      def documents_of_fabrics
        first = {}
        unit_fabrics.includes(:fabric).order(:id).to_h do |held|
          before = first[held.fabric_id]
          first[held.fabric_id] ||= held.role
          [held.role, before ? { "same_as" => before } : held.fabric.document]
        end
      end
    end
  end
end
