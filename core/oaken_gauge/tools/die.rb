# frozen_string_literal: true

module OakenGauge
  module Tools
    # Steel shapes in a board. It cuts as many layers at a time as the cloth allows, from a blank that
    # only just covers the shapes, its lengthwise grain along the feed.
    class Die < Tool
      extend DieReader

      # Layers at a time where the die's document does not say.
      USUAL_LAYERS = { cotton: 6, flannel: 2, batik: 4 }.freeze

      # Shapes of one kind in the board. - shape: {Patches::Shape}; - count: in one layer;
      # - document: the Hash it was read from
      Shapes = Struct.new(:shape, :count, :document, keyword_init: true)

      # @return [Array<Shapes>]
      attr_reader :shapes
      # @return [Array<Rational>] width across the feed and length along it, inches
      attr_reader :board, :blank
      # @return [Hash{Symbol => Integer}] layers at a time, by cloth
      attr_reader :max_layers
      # @return [Rational]
      attr_reader :made_for_seam

      def initialize(id:, name:, shapes:, board:, blank:, max_layers: {}, notched: true, made_for_seam: USUAL_SEAM)
        super(id: id, name: name)
        @shapes = shapes
        @board = board
        @blank = blank
        @stated_layers = max_layers
        @max_layers = USUAL_LAYERS.merge(max_layers)
        @notched = notched
        @made_for_seam = made_for_seam
      end

      # @return [Array<Mark>] a mark for each kind of shape
      def marks
        @marks ||= shapes.map do |held|
          size = held.shape.finished
          printed = size.is_a?(Rational) ? size : held.shape.kind.to_s.tr("_", " ")
          Mark.new(tool: self, side: held.shape.kind, makes: held.shape.kind, printed: printed, reads: :finished,
                   finished: size, shape: held.shape, main: true, held: held)
        end
      end

      # @return [Boolean] whether its corners come blunted
      def notched?
        @notched
      end

      private

      def own_document(measure)
        { "shapes" => shapes.map(&:document), "board" => board.map { |side| write(side, measure) },
          "blank" => blank.map { |side| write(side, measure) }, "max_layers" => layers_document, "notched" => notched?,
          **seam_document(measure) }
      end

      def layers_document
        @stated_layers.transform_keys(&:to_s) unless @stated_layers.empty?
      end
    end
  end
end
