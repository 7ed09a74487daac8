# frozen_string_literal: true

module OakenGauge
  module Planning
    # What is cut of the bolts of one fabric. Where there are several, strips that do for the narrowest are shared out among them; what
    # found no room is planned anew for what each has left. Where they are not equally wide, each is filled in its turn as well,
    # and what leaves fewer pieces out, then takes less, is kept.
    class OnBolts
      # - stock: which entry of it; - room: inches along a strip; - length: inches, nil where there is no end to it
      Bolt = Struct.new(:stock, :room, :length)
      # A strip that found room. - bolt; - layer: {Pairs::Layer} it is of; - strip: {Strip}
      Placed = Struct.new(:bolt, :layer, :strip)

      # @param kinds [Array<Kind>] its own pieces
      # @param pairs [Array<Pairs::Layer>] what is cut together with other fabrics
      # @param bolts [Array<Bolt>]
      # @param effort [Integer]
      def initialize(kinds, pairs, bolts, effort:)
        @kinds = kinds
        @pairs = pairs
        @bolts = bolts
        @effort = effort
      end

      # @return [Array<Laying::Cut>] bolt by bolt, as they lie along it
      def cuts
        @bolts.flat_map do |bolt|
          at = 0r
          best.placed.select { |one| one.bolt == bolt }.map { |one| laid(one, at).tap { at += one.strip.takes } }
        end
      end

      # @return [Array<Integer>] how many of each of its own kinds found no room
      def missing
        best.missing
      end

      # @return [Array<Array(Kind, Integer)>] what of the pairs found none
      def missing_pairs
        best.missing_pairs
      end

      # @return [Rational] inches of a bolt that what is missing takes
      def more
        own = @kinds.zip(missing).select { |_, count| count.positive? }.map { |kind, count| kind.with(count: count) }
        pairs = missing_pairs.map { |kind, count| kind.with(count: count) }
        needed = OnBolt.new(own + pairs, [], widest, effort: @effort).length
        @bolts.one? ? needed - best.left.first : needed
      end

      # @return [Rational] inches; no plan with the same pairs takes less
      def bound
        all_together(widest).bound
      end

      # @return [Rational] inches that first fit takes, each on strips of its own
      def first_fit
        all_together(widest).first_fit
      end

      private

      def widest
        @bolts.map(&:room).max
      end

      def narrowest
        @bolts.map(&:room).min
      end

      def all_together(room)
        (@together ||= {})[room] ||= OnBolt.new(@kinds, @pairs, room, effort: @effort)
      end

      def best
        @best ||= tried.min_by.with_index { |one, i| [one.missing.sum + one.missing_pairs.sum(&:last), one.used, i] }
      end

      def tried
        shared = SharedOut.new(@kinds, @pairs, @bolts, effort: @effort)
        found = []
        found << shared.from(all_together(narrowest)) if @kinds.all? { |kind| kind.fits?(narrowest) }
        found << shared.bolt_by_bolt if @bolts.map(&:room).uniq.size > 1
        found
      end

      def laid(placed, from)
        Laying.strip(placed.strip, placed.layer.kinds, placed.bolt.room, { stock: placed.bolt.stock, at: from, with: placed.layer.with })
      end
    end
  end
end
