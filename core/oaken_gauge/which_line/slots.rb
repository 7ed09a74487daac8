# frozen_string_literal: true

module OakenGauge
  module WhichLine
    # A slotted ruler: in which slots strips of the patch's width are cut, and how far it is moved in between.
    class Slots < Layer
      # @return [Laying, nil]
      def laying
        placements = tool.sequence(width, tool.strips_at_once(width))
        return if placements.empty? || placements.size > 8

        Laying.new(tool: tool, mark: line(width), reads: :cut, steps: placements.map { |one| words(one) }, scene: scene(placements))
      end

      # @return [Missing, nil]
      def missing
        return if laying

        Missing.new(tool: tool, say: "No strips #{say(width)} wide come from its slots: they are every #{line(tool.slot_step)} up to " \
                                     "#{line(tool.reach)}.")
      end

      private

      # What is cut to squares is cut from strips as wide; the rest from strips as high as the patch.
      def width
        @width ||= Grid.new(1/8r).ceil(shape.rotary? ? shape.piece_size(seam).min : shape.strip_width(seam))
      end

      def words(placement)
        slots = placement.slots.map { |slot| line(slot) }.join(", ")
        place = placement.shift.zero? ? "Lay its zero on the squared-up edge" : "Move it #{say(placement.shift)} away from the edge"
        "#{place}: strips #{say(width)} wide are cut in the slots #{slots}."
      end

      def scene(placements)
        lit = placements.first.slots
        Scene.new(fabric: [Polygon.rectangle((strips * width) + 1, tool.length)], pieces: pieces, bodies: [body], lines: slots,
                  lit: lit.map { |slot| upright(slot, :main) }, label: label(lit.last))
      end

      def label(slot)
        Label.new([slot, tool.length + (1/4r)], line(slot))
      end

      def strips
        tool.strips_at_once(width)
      end

      def pieces
        Array.new(strips) { |place| Polygon.rectangle(width, tool.length).move(place * width, 0) }
      end

      def body
        Polygon.rectangle(tool.reach + tool.slot_step, tool.length + 1).move(-tool.slot_step/2r, -1/2r)
      end

      def slots
        (0..(tool.reach / tool.slot_step).floor).map { |place| upright(place * tool.slot_step, :fine) }
      end

      def upright(at, weight)
        Line.new([at, 0], [at, tool.length], weight)
      end
    end
  end
end
