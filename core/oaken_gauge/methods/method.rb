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
      include Charted

      # @return [Weighing::Task]
      attr_reader :task
      # @return [Array<Problem>] why it cannot be used; empty when it can
      attr_reader :problems

      # @param task [Weighing::Task]
      def initialize(task)
        @task = task
        @problems = []
      end

      # @return [Units::Unit]
      def unit
        task.unit
      end

      # @return [Rational] the seam allowance, inches
      def seam
        task.seam
      end

      # @return [Array<Method>] those that make the units: itself, unless it puts several together
      def parts
        [self]
      end

      # @return [Weighing::Makes]
      def makes
        @makes ||= Weighing::Makes.new(per_set: self.class.per_set, needed: unit.count, hands: unit.hands)
      end

      # @return [Array<Tools::Setting>] which tool, at which mark: here, straight rulers for the pieces
      def settings
        @settings ||= cuts.flat_map { |cut| Cutters::Rulers.new(self).settings(cut.size, diagonal: !cut.marks.empty?) }.uniq
      end

      # @return [Array<Stock::Piece, Stock::Run, Stock::Blank>] what is cut for the whole demand
      def cuts
        @cuts ||= self.class.cuts.flat_map { |declared| declared.for(self) }.reject { |cut| cut.count.zero? }
      end

      # Patches and units made that nobody needs yet, besides whole units beyond the demand.
      # @return [Array<Weighing::Spare>]
      def spares
        []
      end

      # @return [Array<Step>] in the order of work, for the whole demand
      def steps
        [*in_round_0(cutting_steps), *Batching.new(parts.map(&:making_steps)).steps.chunk_while { |one, other| one.round == other.round }
                                              .flat_map { |round| [*round, *ears_off(round.first.round), *check_round(round.first.round)] }]
      end

      # @param round [Integer]
      # @return [Integer] dog ears that stand out past all units when the seams of a round are pressed; those of a unit that is
      #   trimmed go with the trimming, and there are none where tips are off already
      def dog_ears(round)
        return 0 if trimming

        ears = unit.frame.dog_ears(seam, unit.patches.map { |patch| tips(patch) })
        makes.made * ears.values_at(*unit.frame.rounds(seam)[round - 1]).sum
      end

      # @param _patch [Units::Patch]
      # @return [Symbol] which of its tips are left sharp, see {Construction::DogEars}
      def tips(_patch)
        :all
      end

      # @param round [Integer]
      # @return [Array<Numeric>, nil] what a piece measures when a round is done, where that can be measured, inches
      def size_after(round)
        unfinished if round == rounds && rectangular?
      end

      # @return [Array<Step>] what is done with the patches when they are cut
      def making_steps
        self.class.steps.filter_map { |declared| declared.for(self) }
      end

      # @return [Weighing::Accuracy] how true the units come out
      def accuracy
        @accuracy ||= Weighing::Accuracy.new(self)
      end

      # @return [Hash{Stock::Piece, Stock::Run, Stock::Blank => Stock::Allocation}]
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

      # Adds a reason why the method cannot be used; each is said once.
      # @return [nil]
      def refuse(code, say)
        problem = Problem.new(code: code, say: say)
        problems << problem unless problems.include?(problem)
        nil
      end

      # @param size [Numeric, Array<Numeric>] inches
      # @return [String] as it is said, in the document's unit of measure; what is on no ruler as a
      #   decimal
      def say(size)
        [size].flatten.map { |length| Length.saying(length, task.measure) }.join(" × ")
      end

      private

      def in_round_0(steps)
        [*steps, check_step].compact.map { |step| Step.new(**step.to_h, round: 0) }
      end

      # One is made whole and measured before the batch, where there is anything to sew.
      def check_step
        return if unit.joins.empty? || !rectangular?

        Step.new(operation: Operations.fetch(:check_one), count: 1, on: measuring(unfinished))
      end

      def ears_off(round)
        [step(:trim_ears, parts.sum { |part| part.dog_ears(round) }, round: round)].compact
      end

      # What it should measure is looked at after every round, before the next is sewn to it.
      def check_round(round)
        size = parts.one? && size_after(round)
        [Step.new(operation: Operations.fetch(:measure_round), count: 1, on: measuring(size), round: round)] if size
      end

      def measuring(size)
        sides = size.map { |side| by_ruler(side) }
        sides.uniq.one? ? "#{sides.first} square" : sides.join(" × ")
      end

      # What is on no ruler is read beside the nearest line, however coarsely she cuts.
      def by_ruler(side)
        return say(side) if side.is_a?(Rational)

        step = task.grid.step
        step /= 2 while step > Sizes::EIGHTH
        near = Grid.new(step).nearest(side)
        return say(near) if (near - side).abs < Plane::FITTING

        "a little #{side > near ? 'over' : 'under'} #{say(near)}"
      end

      def unfinished
        unit.side_lengths.map { |side| side + (2 * seam) }
      end

      # Other outlines have no sides to lay a ruler across.
      def rectangular?
        (unit.outline.area - (unit.outline.width * unit.outline.height)).abs < Plane::FITTING
      end

      def rounds
        @rounds ||= Batching.new([making_steps]).steps.last&.round
      end

      # Roles may be cut from one fabric.
      def by_fabric
        cuts.group_by { |cut| task.fabric(cut.role).object_id }.values
      end
    end
  end
end
