# frozen_string_literal: true

module OakenGauge
  module Methods
    module Rotary
      # Sets of several sizes and single units together, just as many as are needed: twelve half-square triangle
      # units are one set of eight and two sets of two. Of the ways to share them out the one that leaves least over,
      # then uses least fabric, then has fewest sets. What sets of one size do as well is left to them.
      class Mixed < Method
        NOTHING_TO_MIX = Problem.new(code: :nothing_to_mix,
                                     say: "A mix saves nothing here: sets of one size do as well by themselves.").freeze

        title "Mixed sets"
        makes :half_square, :hourglass, :three_triangle, :flying_geese

        # @param task [Weighing::Task]
        # @param parts [Array<Method>, nil] how they are shared out; by itself it finds the best way
        def initialize(task, parts = nil)
          super(task)
          @parts = parts
        end

        # @return [Array<Method>] each with the units that it makes
        def parts
          @parts ||= best&.parts || []
        end

        # @return [Array<Problem>]
        def problems
          parts.empty? ? @refused ||= refused : super
        end

        # @return [Array<Tools::Setting>]
        def settings
          @settings ||= parts.flat_map(&:settings).uniq
        end

        # @return [MixedMakes]
        def makes
          @makes ||= MixedMakes.new(parts: parts, needed: unit.count, hands: unit.hands)
        end

        # @return [Array<Layout::Piece>]
        def cuts
          @cuts ||= @best ? @best.cuts : parts.flat_map(&:cuts)
        end

        # @return [Hash] what was laid out to find the best way is not laid out again
        def allocations
          @best ? @best.allocations : super
        end

        # @return [Array<Step>] as they were timed to find it
        def work
          @best ? @best.work : super
        end

        # @return [Array<Spare>] alike together
        def spares
          parts.flat_map(&:spares).group_by { |spare| [spare.role, spare.shape] }
               .map { |(role, shape), same| Spare.new(role: role, shape: shape, count: same.sum(&:count)) }
        end

        # @param role [Symbol]
        # @return [Float] square inches of a fabric in one unit, on average
        def fabric_of(role)
          parts.sum { |part| part.makes.made * part.fabric_of(role) } / makes.made
        end

        # Units come out of a method alike, however many are made by it.
        # @return [ErrorModel::MixedAccuracy]
        def accuracy
          @accuracy ||= ErrorModel::MixedAccuracy.of(parts.map { |part| [task.way(part.class).accuracy, part.makes.made] })
        end

        # @return [ErrorModel::MixedSample]
        def sample(**asked)
          ErrorModel::MixedSample.new(parts.map { |part| [task.way(part.class).sample(**asked), part.makes.made.fdiv(makes.made)] })
        end

        private

        def best
          @best ||= sharing_out.best
        end

        def sharing_out
          @sharing_out ||= SharingOut.new(self, combined)
        end

        # The methods that can be used, by themselves: sets of several and single units.
        def combined
          others = Methods.making(unit).select do |method|
            method.family == self.class.family && !%i[oversize narrow].include?(method.school)
          end
          (others - [self.class]).map { |method| task.way(method) }
        end

        def refused
          return combined.first.problems if combined.none? { |way| way.problems.empty? }

          [sharing_out.shortage || NOTHING_TO_MIX]
        end
      end
    end
  end
end
