# frozen_string_literal: true

module OakenGauge
  module Tools
    # A ruler with slots to cut in, at every step along its reach, without being moved in between.
    class SlottedRuler < Tool
      # One laying down of the ruler. - shift: Rational inches from the first laying down;
      # - slots: [Rational] the slots that are cut in, inches from the ruler's zero
      Placement = Struct.new(:shift, :slots, keyword_init: true)

      title "Slotted ruler"
      group "Straight cuts"
      common 3
      length :slot_step, most: LARGEST, least: Documents::Measures::FINEST, because: "slots are no closer", label: "From slot to slot"
      length :reach, most: LARGEST, label: "Last slot at"
      length :length, most: LARGEST, label: "Length of a slot"
      integer :layers, within: 1..16, default: 4, label: "Layers cut at once"
      rule(:reach, :slot_step, say: ->(_, step) { "is %<read>s: allowed is at least one step of #{Length.new(step)}" }) do |reach, step|
        reach >= step
      end

      # Lying with its slots upright: its rim is drawn as wide as one step.
      # @return [Picture]
      def picture
        Picture.draw(written_in) do |draw|
          draw.body(Polygon.rectangle(reach + slot_step, length + (2 * slot_step)))
          (0..(reach / slot_step).floor).each { |place| draw_slot(draw, place * slot_step) }
        end
      end

      # @param width [Rational] inches
      # @return [Integer] strips of the width that fit under the ruler
      def strips_at_once(width)
        (reach / width).floor
      end

      # How often it is laid down: under one reach, cuts that leave the same rest over whole steps share a
      # placement, and there are as many rests as it takes widths to make whole steps.
      #
      # @param width [Rational] inches
      # @param count [Integer] strips
      # @return [Integer]
      def placements(width, count)
        at_once = strips_at_once(width)
        full, rest = count.divmod(at_once)
        rests = (width / slot_step).denominator
        (full * [at_once, rests].min) + [rest, rests].min
      end

      # How to cut strips of a width. Cut k lies at k widths; those that leave the same rest over whole
      # steps share a placement, shifted by that rest. A width of whole steps takes one placement; one
      # of half steps is cut in every second slot, shifted by the difference, and the rest cut.
      #
      # @param width [Rational] inches
      # @param count [Integer] strips
      # @return [Array<Placement>] for every ruler's reach in turn
      def sequence(width, count)
        at_once = strips_at_once(width)
        return [] if at_once.zero?

        (1..count).each_slice(at_once).with_index.flat_map do |cuts, i|
          start = i * at_once * width
          cuts.map { |cut| (cut * width) - start }.group_by { |at| at % slot_step }
              .map { |rest, list| Placement.new(shift: start + rest, slots: list.map { |at| at - rest }) }
        end
      end

      private

      def draw_slot(draw, at)
        whole = at.denominator == 1
        place = at + (slot_step/2r)
        draw.upright(place, slot_step, slot_step + length, whole ? :main : :half)
        draw.label([place, slot_step/2r], at) if whole
      end
    end
  end
end
