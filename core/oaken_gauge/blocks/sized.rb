# frozen_string_literal: true

module OakenGauge
  module Blocks
    # A block at another size, all of it alike larger or smaller.
    module Sized
      # @param block [Block]
      # @param width [Rational] finished, inches
      # @return [Block]
      def self.at(block, width)
        factor = width / block.columns.sum
        block.with(columns: block.columns.map { |side| side * factor }, rows: block.rows.map { |side| side * factor },
                   pieces: block.pieces.map { |piece| piece(piece, factor) })
      end

      # @param block [Block]
      # @param also [String, nil] a second finished width
      # @return [Array<Block>] at its own size, and at the second one
      # @raise [Documents::Invalid] where that is no length, or a unit cannot be made so small or large
      def self.at_both(block, also)
        return [block] unless also

        width = Documents.read({ "also" => also }) { |node| Documents::Measures::Size.new(most: 200).read(node.child("also")) }
        both = [block, at(block, width)]
        raise Documents::Invalid, [unfit(also)] unless both.map { |one| UnitsOf.new(one, whole: false).all.size }.uniq.one?

        both
      end

      def self.unfit(width)
        least, largest = [Units::Unit::LEAST, Units::Unit::LARGEST].map { |side| Length.new(side) }
        Documents::Fault.new(pointer: "/also",
message: "is #{width}: allowed is a width at which every unit finishes at #{least} to #{largest}")
      end

      def self.piece(piece, factor)
        piece.with(corner: piece.corner && (piece.corner * factor), outline: piece.outline&.scale(factor))
      end
      private_class_method :piece, :unfit
    end
  end
end
