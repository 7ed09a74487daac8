# frozen_string_literal: true

module Server
  module Resources
    # Work that takes longer than a page waits: asked for, looked after, stopped.
    class Jobs < Base
      # With the maker's own drawer, hands and priorities, where none are told.
      post "/api/jobs/take-apart" do
        job = Server::Jobs::TakeApart.ask(maker, { **maker.question, **object(document) })
        answer job, status: job["state"] == "done" ? 200 : 202
      end

      # A file of a bench, beside what is there.
      post "/api/jobs/read-in" do
        job = Server::Jobs::ReadIn.ask(maker, object(document), params.fetch("clash", "both"))
        answer job, status: job["state"] == "done" ? 200 : 202
      end

      get "/api/jobs/:id" do
        answer find.to_document
      end

      # It may be asked for again.
      delete "/api/jobs/:id" do
        answer find.tap(&:stop).to_document
      end

      private

      def find
        maker.jobs.find(params["id"])
      end
    end
  end
end
