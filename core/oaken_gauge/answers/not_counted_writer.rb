# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes what of a quilt is not counted in what is bought, and what is sewn together because its fabric is not wide enough.
    class NotCountedWriter
      # @param buying [Quilts::Buying]
      # @param measure [Symbol]
      def initialize(buying, measure)
        @buying = buying
        @measure = measure
      end

      # @return [Hash]
      def write
        { "not_counted" => @buying.left_out.map { |one| left_out(one) }, "pieced" => @buying.pieced.map do |piece, piecing|
          pieced(piece, piecing)
        end }
      end

      private

      def left_out(one)
        called, many = *called(one.what)
        { "what" => called, "why" => one.why.to_s, "say" => "#{called.capitalize}: #{say(one, many)}" }
      end

      # @return [Array(String, Boolean)] what it is called, and whether it is several
      def called(what)
        return [QuiltWords.called(what), false] if what.is_a?(Symbol)
        return [QuiltWords.called(what.what, number(what)), number(what) > 1] unless what.respond_to?(:unit)

        ["#{what.unit.class.plural} #{[what.unit.to_document(@measure)['finished']].flatten.join(' × ')}".strip, true]
      end

      def number(piece)
        piece.pieces || piece.count
      end

      def say(one, many)
        case one.why
        when :no_fabric then "no fabric is chosen, so #{many ? 'they are' : 'it is'} not counted."
        when :too_wide then "wider than the fabric, so not counted. It takes fabric #{length(one.needs)} wide."
        else "no method cuts #{many ? 'them' : 'it'} with these tools and this fabric, so #{many ? 'they are' : 'it is'} not counted."
        end
      end

      def pieced(piece, piecing)
        what = QuiltWords.called(piece.what, number(piece)).capitalize
        square = if piece.then_do
                   "the square #{number(piece) > 1 ? 'they are' : 'it is'} cut from, "
                 else
                   ""
                 end
        { "for" => piece.what.to_s, "fabric" => piece.fabric, "panels" => piecing.panels, "size" => piecing.size.map do |side|
          length(side)
        end,
          "say" => "#{what}: #{square}#{piece.size.map { |side| length(side) }.join(' × ')}, is wider than the fabric. #{panels(piecing)}" }
      end

      def panels(piecing)
        along, across = piecing.size.map { |side| length(side) }
        seams = piecing.panels == 2 ? "one seam down the middle" : "#{piecing.panels - 1} seams side by side"
        "Sew each from #{piecing.panels} panels, cut #{across} × #{along} with the longer side along the fabric: #{seams}."
      end

      def length(inches)
        QuiltWriter.written(inches, @measure)
      end
    end
  end
end
