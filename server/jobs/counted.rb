# frozen_string_literal: true

module Server
  module Jobs
    # What of a bench takes longer to be counted than a page waits for. What was counted is kept until something of the bench changes; until
    # it is counted anew it stands as it was.
    #
    # @abstract A job gives its {.kind}, what is counted ({.count}), and the answer where nothing was counted yet ({.nothing})
    class Counted < Que::Job
      class << self
        # @param maker [Models::Maker]
        # @param about [Hash] what of her bench it is asked of
        # @return [Hash] the answer, and whether it is "counting" still
        def of(maker, about = {})
          job = Models::Job.ask(maker, self, { **about, "of" => Models::Stamp.of(maker) })
          drop_older(maker, job, about)
          { **(job.answer || counted_last(maker, about) || nothing), "counting" => job.state != "done" }
        end

        private

        def counted_last(maker, about)
          jobs(maker, about).where(state: "done").order(updated_at: :desc).first&.answer
        end

        # What nobody waits for any more.
        def drop_older(maker, job, about)
          jobs(maker, about).where(state: Models::Job::AT_WORK).where.not(id: job.id).find_each(&:stop)
        end

        def jobs(maker, about)
          maker.jobs.where(kind: kind).where("question @> ?::jsonb", JSON.generate(about))
        end
      end

      # @param id [Integer] of a {Models::Job}
      # @return [void]
      def run(id)
        job = Models::Job.find_by(id: id) or return
        job.work { self.class.count(job.maker, job.question.except("of")) }
      end
    end
  end
end
