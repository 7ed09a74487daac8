# frozen_string_literal: true

module OakenGauge
  module Units
    # A unit that somebody needs: its kind, its finished size and how many. One class a kind, one file
    # a class; the file declares the roles its fabrics play and gives the finished outlines.
    #
    # @abstract A kind gives {#patches} and {#joins}; most read and write like this one.
    class Unit
      extend UnitDeclarations
      include Cloth
      include Cells
      include Seams

      # The largest finished side that is weighed, inches.
      LARGEST = 48r
      # The most units weighed at once.
      MOST = 100_000

      # @return [Rational, Array<Rational>] finished side, or height and width, inches
      attr_reader :finished
      # @return [Integer] how many are needed
      attr_reader :count

      # @param finished [Rational, Array<Rational>] inches
      # @param count [Integer]
      def initialize(finished:, count:)
        @finished = finished
        @count = count
      end

      # Reads the keys of its kind from a document.
      # @param node [Documents::Node]
      # @return [Unit]
      def self.read(node)
        node.keys(required: %w[kind finished count])
        new(finished: node.length("finished", most: LARGEST), count: read_count(node))
      end

      # @param node [Documents::Node]
      # @return [Integer]
      def self.read_count(node)
        node.integer("count", 1..MOST)
      end

      # @param measure [Symbol] unit of measure to write lengths in
      # @return [Hash] the document it could be read from
      def to_document(measure)
        { "kind" => self.class.kind.to_s, "finished" => finished_document(measure), "count" => count }
      end

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

      # @param role [Symbol]
      # @return [Array<Patch>] the patches of one fabric
      def patches_of(role)
        patches.select { |patch| patch.role == role }
      end

      # @return [Array<Patches::Shape>] each shape once
      def shapes
        @shapes ||= patches.map(&:shape).uniq
      end

      # Its patches in parts of its size: alike for every size of a shape.
      # @return [Array<Array<Array(Float, Float)>>]
      def proportions
        @proportions ||= begin
          size = side_lengths.max.to_f
          patches.map { |patch| patch.outline.points.map { |point| point.map { |number| (number / size).round(7) } } }
        end
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
        scaled(size / measure_on_beam)
      end

      private

      # @param scale [Rational]
      # @return [Unit]
      def scaled(scale, **others)
        sides = finished.is_a?(Array) ? finished.map { |side| side * scale } : finished * scale
        self.class.new(finished: sides, count: count, **others)
      end

      def finished_document(measure)
        lengths = [finished].flatten.map { |length| Length.new(length, measure).to_s }
        finished.is_a?(Array) ? lengths : lengths.first
      end

      def patch(role, shape, *corners)
        Patch.new(role: role, shape: shape, outline: Polygon.new(corners))
      end
    end
  end
end
