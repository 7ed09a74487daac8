# frozen_string_literal: true

module Server
  module Jobs
    # Takes a block apart that has too many cells for a page to wait for.
    class TakeApart < Que::Job
      # What fails for a reason of its own fails again.
      self.maximum_retry_count = 3

      # @return [String]
      def self.kind
        "take_apart"
      end

      # @param maker [Models::Maker]
      # @param question [Hash] a deconstruct document
      # @return [Hash] the job's document; where the block is small it is done
      # @raise [OakenGauge::Documents::Invalid]
      def self.ask(maker, question)
        return Models::Job.ask(maker, self, one_way(question)).to_document unless OakenGauge.soon_apart?(question)

        { "id" => nil, "state" => "done", "share" => 1, "doing" => "", "answer" => OakenGauge.deconstruct(question, view: true) }
      end

      # @param block [Models::Block]
      # @return [Hash] its document, with the units that were chosen for it, or those of the best way
      # @raise [Problem] where that is not known yet
      def self.document(block)
        pieces = block.pieces
        pieces = found(block) if pieces.empty? && !OakenGauge.soon_apart?(block.picture)
        OakenGauge.block(block.name, block.picture, pieces)
      end

      def self.found(block)
        known = Models::Job.of(block.maker, self, one_way({ **block.maker.question, **block.picture }))
        known&.answer&.dig("ways", 0, "pieces") or
          raise Problem.new(422, "#{block.name} has not been taken apart yet. Open the block and choose a way first.")
      end

      # The width alone says as much as height and width, since cells are square: one question, however it is asked.
      def self.one_way(question)
        question.merge("finished" => [question["finished"]].flatten.last)
      end
      private_class_method :found, :one_way

      # @param id [Integer] of a {Models::Job}
      # @return [void]
      def run(id)
        job = Models::Job.find_by(id: id) or return
        job.work { |told| OakenGauge.deconstruct(job.question, view: true, &told) }
      end
    end
  end
end
