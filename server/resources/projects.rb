# frozen_string_literal: true

module Server
  module Resources
    # Projects: the list, one whole, a new one, a changed one, one taken away.
    class Projects < Base
      get "/api/projects" do
        answer({ "projects" => Models::Maker.at_bench.projects.map(&:to_document) })
      end

      post "/api/projects" do
        answer Models::Maker.at_bench.projects.create!(read { |node| fields(node, required: %w[name]) }).to_full_document, status: 201
      end

      get "/api/projects/:id" do
        answer find.to_full_document
      end

      patch "/api/projects/:id" do
        changes = read { |node| fields(node, required: %w[lock_version]) }
        version = document["lock_version"]
        save_over(find, version) { |project| project.update!(changes) }
        answer find.to_document
      end

      delete "/api/projects/:id" do
        find.destroy!
        halt 204
      end

      private

      def find
        Models::Maker.at_bench.projects.find(params["id"])
      end

      def fields(node, required:)
        node.keys(required: required, optional: %w[name seam_allowance lock_version] - required)
        { name: (node.text("name") if document.key?("name")), seam_allowance: seam(node) }.compact
      end

      def seam(node)
        OakenGauge::Length.new(node.length("seam_allowance", most: 2), node.measure_of("seam_allowance")).to_s if node["seam_allowance"]
      end
    end
  end
end
