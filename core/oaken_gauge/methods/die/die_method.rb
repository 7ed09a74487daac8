# frozen_string_literal: true

module OakenGauge
  module Methods
    module Die
      # Patches cut by steel shapes in a press.
      #
      # @abstract
      class DieMethod < Method
        # @return [Array<Tools::Setting>] one for each shape the unit needs
        def settings
          @settings ||= shapes.flat_map { |shape| settings_for(shape) }
        end

        # @return [Array<Stock::Blank>] a blank for every layer of every fabric
        def cuts
          @cuts ||= unit.class.roles.filter_map { |role| blanks(role) }
        end

        # @return [Hash{Symbol => Integer}] what the last layer gives too many
        def spare_patches
          cuts.to_h { |cut| [cut.role, (cut.count * die_for(shape(cut.role)).per_layer(shape(cut.role))) - patches_needed(cut.role)] }
        end

        # @return [Integer] passes through the press: fabrics share one, up to the smallest layer limit
        #   among them
        def passes
          return 0 if cuts.empty?

          (cuts.sum(&:count) / layer_limit.to_r).ceil
        end

        private

        def shapes
          unit.patches.map(&:shape).uniq
        end

        def match(shape)
          (@matches ||= {})[shape] ||= Tools::Matching.new(task.drawer.of(Tools::Die), shape, seam)
        end

        # Of the dies that make the shape and fit a press, the one that takes least cloth.
        def die_for(shape)
          (@dies ||= {})[shape] ||= dies(shape).min_by { |die| [presses_for(die).empty? ? 1 : 0, cloth_taken(die, shape)] }
        end

        def dies(shape)
          match(shape).exacts.map(&:tool).uniq
        end

        def cloth_taken(die, shape)
          (patches_needed(unit.class.roles.first) / die.per_layer(shape).to_r).ceil * die.blank.inject(:*)
        end

        def presses_for(die)
          task.drawer.of(Tools::DiePress).select { |press| press.takes?(die) }
        end

        def layer_limit
          cuts.map { |cut| die_for(shape(cut.role)).max_layers.fetch(task.fabric(cut.role).cloth) }.min
        end

        def blanks(role)
          die = die_for(shape(role)) or return
          layers = (patches_needed(role) / die.per_layer(shape(role)).to_r).ceil
          Stock::Blank.new(role: role, size: die.blank, count: layers, then_do: :die_cut,
                           drawing: -> { DiePicture.new(die, shape(role), seam).outlines })
        end

        def settings_for(shape)
          die = die_for(shape)
          return Refusals.new(self, match(shape), shape).settings unless die

          check_press(die)
          [setting(match(shape).exacts.find { |mark| mark.tool == die }, shape)]
        end

        def check_press(die)
          presses = task.drawer.of(Tools::DiePress)
          return refuse(:no_press, "#{die.name} needs a press, and there is none in the drawer. Add one.") if presses.empty?
          return unless presses_for(die).empty?

          widest = presses.max_by(&:bed_width)
          refuse(:die_too_wide, "#{die.name} is #{say(die.board.first)} wide; the bed of #{widest.name} takes #{say(widest.bed_width)}. " \
                                "Use a narrower die or a wider press.")
        end

        def setting(mark, shape)
          Tools::Setting.new(tool: mark.tool, side: mark.side, mark: mark.printed, reads: mark.reads,
                             off_by: mark.finished - shape.finished,
                             say: "#{mark.tool.name}: #{mark.tool.per_layer(shape)} shapes a layer, finished #{say(mark.finished)}.")
        end
      end
    end
  end
end
