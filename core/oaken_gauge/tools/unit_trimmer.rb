# frozen_string_literal: true

module OakenGauge
  module Tools
    # A trimmer for many sizes, with a centre line to lay on the seam. Its numbers are unfinished sizes.
    class UnitTrimmer < Tool
      # @return [Array<Symbol>] kinds of unit
      attr_reader :makes
      # @return [Array<Rational>] unfinished sizes printed, inches
      attr_reader :numbers
      # @return [Rational]
      attr_reader :made_for_seam

      def initialize(id:, name:, makes:, numbers:, range: nil, made_for_seam: USUAL_SEAM)
        super(id: id, name: name)
        @makes = makes
        @numbers = numbers
        @range = range
        @made_for_seam = made_for_seam
      end

      # @param node [Documents::Node]
      # @return [UnitTrimmer]
      def self.read(node)
        common = common(node, required: %w[makes marks], optional: %w[reads made_for_seam])
        node.choice("reads", %w[unfinished], default: "unfinished")
        marks = MarksReader.new(node)
        new(**common, makes: read_makes(node), numbers: marks.numbers, range: marks.range,
                      made_for_seam: node.length("made_for_seam", default: USUAL_SEAM))
      end

      def self.read_makes(node)
        kinds = node.list("makes", 1..UnitKinds::TRIMMED.size).map(&:value)
        strange = kinds - UnitKinds::TRIMMED
        node.fault("makes", "has #{strange.first.inspect}: allowed are #{UnitKinds::TRIMMED.join(', ')}") unless strange.empty?
        (kinds & UnitKinds::TRIMMED).map(&:to_sym)
      end
      private_class_method :read_makes

      # @return [Array<Mark>] for whole units
      def trim_marks
        @trim_marks ||= makes.product(numbers).map do |kind, number|
          Mark.new(tool: self, side: kind, makes: kind, printed: number, reads: :unfinished, finished: number - (2 * made_for_seam),
                   main: (number % 1).zero?)
        end
      end

      # @return [Array<Mark>] none: it makes no patch
      def marks
        []
      end

      private

      def own_document(measure)
        marks = @range ? @range.transform_values { |length| write(length, measure) } : numbers.map { |number| write(number, measure) }
        { "makes" => makes.map(&:to_s), "reads" => "unfinished", "marks" => marks, **seam_document(measure) }
      end
    end
  end
end
