# frozen_string_literal: true

module OakenGauge
  module Methods
    # A way of making a unit. One class a method, one file a class; the file declares which units it
    # makes, what is cut, and the steps in order. Everything else (fabric, effort, words, drawings)
    # follows from those.
    #
    # @abstract See {Declarations} for what a method declares. {PatchesMethod} is for units made of
    #   patches that are each cut by themselves.
    class Method
      extend Declarations
      include Sizes
      include CuttingSteps
      include Making
      include Rounds
      include Charted

      # @return [Weighing::Task]
      attr_reader :task
      # @return [Units::Unit]
      attr_reader :unit
      # @return [Rational] the seam allowance, inches
      attr_reader :seam
      # @return [Array<Problem>] why it cannot be used; empty when it can
      attr_reader :problems

      # @param task [Weighing::Task]
      def initialize(task)
        @task = task
        @unit = task.unit
        @seam = task.seam
        @problems = []
      end

      # @return [Array<Method>] those that make the units: itself, unless it puts several together
      def parts
        [self]
      end

      # @return [Makes]
      def makes
        @makes ||= Makes.new(per_set: self.class.per_set, needed: unit.count, hands: unit.hands)
      end

      # @return [Array<Tools::Setting>] which tool, at which mark: here, straight rulers for the pieces
      def settings
        @settings ||= cuts.map { |cut| [cut.size, !cut.marks.empty?] }.uniq
                          .flat_map { |size, diagonal| Settings::Rulers.new(self).settings(size, diagonal: diagonal) }.uniq
      end

      # @return [Array<Layout::Piece, Layout::Run, Layout::Blank>] what is cut for the whole demand
      def cuts
        @cuts ||= self.class.cuts.flat_map { |declared| declared.for(self) }.reject { |cut| cut.count.zero? }
      end

      # Patches and units made that nobody needs yet, besides whole units beyond the demand.
      # @return [Array<Spare>]
      def spares
        []
      end

      # @return [Array<Spare>] patches that the block needs besides these units, and that come along
      def for_block
        []
      end

      # @return [Array<Array(Symbol, String)>] what is to be known of it beside its steps: codes and sentences
      def remarks
        []
      end

      # @return [Array<Step>] in the order of work, for the whole demand
      def steps
        batched = Batching.new(parts.map(&:making_steps)).steps
        @rounds = batched.last&.round
        sewn = batched.chunk_while { |one, other| one.round == other.round }.flat_map { |steps| whole_round(steps) }
        [*cutting_steps, check_step, *sewn, *(measure_last(0) unless @rounds)].compact
      end

      # @return [Array<Step>] what is done with the patches when they are cut
      def making_steps
        self.class.steps.filter_map { |declared| declared.for(self) }
      end

      # @return [ErrorModel::Accuracy] how true the units come out
      def accuracy
        @accuracy ||= ErrorModel::Accuracy.of(self)
      end

      # @return [ErrorModel::Sampling] so many units made at random, to check that by
      def sample(count:, seed:)
        ErrorModel::Sampling.new(self, accuracy, count: count, seed: seed)
      end

      # @return [Hash{Layout::Piece, Layout::Run, Layout::Blank => Layout::Allocation}]
      def allocations
        @allocations ||= begin
          of_each = by_fabric.map { |same| task.fabric(same.first.role).allocate_all(same, task.measure) }
          cuts.each_with_object({}.compare_by_identity) { |cut, taken| taken[cut] = of_each.find { |one| one.key?(cut) }[cut] }
        end
      end

      # @param role [Symbol]
      # @return [Float] square inches of a fabric in one unit made this way
      def fabric_of(role)
        unit.fabric_of(role, seam)
      end

      # Adds a reason why the method cannot be used, and the kind of tool that is missing; each is said once.
      # @return [nil]
      def refuse(code, say, lacks: nil)
        problem = Problem.new(code: code, say: say, lacks: lacks)
        problems << problem unless problems.include?(problem)
        nil
      end

      # @param size [Numeric, Array<Numeric>] inches
      # @return [String] as it is said, in the document's unit of measure; what is on no ruler as a
      #   decimal
      def say(size)
        Length.saying(size, task.measure)
      end

      # @return [Array<Array<Layout::Cut>>] its cuts, those of one fabric together: roles may be cut from one
      def by_fabric
        @by_fabric ||= cuts.group_by { |cut| task.fabric(cut.role).object_id }.values
      end
    end
  end
end
