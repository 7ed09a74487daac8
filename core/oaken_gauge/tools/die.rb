# frozen_string_literal: true

module OakenGauge
  module Tools
    # Steel shapes in a board. It cuts as many layers at a time as the cloth allows, from a blank that
    # only just covers the shapes, its lengthwise grain along the feed.
    class Die < Tool
      PATCHES = %w[square half_square quarter_square].freeze
      # Layers at a time where the die's document does not say.
      USUAL_LAYERS = { cotton: 6, flannel: 2, batik: 4 }.freeze

      # Shapes of one kind in the board. - patch: Symbol; - finished: Rational inches; - count: in one layer
      Shapes = Struct.new(:patch, :finished, :count, keyword_init: true)

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

      # @param node [Documents::Node]
      # @return [Die]
      def self.read(node)
        common = common(node, required: %w[shapes board blank], optional: %w[max_layers notched made_for_seam])
        new(**common, shapes: node.list("shapes", 1..40).map { |shape| read_shapes(shape) },
                      board: node.lengths("board", 2..2), blank: node.lengths("blank", 2..2),
                      max_layers: read_layers(node), notched: node.flag("notched", default: true),
                      made_for_seam: node.length("made_for_seam", default: USUAL_SEAM))
      end

      def self.read_shapes(node)
        node.keys(required: %w[patch finished count])
        Shapes.new(patch: node.choice("patch", PATCHES).to_sym, finished: node.length("finished"),
                   count: node.integer("count", 1..400))
      end

      def self.read_layers(node)
        layers = node.child("max_layers") or return {}
        layers.keys(optional: Stock::Fabric::CLOTHS)
        (Stock::Fabric::CLOTHS & layers.value.keys).to_h { |cloth| [cloth.to_sym, layers.integer(cloth, 1..40)] }
      end
      private_class_method :read_shapes, :read_layers

      # @return [Array<Mark>] a mark for each kind of shape
      def marks
        @marks ||= shapes.map do |shape|
          Mark.new(tool: self, side: shape.patch, makes: shape.patch, printed: shape.finished, reads: :finished,
                   finished: shape.finished, main: true)
        end
      end

      # @param shape [Patches::Shape]
      # @return [Integer] how many of a patch one layer gives
      def per_layer(shape)
        shapes.sum { |held| held.patch == shape.kind && held.finished == shape.finished ? held.count : 0 }
      end

      # @return [Boolean] whether its corners come blunted
      def notched?
        @notched
      end

      private

      def own_document(measure)
        { "shapes" => shapes.map { |shape| shape_document(shape, measure) }, "board" => board.map { |side| write(side, measure) },
          "blank" => blank.map { |side| write(side, measure) }, "max_layers" => layers_document, "notched" => notched?,
          **seam_document(measure) }
      end

      def layers_document
        @stated_layers.transform_keys(&:to_s) unless @stated_layers.empty?
      end

      def shape_document(shape, measure)
        { "patch" => shape.patch.to_s, "finished" => write(shape.finished, measure), "count" => shape.count }
      end
    end
  end
end
