# frozen_string_literal: true

module Server
  module Resources
    # A project for whoever has its link, to look at; and the link, made anew or withdrawn by whoever's it is.
    class Shown < Base
      get "/api/shown/:id" do
        project = Models::Project.here.find_by(link_digest: Models::Secret.digest(params["id"])) or
          raise Problem.new(404, "This link does not hold any more. Ask for a new one.")
        answer Models::ShownProject.new(project).to_document
      end

      # The one that was given before no longer holds.
      post "/api/projects/:id/link" do
        word = Models::Secret.word
        find.update_columns(link_digest: Models::Secret.digest(word))
        answer({ "path" => "/shown/#{word}" }, status: 201)
      end

      delete "/api/projects/:id/link" do
        find.update_columns(link_digest: nil)
        answer find.to_document
      end

      private

      def find
        maker.projects.find(params["id"])
      end
    end
  end
end
