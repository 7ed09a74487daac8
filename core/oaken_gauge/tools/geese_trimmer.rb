# frozen_string_literal: true

module OakenGauge
  module Tools
    # A trimmer with lettered sizes of flying geese; each letter names the finished goose and the two
    # squares it is made from.
    class GeeseTrimmer < Tool
      # - mark: String, the letter; - finished: [height, width]; - goose_square, sky_square: Rational
      #   inches; - tool: {GeeseTrimmer}
      Letter = Struct.new(:mark, :finished, :goose_square, :sky_square, :tool, keyword_init: true)

      # @return [Array<Letter>]
      attr_reader :letters
      # @return [Rational]
      attr_reader :made_for_seam

      def initialize(id:, name:, letters:, made_for_seam: USUAL_SEAM)
        super(id: id, name: name)
        @letters = letters.map { |letter| letter.dup.tap { |own| own.tool = self } }
        @made_for_seam = made_for_seam
      end

      # @param node [Documents::Node]
      # @return [GeeseTrimmer]
      def self.read(node)
        common = common(node, required: %w[marks], optional: %w[made_for_seam])
        letters = node.list("marks", 1..60).map { |mark| read_letter(mark) }
        node.fault("marks", "repeats a letter: allowed is each once") if letters.map(&:mark).uniq.size < letters.size
        new(**common, letters: letters, made_for_seam: node.length("made_for_seam", default: USUAL_SEAM))
      end

      def self.read_letter(node)
        node.keys(required: %w[mark finished goose_square sky_square])
        Letter.new(mark: node.text("mark", most: 8), finished: node.lengths("finished", 2..2),
                   goose_square: node.length("goose_square"), sky_square: node.length("sky_square"))
      end
      private_class_method :read_letter

      # @return [Array<Mark>] for whole units, by their height
      def marks
        @marks ||= letters.map do |letter|
          Mark.new(tool: self, side: :flying_geese, makes: :flying_geese, printed: letter.mark, reads: :letter,
                   finished: letter.finished.first, main: true)
        end
      end

      private

      def own_document(measure)
        { "marks" => letters.map { |letter| letter_document(letter, measure) }, **seam_document(measure) }
      end

      def letter_document(letter, measure)
        { "mark" => letter.mark, "finished" => letter.finished.map { |side| write(side, measure) },
          "goose_square" => write(letter.goose_square, measure), "sky_square" => write(letter.sky_square, measure) }
      end
    end
  end
end
