# frozen_string_literal: true

module OakenGauge
  module Cutters
    # Steel shapes in a board, sent through a press with several layers of fabric.
    class Die < Cutter
      # @return [Layout::Blank, nil] a blank for every layer; nil when there is no die
      def cut(role, count)
        die or return
        Layout::Blank.new(role: role, size: die.blank, count: layers(role, count), then_do: :die_cut, die: die,
                         drawing: -> { laid_out(role) })
      end

      # @return [Integer] what the layers give too many
      def spare(role, count)
        die ? [(layers_for(role, count) * per_layer) - count - wanted(role, shape), 0].max : 0
      end

      # A board that holds other shapes too cuts them along: those that neither this fabric nor the block has a use for. They
      # are told of once, with the first shape that it is used for.
      # @return [Array<Array(Patches::Shape, Integer)>]
      def by_products(role, count)
        others(role, count).map { |held, cut| [held, [cut - wanted(role, held), 0].max] }
      end

      # @return [Array<Array(Patches::Shape, Integer)>] patches that come along and that the block needs
      def for_block(role, count)
        return [] unless die

        own = [shape, [(layers_for(role, count) * per_layer) - count, 0].max]
        [own, *others(role, count)].map { |held, cut| [held, [cut, wanted(role, held)].min] }
      end

      # @return [Array<Tools::Die::Shapes>] what cuts the patch
      def steel
        used(die)
      end

      # @return [Boolean] corners come notched, unless the die says otherwise
      def blunt?
        die&.notched? || false
      end

      # @return [Symbol]
      def tips
        blunt? ? :none : :all
      end

      # @return [Array<Tools::Setting>]
      def settings
        return no_die unless die

        check_press
        held = match.exacts.find { |mark| mark.tool == die }
        [setting_of(held, "#{die.name}: #{per_layer} shapes a layer#{finished_words}.#{powered_words}")]
      end

      # Of the dies that make the shape and fit a press, the one that takes least fabric for each.
      # @return [Tools::Die, nil]
      def die
        @die ||= match.exacts.map(&:tool).uniq.min_by do |one|
          [presses_for(one).empty? ? 1 : 0, one.blank.inject(:*) / used(one).sum(&:count)]
        end
      end

      private

      def laid_out(role)
        outline = die.notched? ? blunted(role) : shape.cut_outline(seam)
        Tools::DieLayout.new(die.blank, [[outline, per_layer]]).outlines
      end

      def errs
        %i[cut_with_die die]
      end

      # One layer gives every shape of the board: of several that a fabric is cut to, the one that needs most layers
      # tells how many.
      def layers_for(role, count)
        method.cuts.find { |cut| cut.role == role && cut.die.equal?(die) }&.count || layers(role, count)
      end

      # As many as the shape that needs most of them, those of the block too.
      def layers(role, count)
        besides = die.shapes.group_by(&:shape).map { |held, same| wanted(role, held).fdiv(same.sum(&:count)).ceil }
        [(count + wanted(role, shape)).fdiv(per_layer).ceil, *besides].max
      end

      def wanted(role, held)
        task.needed_besides(role).fetch(held, 0)
      end

      def others(role, count)
        used = method.cutters_of(role).select { |cutter| cutter.die.equal?(die) }
        return [] unless die && used.first.equal?(self)

        (die.shapes - used.flat_map(&:steel)).map { |held| [held.shape, held.count * layers_for(role, count)] }
      end

      # @return [Integer] how many of the patch one layer gives
      def per_layer
        used(die).sum(&:count)
      end

      # The shapes of a die that make the patch.
      def used(one)
        match.exacts.select { |mark| mark.tool == one }.map(&:held)
      end

      def match
        @match ||= task.matching(Tools::Die, shape)
      end

      def finished_words
        shape.finished.is_a?(Rational) ? ", finished #{say(shape.finished)}" : ""
      end

      # A powered press can catch fingers.
      def powered_words
        " #{presses_for(die).first.name} is powered: switch it off to clear it." if presses_for(die).first&.powered?
      end

      def presses_for(one)
        task.drawer.of(Tools::DiePress).select { |press| press.takes?(one) }
      end

      def check_press
        presses = task.drawer.of(Tools::DiePress)
        return no_press if presses.empty?
        return unless presses_for(die).empty?

        widest = presses.max_by(&:bed_width)
        refuse(:die_too_wide, "#{die.name} is #{say(die.board.first)} wide; the bed of #{widest.name} takes #{say(widest.bed_width)}. " \
                              "Use a narrower die or a wider press.")
      end

      def no_press
        refuse(:no_press, "#{die.name} needs a press, and there is none in the drawer. Add one.", lacks: :die_press)
      end

      def no_die
        near_misses(match, "There is no die for #{shape_words} in the drawer. Add one.", :die) do |near|
          "No die cuts this shape at #{say(shape.finished)} finished; the nearest: #{on_tools(near)}. " \
            "Change the size to one of these, or use another method."
        end
      end
    end
  end
end
