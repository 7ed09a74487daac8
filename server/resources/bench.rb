# frozen_string_literal: true

module Server
  module Resources
    # The whole bench as one file: written out, and read in beside what is there.
    class Bench < Base
      get "/api/bench" do
        headers["content-disposition"] = %(attachment; filename="oaken-gauge.json")
        answer Exporter.new(maker).document
      end

      # What of a file is here already; nothing is stored.
      post "/api/bench/look" do
        answer Importer.new(document).look(maker)
      end

      post "/api/bench" do
        Importer.new(document, clash: params.fetch("clash", "both")).add_to(maker)
        answer({ "projects" => Models::Project.rows(maker.projects) }, status: 201)
      end
    end
  end
end
