# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes the answer to a quilt document.
    class QuiltWriter
      # What lengths that are no fraction are written to: a sixteenth, or a millimetre.
      NEAR = { inch: Grid.new(1/16r), cm: Grid.new(5/127r), mm: Grid.new(5/127r) }.freeze

      # @param inches [Numeric]
      # @param measure [Symbol]
      # @return [String]
      def self.written(inches, measure)
        whole = inches.is_a?(Float) || (measure != :inch && NEAR.fetch(measure).nearest(inches) != inches && inches.denominator > 64)
        Length.new(whole ? NEAR.fetch(measure).nearest(inches) : inches, measure).to_s
      end

      # Fabric is bought by the eighth of a yard, or by ten centimetres.
      BOLT = { inch: Grid.new(36/8r), cm: Grid.new(500/127r), mm: Grid.new(500/127r) }.freeze
      YARD = 36

      # @param quilt [Quilts::Quilt]
      # @param buying [Quilts::Buying]
      # @param measure [Symbol]
      # @param view [Boolean] add what a screen needs: a drawing, and what units are called
      def initialize(quilt, buying, measure, view: false)
        @view = view
        @quilt = quilt
        @buying = buying
        @measure = measure
        @counting = NotCountedWriter.new(buying, measure)
      end

      # @return [Hash]
      def write
        { "finished" => lengths(@quilt.size), "exact" => exact(@quilt.size), "blocks" => @quilt.layout.blocks, "units" => units,
          "pieces" => @quilt.pieces.map { |piece| piece(piece) }, "setting_triangles" => triangles, **finishing, "buy" => buy,
          "not_bought" => @buying.unmade.map { |counted| unit(counted).slice("kind", "finished") }, **@counting.write,
          **(@view ? seen : {}) }
      end

      private

      def seen
        { "drawing" => QuiltDrawingWriter.new(@quilt.drawing).write, "fabrics" => QuiltFabricsWriter.new(@buying, @measure).write }
      end

      def units
        @buying.making.all.map { |made| { **unit(made.counted), **made_by(made) } }
      end

      def made_by(made)
        way = made.outcome&.way&.class
        told = { "method" => way&.id, "picked" => made.picked, "say" => made.refused&.say }
        (@view ? { **told, "method_title" => way&.title } : told).compact
      end

      def unit(counted)
        document = counted.unit.to_document(@measure)
        named = @view ? { "title" => counted.unit.class.title, "plural" => counted.unit.class.plural } : {}
        document.merge("fabrics" => Blocks::Placement.named(counted.fabrics), "count" => document.fetch("count"), **named)
      end

      def piece(piece)
        { "for" => piece.what.to_s, "fabric" => piece.fabric, "size" => lengths(piece.size), "count" => piece.pieces || piece.count,
          "ends" => piece.ends.to_s, **squares(piece), **called(piece.what, piece.pieces || piece.count) }
      end

      def called(what, count)
        @view ? { "called" => QuiltWords.called(what, count) } : {}
      end

      def squares(piece)
        piece.then_do ? { "squares" => piece.count, "then" => piece.then_do.to_s } : {}
      end

      def triangles
        @quilt.triangle_squares.to_h { |piece| [piece.what.to_s, triangle(piece, @quilt.triangles.fetch(piece.what))] }
      end

      def triangle(piece, one)
        { "count" => one.count, "finished" => length(one.side), "exact" => one.side.to_f.round(4), "grain" => one.grain.to_s,
          "square" => length(piece.size.first), "squares" => piece.count, "fabric" => piece.fabric, **called(piece.what, one.count),
          **(@view ? { "say" => QuiltWords.triangle(one, piece, @measure) } : {}) }
      end

      def finishing
        backing = @quilt.backing
        { "binding" => { "strips" => @quilt.binding.strips, "length" => length(@quilt.binding.length) },
          "backing" => { "length" => length(backing.length), "panels" => backing.panels, "seams" => backing.seams,
"run" => backing.run.to_s },
          "batting" => lengths(@quilt.batting) }
      end

      def buy
        @buying.all.map do |bought|
          inches = BOLT.fetch(@measure).ceil(bought.length)
          { "fabric" => bought.fabric, "length" => length(inches), "yards" => yards(bought.length) }
        end
      end

      # By the eighth, whatever it is measured in.
      def yards(inches)
        Length.new(BOLT.fetch(:inch).ceil(inches) / YARD).to_s
      end

      def exact(sizes)
        sizes.map { |size| size.to_f.round(4) }
      end

      def lengths(sizes)
        sizes.map { |size| length(size) }
      end

      def length(inches)
        QuiltWriter.written(inches, @measure)
      end
    end
  end
end
