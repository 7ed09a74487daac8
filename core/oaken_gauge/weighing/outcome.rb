# frozen_string_literal: true

module OakenGauge
  module Weighing
    # One method weighed: whether it can be used, and what it would take. Its figures are in the order
    # in which a maker asks for them.
    class Outcome
      # @return [Methods::Method]
      attr_reader :way
      # @return [Array<Problem>]
      attr_reader :problems
      # @return [Array<Tools::Setting>]
      attr_reader :settings
      # @return [Integer, nil] 1 for the best; nil when it cannot be used
      attr_accessor :rank
      # @return [Float, nil] the mean of what it is worth by all that counts, in steps of which one is half the fabric or half the time
      attr_accessor :score
      # @return [Outcome, nil] one that is as good or better on every count
      attr_accessor :beaten_by
      # @return [Symbol, nil] what put it below the one above it: :habit, :beaten, one of the {Comparing::Figures}, or one of
      #   {Comparing::Ranking::PREFERRED}; nil where nothing did
      attr_accessor :below_for
      # @return [String] why it ranks where it does
      attr_accessor :why

      # @param way [Methods::Method]
      def initialize(way)
        @way = way
        @settings = way.settings + way.chart_settings
        @problems = way.problems + (way.problems.empty? ? shortages : [])
      end

      # @return [Boolean]
      def feasible?
        problems.empty?
      end

      # @return [Hash{Symbol => FabricParts}] by role
      def fabric
        @fabric ||= begin
          parts = way.unit.class.roles.to_h { |role| [role, fabric_of(role)] }
          FabricParts.shared(parts) { |role| way.task.fabric(role).object_id }
        end
      end

      # @return [Hash{Symbol => Float}] all fabrics together
      def waste
        @waste ||= begin
          parts = %i[consumed in_units surplus offcut lost].to_h { |part| [part, fabric.values.sum(&part)] }
          parts.merge(net: parts[:consumed] - parts[:offcut],
                      lost_share: parts[:consumed].zero? ? 0.0 : parts[:lost] / parts[:consumed])
        end
      end

      # @return [Float] square inches that are taken from stock and do not go back as something that is of use elsewhere
      def used_up
        @used_up ||= waste[:consumed] - way.allocations.each_value.sum { |taken| taken.sheets.sum(&:useful_area) }.to_f
      end

      # @return [Integer] how many techniques there are to get ready, and to learn
      def techniques
        way.parts.size
      end

      # @return [String] what was taken from stock to get them, all fabrics together
      def taken
        things = way.allocations.each_with_object(Hash.new(0)) do |(cut, allocation), counted|
          counted[way.task.fabric(cut.role).counted(allocation)] += allocation.taken
        end
        things.reject { |_, count| count.zero? }.map { |thing, count| "#{count} #{thing}#{'s' unless count == 1}" }.join(", ")
      end

      # @return [Array<Methods::Spare>] patches left over
      def spares
        @spares ||= way.spares
      end

      # @return [Array<Methods::Step>]
      def steps
        way.work
      end

      # @return [Methods::Timing]
      def timing
        @timing ||= Methods::Timing.new(steps, way.task.maker, techniques: techniques)
      end

      # @return [Float]
      def minutes
        @minutes ||= timing.total / 60.0
      end

      # @return [Symbol] :measured when every time in it was taken
      def time_basis
        way.task.maker.profile.basis_of(steps.flat_map { |step| step.operation.takes }.uniq)
      end

      # @return [ErrorModel::Accuracy] how true the units come out
      def accuracy
        way.accuracy
      end

      # How much there is to learn, for a beginner: kinds of step, raw edges on the bias, and lines
      # between the heavy ones that have to be found.
      # @return [Integer]
      def difficulty
        @difficulty ||= way.operations.count { |operation| operation.role != :check } + accuracy.bias_edges +
                        way.settings.count(&:between_lines?)
      end

      # @return [Boolean] whether whole units are trimmed to size
      def trimmed?
        way.trimming.is_a?(Construction::Trimming)
      end

      # @return [Array<Comparing::Warnings::Warning>]
      def warnings
        @warnings ||= Comparing::Warnings.new(self).all
      end

      # @param what [Symbol] :cuts, :passes, :placements or :alignments
      # @return [Integer] over all steps
      def total(what)
        steps.sum { |step| step.count * step.operation.public_send(what) }.ceil
      end

      # @return [Array<Symbol>] what can hurt, in order of work
      def cares
        steps.filter_map { |step| step.operation.care }.uniq
      end

      private

      def shortages
        alone = way.allocations.values.filter_map(&:short)
        alone.empty? ? together : alone
      end

      # Cuts that would each do from one stock may be too many for it together.
      def together
        way.by_fabric.filter_map do |cuts|
          fabric = way.task.fabric(cuts.first.role)
          fabric.shortage(Saying.list(cuts.map(&:role).uniq), way.allocations.fetch_values(*cuts), way.task.measure)
        end
      end

      def fabric_of(role)
        needed, over = [way.unit.count, way.makes.surplus].map { |units| units * way.fabric_of(role) }
        FabricParts.new(allocations: taken_for(role), in_units: needed + fabric_in(way.for_block, role),
                        surplus: over + fabric_in(spares, role))
      end

      def taken_for(role)
        way.allocations.filter_map { |cut, taken| taken if cut.role == role }
      end

      def fabric_in(patches, role)
        patches.select { |spare| spare.role == role }.sum(0.0) { |spare| spare.area(way) }
      end
    end
  end
end
