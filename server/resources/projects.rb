# frozen_string_literal: true

module Server
  module Resources
    # Projects: the list, one whole, a new one, a copy, a changed one, one put aside, one removed and put back.
    class Projects < Base
      get "/api/projects" do
        answer({ "projects" => Models::Project.rows(maker.projects) })
      end

      post "/api/projects" do
        fields = read(required: %w[name], optional: %w[seam_allowance notes measure tool_keys]) { |keys| fields(keys) }
        answer maker.projects.create!(fields).to_full_document, status: 201
      end

      get "/api/projects/:id" do
        answer find.to_full_document
      end

      patch "/api/projects/:id" do
        version, changes = read(required: %w[lock_version], optional: %w[name seam_allowance notes aside quilt measure tool_keys]) do |keys|
          [keys.version, fields(keys)]
        end
        save_over(find, version) { |project| project.update!(changes) }
        answer find.to_document
      end

      # The link by which it was seen does not hold any more, even where it is put back.
      delete "/api/projects/:id" do
        save_over(find, Integer(params.fetch("lock_version"))) { |project| project.update!(removed_at: Time.now, link_digest: nil) }
        answer maker.all_projects.find(params["id"]).to_document
      end

      # What tools are missing for it; where there are many to weigh with, as it was looked for last until it is anew.
      get "/api/projects/:id/missing" do
        answer Server::Jobs::LookForTools.ask(find)
      end

      # Its stations, each with what is open there, and what is next.
      get "/api/projects/:id/stations" do
        answer Standing.new(find).stations
      end

      # Its units as a table, with the sums.
      get "/api/projects/:id/home" do
        answer Standing.new(find).units
      end

      post "/api/projects/:id/copy" do
        name = read(required: %w[name]) { |keys| keys.value("name") }
        answer find.copy(name).reload.to_document, status: 201
      end

      post "/api/projects/:id/back" do
        version = read(required: %w[lock_version], &:version)
        save_over(maker.all_projects.find(params["id"]), version) { |project| project.update!(removed_at: nil) }
        answer find.to_document
      end

      private

      def find
        maker.projects.find(params["id"])
      end

      def fields(keys)
        { name: keys.value("name"), seam_allowance: keys.seam, notes: keys.value("notes"), aside: keys.value("aside"),
          quilt: keys.document("quilt"), measure: keys.value("measure")&.to_s }.compact.merge(tools(keys))
      end

      # An empty list is the whole drawer again.
      def tools(keys)
        chosen = keys.value("tool_keys", :names) or return {}
        { tool_keys: chosen.empty? ? nil : chosen }
      end
    end
  end
end
