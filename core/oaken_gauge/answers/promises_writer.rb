# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes what is promised of each fabric, and what is left.
    class PromisesWriter
      # @param promises [Shelf::Promises]
      def initialize(promises)
        @promises = promises
      end

      # @return [Hash{String => Hash}] by the fabric's id
      def write
        @promises.all.transform_values { |promise| written(promise) }
      end

      private

      def written(promise)
        { "promised" => words(promise.fabric, promise.amount), "holds" => holds(promise), "left" => left(promise),
          "lengths" => lengths(promise), "twice" => promise.twice?, "say" => say(promise), "by" => shares(promise) }
      end

      def shares(promise)
        promise.shares.map { |share| share(promise, share) }
      end

      # For a drawing of it, inches: what each project takes, and what is more than there is.
      def lengths(promise)
        length = ShelfLengthWriter.new(promise.fabric)
        { "taken" => promise.shares.map do |share|
          length.length_of(share.amount)
        end, "over" => length.length_of([-(promise.left || 0), 0].max) }
      end

      def left(promise)
        words(promise.fabric, [promise.left, 0].max, round: :floor) if promise.left
      end

      def holds(promise)
        with_unit(promise.fabric, promise.fabric.holds) if promise.fabric.holds
      end

      def share(promise, share)
        short = promise.short(share)
        { "project" => share.project, "id" => share.id, "units" => share.units, "takes" => words(promise.fabric, share.amount),
          "needed" => with_unit(promise.fabric, share.amount), "buy" => (bought(promise.fabric, short) if short.positive?) }
      end

      # As it stands by itself, in a table.
      def with_unit(fabric, amount)
        told = words(fabric, amount)
        fabric.bolt? && fabric.written_in == :inch ? "#{told} in" : told
      end

      # As shops sell it: a length by the eighth of a yard or ten centimetres, anything else by the piece.
      def bought(fabric, amount)
        return words(fabric, amount) unless fabric.bolt?

        measure = fabric.written_in
        bolt = QuiltWriter::BOLT.fetch(measure).ceil(amount)
        measure == :inch ? "#{Length.new(bolt / QuiltWriter::YARD)} yd" : QuiltWriter.written(bolt, measure)
      end

      def say(promise)
        return over(promise) if promise.twice?

        by = promise.shares.map { |share| "#{share.project} takes #{words(promise.fabric, share.amount)}" }.join(", ")
        promise.left ? "#{by}; #{words(promise.fabric, promise.left, round: :floor)} left." : "#{by}; how much there is was not entered."
      end

      def over(promise)
        names = promise.shares.map(&:project)
        more = words(promise.fabric, -promise.left)
        return "#{names.first} takes #{more} more than there is." if names.one?

        "Promised twice: #{names[0..-2].join(', ')} and #{names.last} together take #{more} more than there is."
      end

      # Lengths are cut on eighths, or on millimetres: what is taken is rounded up to one, what is left down.
      def words(fabric, amount, round: :ceil)
        fabric.amount_words(amount, fabric.written_in, round: round)
      end
    end
  end
end
