# frozen_string_literal: true

module OakenGauge
  module Construction
    # The maker's skill at one method: which of its steps an error belongs to, and which value of her
    # profile tells how large it is, with the tools she has.
    class Skill
      # @param method [Methods::Method]
      # @param draws [Draws]
      def initialize(method, draws)
        @method = method
        @draws = draws
        @operations = method.operations
        @open = method.opens_seams?
      end

      # @return [Numeric] what the strip that a piece was cut from is too wide, inches
      def strip(cut)
        return bought unless first(:strip) && @method.cut_to_width?(cut)

        ruled(first(:strip), cut.least_width, slotted: done?(:cut_strip_slots))
      end

      # @return [Numeric] what a piece is too long along its strip, inches
      def across(cut)
        return bought unless @method.cut_to_length?(cut)

        ruled(first(:across), cut.size.last, slotted: done?(:subcut_slots))
      end

      # @return [Numeric] what a cut from corner to corner is off, inches; none where there is none
      def apart
        step = first(:apart)
        step ? @draws.spread(step, :ruler_main) : 0.0
      end

      # @param cut [Layout::Piece]
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
        @guide ||= seam_step&.guide || :edge
      end

      # @return [Numeric] how much deeper than the allowance a seam takes up, inches: fold and thread take
      #   some always; a scant seam gives it back, or a thread inside the line where a corner is flipped
      def depth
        given_back = guide == :on_line ? :thread : :scant
        @draws.always(sewing, @open ? :take_up_open : :take_up) + @draws.always(sewing, given_back, -1) + @draws.spread(sewing, seam_kind) +
          @method.deeper.to_f
      end

      # @return [Numeric] what a seam that is not pressed flat keeps back, inches
      def pressed
        @draws.spread(first(:press), :pressing)
      end

      # @return [Numeric] how far two pieces were laid off one another, inches
      def laid
        @draws.spread(first(:lay) || sewing, @method.blunt? ? :laying_blunt : :laying)
      end

      # @return [Numeric] the same along a seam in which others meet: pressed to opposite sides they nest
      def met
        @open ? @draws.spread(first(:lay) || sewing, :laying_open) : laid
      end

      # @param edge [Symbol] :sewn or :outer
      # @return [Numeric] how much longer an edge on the bias became in her hands, inches
      def stretched(role, edge)
        starched = @method.task.maker.starched || @method.task.fabric(role).starched?
        @draws.spread(edge == :sewn ? sewing : first(:press) || @operations.last.name, starched ? :bias_starched : :bias)
      end

      # @return [Symbol] the step that seams are sewn in
      def sewing
        seam_step&.name
      end

      # @return [Boolean] whether the method has a step
      def done?(name)
        (@names ||= @operations.map(&:name)).include?(name)
      end

      private

      # How far an edge that came cut is off; it is told with the first step that is done with it.
      def bought
        step = @operations.find { |one| one.role == :across || one.name == :cut_triangle } || @operations.first
        @draws.spread(step.name, :precut)
      end

      # The first of its operations that is this in the making of a unit.
      def first(role)
        (@firsts ||= @operations.reverse.to_h { |operation| [operation.role, operation.name] })[role]
      end

      def seam_step
        @seam_step ||= @operations.find { |operation| operation.role == :sew }
      end

      # A heavy line, a slot, or a line between: only the last can be read wrong.
      def ruled(step, size, slotted: false)
        main = @method.easy_line?(size, slotted: slotted)
        main ? @draws.spread(step, :ruler_main) : @draws.spread(step, :ruler_between) + @draws.slip(step)
      end

      def seam_kind
        @seam_kind ||= @method.aids.then { |aids| guide == :edge ? aids.edge_seam : aids.line_seam }
      end
    end
  end
end
