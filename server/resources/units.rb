# frozen_string_literal: true

module Server
  module Resources
    # The units of a project: new ones, changed ones, ones taken away.
    class Units < Base
      post "/api/projects/:id/units" do
        project = maker.projects.find(params["id"])
        fields = read(required: %w[label unit], optional: %w[fabrics]) { |keys| UnitFields.new(keys, project).read }
        unit = Models::Unit.transaction { at_the_end(project, fields.except(:fabrics)).tap { |made| set_fabrics(made, fields) } }
        answer unit.reload.to_document, status: 201
      end

      # What a block or a quilt counts, so many times over: all of them, or none. One that is there by its name already is
      # changed to what is counted now; one that is there by another name is asked about, unless "there" says what to do.
      post "/api/projects/:id/units/counted" do
        project = maker.projects.find(params["id"])
        counted, there = read(required: %w[units], optional: %w[times there]) { |keys| [counted(keys, project), keys.value("there")] }
        units = Models::Unit.transaction { put_all(project, counted, there) }
        answer({ "units" => units }, status: 201)
      end

      patch "/api/units/:id" do
        version, fields = read(required: %w[lock_version], optional: %w[label unit fabrics]) do |keys|
          [keys.version, UnitFields.new(keys, find.project, find).read]
        end
        save_over(find, version) do |unit|
          unit.update!(fields.except(:fabrics).merge(updated_at: Time.now))
          set_fabrics(unit, fields)
        end
        answer find.to_document
      end

      delete "/api/units/:id" do
        save_over(find, Integer(params.fetch("lock_version"))) { |unit| unit.update!(removed_at: Time.now) }
        answer units.find(params["id"]).to_document
      end

      post "/api/units/:id/back" do
        version = read(required: %w[lock_version], &:version)
        save_over(units.find(params["id"]), version) { |unit| unit.update!(removed_at: nil) }
        answer find.to_document
      end

      private

      def counted(keys, project)
        times = keys.value("times") || 1
        keys.each("units") { |one| UnitFields.new(one, project).read(times: times) if one.fit?(%w[label unit fabrics]) }.to_a.compact
      end

      # One window after another: what the first adds the second finds.
      def put_all(project, counted, there)
        Models::Project.lock.find(project.id)
        list = CountedUnits.new(project, counted)
        raise Problem.new(409, "Another window added these units at the same moment.") if list.since?(Access::Current.arrived)
        raise list.problem if there.nil? && list.doubles.any?

        list.places(there).map { |unit, fields| put(project, unit, fields) }
      end

      def put(project, there, fields)
        there&.update!(**fields.except(:fabrics), updated_at: Time.now)
        unit = there || at_the_end(project, fields.except(:fabrics))
        set_fabrics(unit, fields)
        unit.reload.to_document
      end

      def at_the_end(project, fields)
        project.units.create!(position: project.units.maximum(:position).to_i + 1, **fields)
      end

      def find
        units.here.find(params["id"])
      end

      # Found through their maker, whoever asks.
      def units
        maker.units
      end

      def set_fabrics(unit, fields)
        return unless fields[:fabrics]

        unit.unit_fabrics.destroy_all
        fields[:fabrics].each { |role, fabric_id| unit.unit_fabrics.create!(role: role, fabric_id: fabric_id) }
      end
    end
  end
end
