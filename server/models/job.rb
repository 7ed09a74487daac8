# frozen_string_literal: true

require "digest"

module Server
  module Models
    # Work that takes longer than a page waits. The same question of the same maker is one job, however often it is asked: who
    # reloads a page finds it where it stands. A worker that dies leaves it to another, who begins it anew.
    class Job < ActiveRecord::Base
      belongs_to :maker

      # So many are kept with their answers.
      KEPT = 40
      # How far it has come is told no more often than this, seconds.
      TOLD_EVERY = 0.25
      AT_WORK = %w[waiting working].freeze
      # One that nothing was heard of for so long is at work nowhere, seconds.
      LOST = 300

      # Raised where somebody asked for it to stop.
      class Stopped < StandardError; end

      # @param maker [Maker]
      # @param work [Class] what does it
      # @param question [Hash]
      # @return [Job] one that waits, is worked on, or is done
      def self.ask(maker, work, question)
        of(maker, work, question)&.tap { |job| job.again(work) } ||
          maker.jobs.create!(**same(work, question), question: question).tap { |job| job.wait(work) }
      rescue ActiveRecord::RecordNotUnique
        of(maker, work, question)
      end

      # @return [Job, nil] the one that was asked for
      def self.of(maker, work, question)
        maker.jobs.find_by(same(work, question))
      end

      def self.same(work, question)
        { kind: work.kind, digest: Digest::SHA256.hexdigest(JSON.generate(question)) }
      end
      private_class_method :same

      # @param work [Class]
      # @return [void]
      def again(work)
        wait(work) unless state == "done" || (AT_WORK.include?(state) && updated_at > Time.now - LOST)
      end

      # @param work [Class]
      # @return [void]
      def wait(work)
        transaction do
          maker.jobs.where.not(state: AT_WORK).where.not(id: id).order(updated_at: :desc).offset(KEPT).destroy_all
          update!(state: "waiting", share: 0, doing: "")
          work.enqueue(id)
        end
        reload
      end

      # @return [void]
      def stop
        mine(AT_WORK).update_all(state: "stopped", updated_at: Time.now)
        reload
      end

      # Works it out, unless somebody stopped it.
      #
      # @yield [told] what is to be called with how much is done and what is being done
      # @yieldreturn [Hash] the answer
      # @return [void]
      def work
        begun { finish(yield(method(:told))) }
      end

      # The same for what is to be there whole or not at all: what is stored and that it is done come together.
      #
      # @yield [told]
      # @yieldreturn [Hash] the answer
      # @return [void]
      def work_whole
        begun { transaction { finish(yield(method(:told_beside))) } }
      end

      # @return [Hash]
      def to_document
        { "id" => id, "state" => state, "share" => share.round(3), "doing" => doing, "answer" => answer.presence }
      end

      private

      def begun
        yield if mine(AT_WORK).update_all(state: "working", share: 0) == 1
      rescue Stopped
        nil
      rescue *Database::GONE
        raise
      rescue StandardError
        mine("working").update_all(state: "failed", updated_at: Time.now)
        raise
      end

      # @raise [Stopped] where somebody stopped it meanwhile
      def finish(answer)
        done = mine("working").update_all(state: "done", share: 1, doing: "", answer: answer, updated_at: Time.now)
        raise Stopped unless done == 1
      end

      # Over a connection of its own: what is done is seen by nobody before it is all done, but how far it has come.
      def told_beside(share, doing)
        return if told_lately?

        telling = Thread.new do
          Thread.current.report_on_exception = false
          self.class.connection_pool.with_connection { told(share, doing) }
        end
        telling.value
      end

      def told_lately?
        !@told_at.nil? && now - @told_at < TOLD_EVERY
      end

      def told(share, doing)
        return if told_lately?

        @told_at = now
        raise Stopped if mine("working").update_all(share: share.clamp(0, 1), doing: doing, updated_at: Time.now).zero?
      end

      def mine(states)
        self.class.where(id: id, state: states)
      end

      def now
        Process.clock_gettime(Process::CLOCK_MONOTONIC)
      end
    end
  end
end
