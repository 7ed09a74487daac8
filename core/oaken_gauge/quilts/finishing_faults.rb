# frozen_string_literal: true

module OakenGauge
  module Quilts
    # What is wrong with a binding and a backing: strips that are wider than their fabric cannot be joined, and panels that are all seam
    # cover nothing.
    class FinishingFaults
      # @param asked [Quilt::Asked]
      # @param backing [Question::Backing, nil]
      def initialize(asked, backing)
        @strip = asked.binding.first
        @usable = asked.usable
        @backing = backing&.usable_width
        @seam = asked.seam
      end

      # @return [Array<Fault>]
      def all
        [(binding if @strip >= @usable), (backing if @backing && @backing <= 2 * @seam)].compact
      end

      private

      def binding
        fault("/binding/strip", "is #{say(@strip)}: allowed is less than its fabric is wide, #{say(@usable)}")
      end

      def backing
        fault("/backing/usable_width", "is #{say(@backing)}: allowed is more than both its seams take, #{say(2 * @seam)}")
      end

      def say(length)
        Length.new(length).to_s
      end

      def fault(pointer, message)
        Documents::Fault.new(pointer: pointer, message: message)
      end
    end
  end
end
