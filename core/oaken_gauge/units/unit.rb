# frozen_string_literal: true

module OakenGauge
  module Units
    # A unit that somebody needs: its kind, its finished size and how many. One class a kind, one file
    # a class; the file declares the roles its fabrics play and gives the finished outlines.
    #
    # @abstract
    class Unit
      extend UnitDeclarations

      # The largest finished side that is weighed, inches.
      LARGEST = 48r
      # The most units weighed at once.
      MOST = 100_000

      # @return [Rational] finished side, inches
      attr_reader :finished
      # @return [Integer] how many are needed
      attr_reader :count

      # @param finished [Rational] inches
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
        new(finished: node.length("finished", most: LARGEST), count: node.integer("count", 1..MOST))
      end

      # @param measure [Symbol] unit of measure to write lengths in
      # @return [Hash] the document it could be read from
      def to_document(measure)
        { "kind" => self.class.kind.to_s, "finished" => Length.new(finished, measure).to_s, "count" => count }
      end

      # @return [Polygon] the finished outline
      def outline
        Polygon.rectangle(finished, finished)
      end

      # @param role [Symbol]
      # @return [Array<Patch>] the patches of one fabric
      def patches_of(role)
        patches.select { |patch| patch.role == role }
      end

      # The cloth that one patch brings into the unit, allowances and all: its finished outline pushed
      # outward, less what sticks out past the unit and what the tool had already taken off.
      #
      # @param patch [Patch]
      # @param seam [Numeric] inches
      # @return [Float] square inches
      def cloth_in_patch(patch, seam)
        (patch.outline.offset(seam).clip(outline.offset(seam))&.area || 0).to_f
      end

      # @param role [Symbol]
      # @param seam [Numeric] inches
      # @return [Float] square inches of one fabric in one unit
      def cloth_of(role, seam)
        (@cloth_of ||= {})[[role, seam]] ||= patches_of(role).sum(0.0) { |patch| cloth_in_patch(patch, seam) }
      end
    end
  end
end
