# frozen_string_literal: true

module Server
  module Resources
    # Projects: the list, one whole, a new one, a changed one, one taken away.
    class Projects < Base
      get "/api/projects" do
        answer({ "projects" => Models::Maker.at_bench.projects.map(&:to_document) })
      end

      post "/api/projects" do
        fields = read(required: %w[name], optional: %w[seam_allowance]) { |keys| fields(keys) }
        answer Models::Maker.at_bench.projects.create!(fields).to_full_document, status: 201
      end

      get "/api/projects/:id" do
        answer find.to_full_document
      end

      patch "/api/projects/:id" do
        version, changes = read(required: %w[lock_version], optional: %w[name seam_allowance]) { |keys| [keys.version, fields(keys)] }
        save_over(find, version) { |project| project.update!(changes) }
        answer find.to_document
      end

      delete "/api/projects/:id" do
        save_over(find, Integer(params.fetch("lock_version")), &:destroy!)
        halt 204
      end

      private

      def find
        Models::Maker.at_bench.projects.find(params["id"])
      end

      def fields(keys)
        { name: keys.value("name"), seam_allowance: keys.seam }.compact
      end
    end
  end
end
