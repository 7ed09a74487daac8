# frozen_string_literal: true

module OakenGauge
  module Construction
    # The maker at work on one method: which of its steps an error belongs to, and which value of her
    # profile tells how large it is, with the tools she has.
    class Hand
      CUTS_ACROSS = %i[subcut subcut_slots subcut_rectangle].freeze
      CUTS_APART = %i[cut_diagonal cut_both_diagonals cut_kite cut_apart].freeze
      SEWS = { sew_beside_line: :line, sew_beside_guide: :line, sew_on_line: :on_line, sew_on_guide: :on_line,
               sew_seam: :edge, sew_round: :edge, sew_long_side: :edge }.freeze
      STRIPS = %i[cut_strip cut_strip_slots].freeze
      PRESSES = %i[press_to_dark press_to_sky press_seam press_open].freeze
      LAYS = %i[lay_opposites lay_apart lay_on lay_centered].freeze

      # @param method [Methods::Method]
      # @param draws [Draws]
      def initialize(method, draws)
        @method = method
        @draws = draws
      end

      # @return [Numeric] what the strip that a piece was cut from is too wide, inches
      def strip(cut)
        return bought unless first(STRIPS) && @method.cut_to_width?(cut)

        ruled(first(STRIPS), cut.least_width, slotted: done?(:cut_strip_slots))
      end

      # @return [Numeric] what a piece is too long along its strip, inches
      def across(cut)
        return bought unless @method.cut_to_length?(cut)

        ruled(first(CUTS_ACROSS), cut.size.last, slotted: done?(:subcut_slots))
      end

      # @return [Numeric] what a cut from corner to corner is off, inches; none where there is none
      def apart
        step = first(CUTS_APART)
        step ? @draws.spread(step, :ruler_main) : 0.0
      end

      # @param cut [Stock::Piece]
      # @return [Array(Numeric, Numeric)] height and width of a piece as it came out, inches
      def piece(cut)
        [cut.size.first.to_f + strip(cut), cut.size.last.to_f + across(cut)]
      end

      # @param step [Symbol] an operation
      # @param kind [Symbol] a value of the profile
      # @return [Numeric] inches
      def spread(step, kind)
        @draws.spread(step, kind)
      end

      # What several patches have from one cut is worked out once.
      # @return [Object]
      def once(key)
        @once ||= {}
        @once.fetch(key) { @once[key] = yield }
      end

      # @return [Symbol] what a seam is guided by: :edge, :line or :on_line
      def guide
        @guide ||= SEWS.fetch(sewing, :edge)
      end

      # @return [Numeric] how much deeper than the allowance a seam takes up, inches: fold and thread take
      #   some always; a scant seam gives it back, or a thread inside the line where a corner is flipped
      def depth
        given_back = guide == :on_line ? :thread : :scant
        @draws.always(sewing, open? ? :take_up_open : :take_up) + @draws.always(sewing, given_back, -1) + @draws.spread(sewing, seam_kind) +
          @method.deeper.to_f
      end

      # @return [Numeric] what a seam that is not pressed flat keeps back, inches
      def pressed
        @draws.spread(first(PRESSES), :pressing)
      end

      # @return [Numeric] how far two pieces were laid off one another, inches
      def laid
        @draws.spread(first(LAYS) || sewing, @method.blunt? ? :laying_blunt : :laying)
      end

      # @return [Numeric] the same along a seam in which others meet: pressed to opposite sides they nest
      def met
        open? ? @draws.spread(first(LAYS) || sewing, :laying_open) : laid
      end

      # @param edge [Symbol] :sewn or :outer
      # @return [Numeric] how much longer an edge on the bias became in her hands, inches
      def stretched(role, edge)
        starched = @method.task.maker.starched || @method.task.fabric(role).starched?
        @draws.spread(edge == :sewn ? sewing : first(PRESSES) || @method.operations.last, starched ? :bias_starched : :bias)
      end

      # @return [Symbol] the step that seams are sewn in
      def sewing
        @sewing ||= @method.operations.find { |name| SEWS.key?(name) }
      end

      # @return [Boolean] whether the method has a step
      def done?(name)
        @method.operations.include?(name)
      end

      private

      # How far an edge that came cut is off; it is told with the first step that is done with it.
      def bought
        @draws.spread(first(CUTS_ACROSS + %i[cut_triangle]) || @method.operations.first, :precut)
      end

      def first(names)
        (@method.operations & names).first
      end

      def open?
        @method.opens_seams?
      end

      # A heavy line, a slot, or a line between: only the last can be read wrong.
      def ruled(step, size, slotted: false)
        main = @method.easy_line?(size, slotted: slotted)
        main ? @draws.spread(step, :ruler_main) : @draws.spread(step, :ruler_between) + @draws.slip(step)
      end

      def seam_kind
        aids = @method.aids
        guide == :edge ? aids.edge_seam : aids.line_seam
      end
    end
  end
end
