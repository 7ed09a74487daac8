# frozen_string_literal: true

module OakenGauge
  module Comparing
    # What has to be watched with this very method, these tools and this fabric. What makes a method
    # useless is a problem and stands there; this is what spoils fabric on the way.
    class Warnings
      # - code: Symbol; - say: a sentence
      Warning = Struct.new(:code, :say, keyword_init: true)

      # Too many units that leave nothing to trim.
      SCANT = 0.01
      # From selvage to selvage fabric is this wide or wider, inches.
      WITH_SELVAGE = 42
      # Through so many layers a cut stays true.
      TRUE_LAYERS = Makers::Maker::MOST_LAYERS
      # What a number along a strip may mean, and what it is taken for.
      MEANINGS = { finished: ["finished size", "strip width"], strip: ["strip width", "finished size"] }.freeze

      # @param outcome [Outcome]
      def initialize(outcome)
        @outcome = outcome
        @way = outcome.way
      end

      # @return [Array<Warning>] in the order of work
      def all
        [selvage, chart, crooked_fold, between_lines, long_line, meaning, turned, one_hand, swapped, layers, many_layers, directional,
         off_grain, per_set, hands, *@way.parts.flat_map(&:remarks), trim]
          .compact.map do |code, say|
          Warning.new(code: code, say: say)
        end
      end

      private

      def task
        @way.task
      end

      def fabrics
        task.fabrics.values
      end

      def operation?(*names)
        @way.operations.any? { |operation| names.include?(operation.name) }
      end

      def selvage
        wide = fabrics.select(&:bolt?).map(&:usable_width).max
        return unless wide && wide >= WITH_SELVAGE

        [:selvage, "A usable width of #{@way.say(wide)} is as wide as fabric comes: be sure no selvage is counted."]
      end

      def chart
        small = @way.charted_too_small
        return if small.empty?

        name = @way.charted.first.name
        [:chart_too_small, "#{name} says too little for a seam allowance of #{@way.say(task.seam)}: #{small.join('; ')}."]
      end

      def crooked_fold
        return unless fabrics.any?(&:bolt?) && operation?(:cut_strip, :cut_strip_slots)

        [:crooked_fold, "Fold the fabric true before strips are cut: a crooked fold gives a strip with a bend in it."]
      end

      # 2 7/8 is easily read as 2 3/4; a half is easily found.
      def between_lines
        lines = @way.settings.select(&:between_lines?).uniq(&:mark)
        return if lines.empty?

        [:between_lines, "Read the line twice: #{lines.map { |line| not_the_next(line) }.join('; ')}."]
      end

      def not_the_next(setting)
        [setting.mark, setting.mark - setting.tool.step].map { |line| setting.tool.line(line, task.measure) }.join(", not ")
      end

      # A square that is quartered first needs a long line, but no long cut.
      def long_line
        reach = task.drawer.of(Tools::StraightRuler).map(&:reach).max or return
        longest = @way.cuts.select { |cut| cut.then_do == :mark_both_diagonals }.map { |cut| cut.size.max * SQRT2 }.max
        return unless longest && longest > reach

        [:long_line, "The drawn line is #{@way.say(task.grid.ceil(longest))} long, longer than your ruler: draw it in two goes."]
      end

      # A finished number read as a strip width, or the reverse, costs two allowances.
      def meaning
        setting = @way.settings.find { |one| along_strips?(one.tool) && MEANINGS.key?(one.reads) } or return

        reads, other = MEANINGS.fetch(setting.reads)
        [:meaning, "The #{setting.tool.line(setting.mark, task.measure)} on #{setting.tool.name} is the #{reads}, not the #{other}."]
      end

      def along_strips?(tool)
        tool.is_a?(Tools::StripTriangleRuler) || tool.is_a?(Tools::WedgeRuler)
      end

      def turned
        return unless operation?(:cut_triangle) && @way.settings.any? { |one| one.tool.is_a?(Tools::StripTriangleRuler) }

        return if fabrics.any?(&:directional?)

        [:turned_over, "Rotate the ruler 180° between cuts, don't flip it."]
      end

      def one_hand
        return unless operation?(:lay_folded)

        [:one_hand, "Cut the sky from strips folded right sides together: single, all the same way up, they come out of one hand."]
      end

      def swapped
        way = @way.parts.find { |part| part.class.large_square } or return

        large, small = %i[goose sky].sort_by { |role| -way.piece_of(role).size.max }
        [:swapped, "The large square is the #{large}, #{@way.say(way.piece_of(large).size.max)}; the small one the #{small}, " \
                   "#{@way.say(way.piece_of(small).size.max)}. Swapped, every goose is wrong."]
      end

      def layers
        die = @way.cuts.find(&:die) or return
        most = @way.cuts.select(&:die).map { |cut| die.die.max_layers.fetch(task.fabric(cut.role).cloth) }.min
        [:layers, "At most #{most} layers of this fabric in one pass."]
      end

      def many_layers
        most = @outcome.steps.filter_map { |step| step.layers if step.stacked? }.max or return
        return unless most > TRUE_LAYERS

        [:many_layers, "Through #{most} layers the lower ones come out less true: press hard, or cut through #{TRUE_LAYERS}."]
      end

      def off_grain
        [:off_grain, "The blanks lie off grain: patches may stretch along the feed."] if operation?(:cut_blank_off_grain)
      end

      def directional
        return unless fabrics.any?(&:directional?)

        [:directional, "A print with a direction may not be turned: lay every piece the same way up."]
      end

      def per_set
        each, needed = %i[per_set needed].map { |part| @way.makes.public_send(part) }
        [:per_set, "One set makes #{each} units: for #{needed} cut #{Saying.many(@way.makes.sets, 'set')}, not #{needed}."] if each > 1
      end

      def hands
        left, right = @way.makes.by_hand&.values_at(:left, :right)
        return unless left && (left[:surplus] + right[:surplus]).positive?

        over = left[:surplus].positive? ? "#{left[:surplus]} lefts" : "#{right[:surplus]} rights"
        [:hands, "Every set gives a left and a right: #{over} are left over."]
      end

      def trim
        return unless @outcome.accuracy.too_small > SCANT

        [:nothing_to_trim, "A seam taken too deep leaves nothing to trim: sew scant, or cut with a larger margin."]
      end
    end
  end
end
