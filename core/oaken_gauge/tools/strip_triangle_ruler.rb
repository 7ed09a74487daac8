# frozen_string_literal: true

module OakenGauge
  module Tools
    # A ruler that cuts triangles from strips, turned half round between cuts. Its tip is blunt by as
    # much as the strip's edge would take off. One printed with strip widths counts the allowance in;
    # one printed with finished sizes leaves it to the maker to cut the strip wide enough.
    class StripTriangleRuler < Tool
      extend StripTriangleRulerReader

      MAKES = %w[half_square quarter_square].freeze
      READS = %w[finished strip].freeze
      SHAPES = { half_square: Patches::HalfSquare, quarter_square: Patches::QuarterSquare }.freeze

      # One of its sides. - makes: Symbol; - reads: Symbol; - numbers: [Rational]; - blunt_tip: Boolean;
      # - range: {from, to, step} or nil, when it was given so
      Side = Struct.new(:makes, :reads, :numbers, :blunt_tip, :range, keyword_init: true)

      # @return [Array<Side>]
      attr_reader :sides
      # @return [Rational]
      attr_reader :made_for_seam

      def initialize(id:, name:, sides:, made_for_seam: USUAL_SEAM)
        super(id: id, name: name)
        @sides = sides
        @made_for_seam = made_for_seam
      end

      # @return [Array<Mark>]
      def marks
        @marks ||= sides.flat_map { |side| side.numbers.map { |number| mark(side, number) } }
      end

      private

      def mark(side, number)
        size = finished(side, number)
        Mark.new(tool: self, side: side.makes, makes: side.makes, printed: number, reads: side.reads,
                 finished: size, shape: SHAPES.fetch(side.makes).new(size), main: (number % 1).zero?)
      end

      # A strip is two allowances wider than what it finishes at; a quarter-square patch is twice as
      # long as it is high.
      def finished(side, number)
        return number if side.reads == :finished

        high = number - (2 * made_for_seam)
        side.makes == :quarter_square ? 2 * high : high
      end

      def own_document(measure)
        { "sides" => sides.map { |side| side_document(side, measure) }, **seam_document(measure) }
      end

      def side_document(side, measure)
        { "makes" => side.makes.to_s, "reads" => side.reads.to_s, "marks" => marks_document(side, measure),
          "blunt_tip" => side.blunt_tip }
      end

      def marks_document(side, measure)
        return side.numbers.map { |number| write(number, measure) } unless side.range

        side.range.transform_values { |length| write(length, measure) }
      end
    end
  end
end
