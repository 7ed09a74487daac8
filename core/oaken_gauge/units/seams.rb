# frozen_string_literal: true

module OakenGauge
  module Units
    # Which patches of a unit are sewn to which, and how long the seams are.
    module Seams
      # How far apart edges may lie and still be the two sides of one seam, inches.
      NEAR = 1e-6

      # In the order of sewing, the patches on either side of each seam, by their place in
      # {Unit#patches}. The first side stays where it is; the other is opened away from it.
      # @return [Array<Array(Array<Integer>, Array<Integer>)>]
      def joins
        []
      end

      # @return [Array<Float>] finished lengths of the seams, inches, in the order of sewing
      def seams
        frame.joints.map(&:length)
      end

      # The same units in another count have one frame, and a fence that is dragged comes by the same sizes again.
      FRAMES = Memo.new(200)
      private_constant :FRAMES

      # @return [Construction::Frame] edges, seams and points of the finished unit
      def frame
        @frame ||= FRAMES.fetch([self.class, values.except(:count, :hands)]) { Construction::Frame.new(self) }
      end
    end
  end
end
