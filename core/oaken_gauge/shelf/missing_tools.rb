# frozen_string_literal: true

module OakenGauge
  module Shelf
    # What a drawer lacks for some units: those that no tool but a straight ruler has a line for, which one tool more
    # would serve most of them and what it would save, and the tools that none of them has a use for.
    class MissingTools
      # A unit, as it is weighed. - name: String; - task: {Weighing::Task}
      Asked = Struct.new(:name, :task, keyword_init: true)
      # One tool more. - units: [String] whose best method uses it; - fabric: square inches, - minutes: - saved over all of them
      Gain = Struct.new(:tool, :units, :fabric, :minutes, keyword_init: true)

      # Tools whose lines serve any size, and what has no lines.
      ANY_SIZE = [Tools::StraightRuler, Tools::SlottedRuler, Tools::MarkingAid, Tools::DiePress, Tools::CornerTrimmer].freeze
      # What saves less is not worth a word: square inches, and minutes.
      WORTH = { fabric: 5.0, minutes: 2.0 }.freeze

      # @param asked [Array<Asked>]
      def initialize(asked)
        @asked = asked
        @drawer = asked.first&.task&.drawer || []
      end

      # Setting triangles are cut from squares, and trimmed with the top: their size is on no ruler, and none is missed.
      # @return [Array<String>] units that no tool with sizes printed on it makes or trims
      def unreached
        @asked.reject do |one|
          one.task.unit.is_a?(Units::Triangle) || lines(one.task).any? do |laying|
            !ANY_SIZE.include?(laying.tool.class)
          end
        end.map(&:name)
      end

      # @return [Array<Tools::Tool>] those with sizes that have a line for no unit
      def idle
        used = @asked.flat_map { |one| lines(one.task).map(&:tool) }.uniq
        @drawer.reject { |tool| ANY_SIZE.include?(tool.class) || used.include?(tool) }
      end

      # @return [Array<Gain>] what serves most units first
      def gains
        (Tools::Usual.all - owned).filter_map { |tool| gain(tool) }.sort_by { |gain| [-gain.units.size, -gain.minutes, gain.tool.name] }
      end

      private

      def lines(task)
        WhichLine::Answer.new(task).groups.flat_map(&:layings)
      end

      # A usual tool that has a like in the drawer, whatever it is called.
      def owned
        Tools::Usual.all.select { |tool| @drawer.any? { |own| own.instance_of?(tool.class) && alike(own) == alike(tool) } }
      end

      def alike(tool)
        tool.to_document.except("id", "name")
      end

      def gain(tool)
        served = changes(tool)
        return if served.empty?

        fabric, minutes = %i[fabric minutes].map { |what| served.sum { |_, before, after| before[what] - after[what] } }
        Gain.new(tool: tool, units: served.map { |one, *| one.name }, fabric: fabric, minutes: minutes)
      end

      # Units that it serves, each with its figures before and after.
      def changes(tool)
        with = companions(tool)
        useful = @asked.select { |one| useful?(one.task, tool) }
        useful.map { |one| [one, *change(one.task, with)] }.select { |_, before, after| saves?(before, after) }
      end

      # A die is of no use without a press.
      def companions(tool)
        press = Tools::Usual.all.find { |one| one.is_a?(Tools::DiePress) }
        tool.is_a?(Tools::Die) && @drawer.none?(Tools::DiePress) ? [tool, press] : [tool]
      end

      def useful?(task, tool)
        tool.is_a?(Tools::MarkingAid) || lines(task.with_drawer([tool])).any?
      end

      # The best method's figures without and with it; its own only where it uses the tool.
      def change(task, tools)
        before = (@best ||= {}.compare_by_identity)[task] ||= figures(task, nil)
        [before, figures(task.with_drawer([*task.drawer, *tools]), tools.first)]
      end

      def figures(task, tool)
        best = Weighing::Weigher.new(task).outcomes.find(&:feasible?) or return { fabric: 0.0, minutes: 0.0, used: false }
        used = tool && (best.settings.any? { |setting| setting.tool == tool } || tool.is_a?(Tools::MarkingAid))
        { fabric: best.waste[:net], minutes: best.minutes, used: used }
      end

      def saves?(before, after)
        after[:used] && WORTH.any? { |what, least| before[what] - after[what] >= least }
      end
    end
  end
end
