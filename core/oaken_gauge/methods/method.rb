# frozen_string_literal: true

module OakenGauge
  module Methods
    # A way of making a unit. One class a method, one file a class; the file declares which units it
    # makes, what is cut, and the steps in order. Everything else (cloth, effort, words, drawings)
    # follows from those.
    #
    # @abstract A family gives {#settings}; see {Declarations} for what a method declares.
    class Method
      extend Declarations
      include Cutting

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

      # @return [Weighing::Makes]
      def makes
        @makes ||= Weighing::Makes.new(per_set: self.class.per_set, needed: unit.count)
      end

      # @return [Array<Tools::Setting>] which tool, at which mark
      def settings
        []
      end

      # @return [Array<Stock::Piece, Stock::Run, Stock::Blank>] what is cut for the whole demand
      def cuts
        @cuts ||= self.class.cuts.flat_map { |declared| declared.for(self) }
      end

      # Patches cut that no unit needs: the half of a square too many, the shapes of a last layer.
      # @return [Hash{Symbol => Integer}] by role
      def spare_patches
        {}
      end

      # @return [Array<Step>] in the order of work, for the whole demand
      def steps
        self.class.steps.filter_map { |declared| declared.for(self) }
      end

      # @return [Hash{Stock::Piece, Stock::Run, Stock::Blank => Stock::Allocation}]
      def allocations
        @allocations ||= cuts.to_h { |cut| [cut, task.fabric(cut.role).allocate(cut, task.measure)] }
      end

      # Adds a reason why the method cannot be used.
      # @return [nil]
      def refuse(code, say)
        problems << Problem.new(code: code, say: say)
        nil
      end

      # @param size [Numeric] inches
      # @return [String] as it is said, in the document's unit of measure
      def say(size)
        Length.new(size, task.measure).to_s
      end
    end
  end
end
