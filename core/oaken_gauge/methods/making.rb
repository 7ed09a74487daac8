# frozen_string_literal: true

module OakenGauge
  module Methods
    # How the unit comes together from what was cut, for {Construction}: where each patch's edges come
    # from, what was read on which ruler, what is trimmed. The steps say the rest.
    module Making
      # A shape lies in its piece alike, whichever method cuts it.
      PIECES = Memo.new(500)
      private_constant :PIECES

      # @return [Array<Step>] the steps as this maker does them
      def work
        @work ||= task.habits(opens_seams?).own(steps)
      end

      # @return [Boolean] whether its seams are pressed open
      def opens_seams?
        task.maker.opens_seams?
      end

      # @return [Array<Operation>] those of its steps, each once
      def operations
        @operations ||= work.map(&:operation).uniq(&:name)
      end

      # @return [Tools::Aids]
      def aids
        task.aids
      end

      # @return [#call] makes a unit, or many, out of polygons, errors and all
      def rebuilding
        self.class.rebuilding.new(self)
      end

      # @return [Boolean] whether the tools are there that its unit's size depends on
      def sized?
        true
      end

      # @return [Boolean] whether pieces are laid together by their ends, which may be off
      def matched?
        true
      end

      # @return [Numeric] inches that its seams are deeper than the allowance, on purpose
      def deeper
        0
      end

      # @return [Rational] inches that its pieces are cut larger, on purpose
      def larger
        0r
      end

      # @return [Boolean] whether patches come with blunt tips, so that they can only lie the right way
      def blunt?
        false
      end

      # @return [#call, nil] nil when the units are not trimmed
      def trimming
        nil
      end

      # @param joint [Construction::Joint]
      # @param point [Complex] one of its ends
      # @return [Boolean] whether its patches are laid together there
      def matched_at?(_joint, _point)
        true
      end

      # @param cut [Layout::Piece, Layout::Run]
      # @return [Boolean] whether its strips were cut by her
      def cut_to_width?(cut)
        taken_for(cut)&.cut_to_width? != false
      end

      # @param cut [Layout::Piece]
      # @return [Boolean] whether its pieces were cut to their length by her: a precut may have the size already
      def cut_to_length?(cut)
        taken_for(cut)&.subcuts != 0
      end

      # @param size [Rational] inches
      # @return [Boolean] whether it is cut on a main line, or in a slot
      def easy_line?(size, slotted: false)
        (slotted && task.slots.saves?(size)) || task.easy_line?(size)
      end

      # @param role [Symbol]
      # @return [Layout::Piece]
      def piece_of(role)
        cuts.find { |cut| cut.role == role && cut.subcut }
      end

      # @return [Construction::FromPiece] a shape in the piece it is usually cut from
      def from_piece(shape)
        PIECES.fetch([shape, seam]) { Construction::FromPiece.new(shape, shape.piece_size(seam), seam) }
      end

      private

      def taken_for(cut)
        @taken_for ||= {}.compare_by_identity
        @taken_for.fetch(cut) do
          fabric = task.fabric(cut.role)
          @taken_for[cut] = allocations.find { |own, _| task.fabric(own.role).equal?(fabric) && own.least_width == cut.least_width }&.last
        end
      end
    end
  end
end
