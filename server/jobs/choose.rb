# frozen_string_literal: true

module Server
  module Jobs
    # Chooses one method for each unit of a project that has too many for a page to wait for.
    class Choose < Que::Job
      self.maximum_retry_count = 3

      # Units that a page waits for.
      SOON = 3

      # @return [String]
      def self.kind
        "choose"
      end

      # @param project [Models::Project]
      # @param limits [Hash, nil]
      # @param keep [Array<Integer>] ids of units whose pick stays
      # @return [Hash] the job's document; where there are few units it is done
      # @raise [OakenGauge::Documents::Invalid]
      def self.ask(project, limits, keep)
        deciding = Deciding.new(project)
        question = { "document" => deciding.document(limits, keep), "now" => deciding.now }
        OakenGauge.check_choice(question["document"])
        return Models::Job.ask(project.maker, self, question).to_document if question["document"]["units"].size > SOON

        { "id" => nil, "state" => "done", "share" => 1, "doing" => "", "answer" => choice(question) }
      end

      def self.choice(question, &)
        OakenGauge.choose(question.fetch("document"), now: question.fetch("now"), &)
      end

      # @param id [Integer] of a {Models::Job}
      # @return [void]
      def run(id)
        job = Models::Job.find_by(id: id) or return
        job.work { |told| self.class.choice(job.question) { |share| told.call(share, "Weighing all units together") } }
      end
    end
  end
end
