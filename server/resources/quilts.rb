# frozen_string_literal: true

module Server
  module Resources
    # A project's quilt: what it comes to, stored or not.
    class Quilts < Base
      post "/api/projects/:id/quilt" do
        project = maker.projects.find(params["id"])
        kept = OakenGauge.read_parts(document) { |node| OakenGauge.read_part(:quilt, node) }.to_document
        answer OakenGauge.quilt(Quilting.new(maker, kept, project.seam_allowance).document, view: true)
      end

      private

      def maker
        @maker ||= Models::Maker.at_bench
      end
    end
  end
end
