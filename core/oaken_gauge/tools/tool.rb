# frozen_string_literal: true

module OakenGauge
  module Tools
    # A thing in the drawer. One class a kind, one file a class; the file reads and writes the keys of
    # its kind and says what is printed on it.
    #
    # @abstract
    class Tool
      # The allowance that printed numbers count on unless their maker says otherwise, inches.
      USUAL_SEAM = 1/4r

      # @return [String] unique in its drawer
      attr_reader :id
      # @return [String] what the maker calls it
      attr_reader :name

      class << self
        # @return [String] the name of its kind in documents
        def kind
          @kind ||= Naming.snake(name)
        end

        # Reads the keys that every tool has, and checks that no other but the kind's own are there.
        # @param node [Documents::Node]
        # @return [Hash] keywords for the constructor
        def common(node, required: [], optional: [])
          node.keys(required: %w[id name kind] + required, optional: optional)
          { id: node.text("id"), name: node.text("name") }
        end
      end

      def initialize(id:, name:)
        @id = id
        @name = name
      end

      # @return [Array<Mark>] the sizes it makes, in the order in which they are printed
      def marks
        []
      end

      # @return [Rational, nil] the seam allowance its numbers count on; nil when they count on none
      def made_for_seam
        nil
      end

      # @return [Hash] the document it could be read from
      def to_document(measure = :inch)
        { "id" => id, "name" => name, "kind" => self.class.kind, **own_document(measure) }.compact
      end

      private

      def own_document(_measure)
        {}
      end

      def write(length, measure)
        length && Length.new(length, measure).to_s
      end

      def seam_document(measure)
        { "made_for_seam" => (write(made_for_seam, measure) unless made_for_seam == USUAL_SEAM) }
      end
    end
  end
end
