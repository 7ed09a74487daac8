# frozen_string_literal: true

module OakenGauge
  module Tools
    # A ruler with slots to cut in, at every step along its reach, without being moved in between.
    class SlottedRuler < Tool
      # One laying down of the ruler. - shift: Rational inches from the first laying down;
      # - slots: [Rational] the slots that are cut in, inches from the ruler's zero
      Placement = Struct.new(:shift, :slots, keyword_init: true)

      # @return [Rational] inches
      attr_reader :slot_step, :reach, :length

      def initialize(id:, name:, slot_step:, reach:, length:)
        super(id: id, name: name)
        @slot_step = slot_step
        @reach = reach
        @length = length
      end

      # @param node [Documents::Node]
      # @return [SlottedRuler]
      def self.read(node)
        common = common(node, required: %w[slot_step reach length])
        step = node.length("slot_step")
        reach = node.length("reach")
        node.fault("reach", "is #{node['reach'].inspect}: allowed is at least one step of #{Length.new(step)}") if reach < step
        new(**common, slot_step: step, reach: reach, length: node.length("length"))
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
        full, rest = count.divmod(strips_at_once(width))
        rests = (width / slot_step).denominator
        (full * [strips_at_once(width), rests].min) + [rest, rests].min
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

      def own_document(measure)
        { "slot_step" => write(slot_step, measure), "reach" => write(reach, measure), "length" => write(length, measure) }
      end
    end
  end
end
