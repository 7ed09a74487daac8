# frozen_string_literal: true

module OakenGauge
  module Units
    # A unit that somebody needs: its kind, its finished size and how many. One class a kind, one file
    # a class; the file declares the roles its fabrics play and gives the finished outlines.
    #
    # @abstract A kind declares its document, and gives {#patches} and {#joins}.
    class Unit
      include Documents::Record
      extend UnitDeclarations
      include FabricInUnits
      include Cells
      include Seams

      # The finished sides that are weighed, inches.
      LARGEST = 48r
      LEAST = 1/8r
      # The most units weighed at once.
      MOST = 100_000

      tag "kind"

      # @return [Polygon] the finished outline
      def outline
        @outline ||= Polygon.rectangle(*side_lengths.reverse)
      end

      # @return [Array<Rational>] finished height and width, inches
      def side_lengths
        finished.is_a?(Array) ? finished : [finished, finished]
      end

      # @return [Hash{Symbol => Integer}, nil] how many of each hand are needed; nil for a unit that is
      #   its own mirror image
      def hands
        nil
      end

      # @return [Array<Symbol>] of each patch, what the fabric is called that it may have to itself in a block
      def seats
        patches.map(&:role)
      end

      # @param role [Symbol]
      # @return [Array<Patch>] the patches of one fabric
      def patches_of(role)
        patches.select { |patch| patch.role == role }
      end

      # @return [Array<Patches::Shape>] each shape once
      def shapes
        @shapes ||= patches.map(&:shape).uniq
      end

      # Those that are alike are one object.
      PROPORTIONS = Memo.new(500)
      private_constant :PROPORTIONS

      # Its patches in parts of its size: alike for every size of a shape.
      # @return [Array<Array<Array(Float, Float)>>]
      def proportions
        frame.known.fetch(:proportions) do
          size = side_lengths.max.to_f
          all = patches.map { |patch| patch.outline.corners.map { |corner| corner.map { |number| (number / size).round(7) } } }
          PROPORTIONS.fetch(all) { all }
        end
      end

      # @return [Unit] the same one told in one way only, where it may be told lying or standing
      def lying
        self
      end

      # The one measure by which marks of a tool are set against this kind of unit.
      # @return [Rational]
      def measure_on_beam
        side_lengths.first
      end

      # The same unit at another size, all of it alike larger or smaller.
      # @param size [Rational] its measure on the beam, inches
      # @return [Unit]
      def at(size)
        factor = size / measure_on_beam
        with(**self.class.fields.to_h { |field| [field.as, field.type.scale(values[field.as], factor)] })
      end

      private

      def patch(role, shape, *corners)
        Patch.new(role: role, shape: shape, outline: Polygon.new(corners))
      end
    end
  end
end
