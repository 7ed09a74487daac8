# frozen_string_literal: true

module OakenGauge
  module WhichLine
    # Which line of which tool for a unit at a size: every tool in the drawer that has one, laid on the fabric, and the
    # nearest lines of those that have none.
    class Answer
      # By the class of the tool.
      LAYERS = { Tools::StraightRuler => Straight, Tools::StripTriangleRuler => OnStrip, Tools::SlottedRuler => Slots,
                 Tools::WedgeRuler => Wedges, Tools::Template => WholeShapes, Tools::Die => WholeShapes }.freeze
      # What is laid on the sewn unit, or takes the unit whole.
      WHOLE = { Tools::UnitTrimmer => Trimming, Tools::SeamLockTrimmer => Trimming, Tools::GeeseTrimmer => Trimming,
                Tools::FoundationGrid => FoundationSheets, Tools::Chart => ChartLines }.freeze

      # Tools for one patch, or for the whole unit. - shape: {Patches::Shape}, nil for the unit
      Group = Struct.new(:shape, :roles, :layings, :missing, keyword_init: true)

      # @param task [Weighing::Task]
      def initialize(task)
        @task = task
      end

      # @return [Array<Group>] each patch, then the unit; those that no tool in the drawer has to do with, too
      def groups
        patches + [group(nil, [], WHOLE)].reject { |whole| whole.layings.empty? && whole.missing.empty? }
      end

      # @return [Array<Rational>] height and width as they are before the unit is sewn in, inches
      def unfinished
        @task.unit.side_lengths.map { |side| side + (2 * @task.seam) }
      end

      # What was typed may be an unfinished size: taking two allowances off gives whole numbers, where it has none itself.
      # @return [Array<Rational>, nil] the sides it would finish at then
      def suspected
        sides = @task.unit.side_lengths
        less = sides.map { |side| side - (2 * @task.seam) }
        less if less.all? { |side| side.positive? && whole?(side) } && sides.none? { |side| whole?(side) }
      end

      private

      def whole?(side)
        (side / Length::MEASURES.fetch(@task.measure)).denominator == 1
      end

      def patches
        @task.unit.patches.group_by(&:shape).map { |shape, list| group(shape, list.map(&:role).uniq, LAYERS) }
      end

      def group(shape, roles, kinds)
        layers = @task.drawer.filter_map { |tool| kinds[tool.class]&.new(@task, tool, shape) }
        Group.new(shape: shape, roles: roles, layings: layers.filter_map(&:laying), missing: layers.filter_map(&:missing))
      end
    end
  end
end
