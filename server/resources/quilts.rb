# frozen_string_literal: true

module Server
  module Resources
    # A project's quilt: what it comes to, stored or not.
    class Quilts < Base
      post "/api/projects/:id/quilt" do
        project = maker.projects.find(params["id"])
        kept = OakenGauge.read_parts(document) { |node| OakenGauge.read_part(:quilt, node) }.to_document
        answer OakenGauge.quilt(Quilting.new(project, kept).document, view: true)
      end

      # What quilts are made for, and how many blocks cover that; nothing is stored.
      get "/api/places" do
        answer({ "places" => maker.places || OakenGauge.places, "usual" => maker.places.nil?, "lock_version" => maker.lock_version })
      end

      post "/api/fit" do
        answer OakenGauge.fit_quilt(object(document))
      end

      post "/api/share" do
        answer OakenGauge.share_blocks(object(document))
      end
    end
  end
end
