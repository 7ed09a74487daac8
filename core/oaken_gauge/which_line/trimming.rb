# frozen_string_literal: true

module OakenGauge
  module WhichLine
    # A trimmer laid on a sewn unit: the number is the unit with its allowance, the line on the seam.
    class Trimming < Layer
      WORDS = { half_square: "the seam", hourglass: "both seams", three_triangle: "the long seam", flying_geese: "the point and both seams",
                square_in_square: "the four points", square: "one corner" }.freeze

      # @return [Laying, nil]
      def laying
        mark = marks.first
        return if other_seam? || !mark

        Laying.new(tool: tool, mark: printed(mark), reads: mark.reads, steps: steps(mark), scene: scene)
      end

      # @return [Missing, nil]
      def missing
        return if !meant? || laying
        return other_seam if other_seam?

        Missing.new(tool: tool, say: "It has no #{tool.is_a?(Tools::GeeseTrimmer) ? 'letter' : 'line'} for #{unfinished} unfinished. " \
                                     "Trim with a straight ruler: #{unfinished}, measured from the seam to both sides.")
      end

      private

      def unit
        task.unit
      end

      def kind
        unit.class.kind
      end

      # By the class of the tool: whether it is for the unit's kind, and its marks for the unit.
      FITS = { Tools::GeeseTrimmer => ->(_, kind) { kind == :flying_geese },
               Tools::SeamLockTrimmer => ->(tool, kind) { tool.makes == kind },
               Tools::UnitTrimmer => ->(tool, kind) { tool.makes.include?(kind) } }.freeze
      private_constant :FITS

      def meant?
        FITS.fetch(tool.class).call(tool, kind)
      end

      def marks
        return [] unless meant?
        return tool.marks_trimming(kind, unit.finished) if tool.is_a?(Tools::GeeseTrimmer)
        return locked if tool.is_a?(Tools::SeamLockTrimmer)

        square? ? tool.marks_trimming(kind, unit.side_lengths.first + (2 * seam)) : []
      end

      def locked
        tool.trim_marks.select { |mark| [mark.finished].flatten == [unit.finished].flatten }
      end

      def square?
        unit.side_lengths.uniq.size == 1
      end

      def steps(mark)
        return letter_steps(mark) if mark.reads == :letter

        [number_words(mark), "Lay the line of the trimmer on #{WORDS.fetch(kind, 'the seam')}, so that fabric shows on all sides.",
         "Trim the two sides that lie free.",
         "Turn the unit round, lay the trimmed sides on the lines for #{unfinished}, and trim the other two."]
      end

      def number_words(mark)
        return "Its #{printed(mark)} is the unit with its seam allowance." if mark.reads == :unfinished

        "Its groove fits the unit that finishes at #{printed(mark)}."
      end

      def letter_steps(mark)
        letter = tool.letters.find { |one| one.mark == mark.printed }
        goose, sky = [letter.goose_square, letter.sky_square].map { |side| say(side) }
        ["Letter #{letter.mark}: the goose square is cut #{goose}, the sky square #{sky}; the large one is the #{letter.large}.",
         "Lay letter #{letter.mark} on the point and both seams of the sewn goose, and trim two sides.",
         "Turn the unit round and trim the other two: it is #{unfinished} then."]
      end

      # What the unit is sewn larger by here, to be seen, inches.
      OVER = 1/8r
      private_constant :OVER

      # The unit as sewn, a little large, with the trimmer on it.
      def scene
        raw = Polygon.rectangle(*unit.side_lengths.reverse.map { |side| side + (2 * seam) })
        Scene.new(fabric: [raw.offset(OVER)], pieces: patches, bodies: [raw], lines: [], lit: seams,
                  label: Label.new([raw.width/2r, -1/2r], printed_there))
      end

      # What stands on it: a letter, or the size that it trims to.
      def printed_there
        mark = marks.first
        mark&.reads == :letter ? "letter #{mark.printed}" : unfinished
      end

      def patches
        unit.patches.map { |patch| patch.outline.move(seam, seam) }
      end

      # The unit's own slanted seams, where the trimmer's line lies.
      def seams
        inner = patches.flat_map(&:edges).select { |from, to| slanted?(to - from) }
        inner.uniq { |ends| ends.map { |end_| end_.rect.map { |one| one.to_f.round(6) } }.sort }
             .map { |from, to| Line.new(from.rect, to.rect, :main) }
      end

      def slanted?(way)
        way.rect.all? { |part| part.abs > Plane::SAME }
      end
    end
  end
end
