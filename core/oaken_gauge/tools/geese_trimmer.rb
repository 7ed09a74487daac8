# frozen_string_literal: true

module OakenGauge
  module Tools
    # A trimmer with lettered sizes of flying geese; each letter names the finished goose and the two squares it is
    # made from, and which of the two is the large one.
    class GeeseTrimmer < Tool
      # One of its letters.
      class Letter
        include Documents::Record

        text :mark, most: 8, label: "Letter"
        pair :finished, most: Tool::LARGEST, label: "Finished goose"
        length :goose_square, most: Tool::LARGEST, label: "Goose square"
        length :sky_square, most: Tool::LARGEST, label: "Sky square"
        choice :large, %w[sky goose], default: :sky, label: "The large square is the"
      end

      title "Geese trimmer"
      group "Trimming sewn units"
      common 6
      list :marks, Letter, as: :letters, within: 1..60, label: "Letters"
      made_for_seam
      rule(:letters, say: "repeats a letter: allowed is each once") { |letters| letters.map(&:mark).uniq.size == letters.size }

      # @return [Array<Mark>] for whole units, by their height
      def marks
        @marks ||= letters.map { |letter| mark(letter) }
      end

      # @param kind [Symbol] of unit
      # @param finished [Array(Rational, Rational)] height and width, inches
      # @return [Array<Mark>] the letter for that size, whatever the geese are made by
      def marks_trimming(kind, finished)
        kind == :flying_geese ? letters.select { |letter| letter.finished == finished }.map { |letter| mark(letter) } : []
      end

      # Its letters as unfinished geese that share a corner.
      # @return [Picture]
      def picture
        sizes = letters.map { |letter| [letter.finished.map { |side| side + (2 * made_for_seam) }, letter.mark] }
        Picture.draw(written_in) { |draw| draw.nested(sizes) }
      end

      private

      def mark(letter)
        Mark.new(tool: self, side: :flying_geese, makes: :flying_geese, printed: letter.mark, reads: :letter,
                 finished: letter.finished.first, main: true)
      end
    end
  end
end
