# frozen_string_literal: true

module OakenGauge
  module Tools
    # A thing in the drawer. One class a kind, one file a class; the file declares the keys of its kind and says
    # what is printed on it.
    #
    # @abstract
    # @example A new kind of tool is declared, and is there: in documents, schemas and forms
    #   class Compass < Tool
    #     title "Compass"
    #     length :reach, most: 30, label: "Widest circle"
    #   end
    class Tool
      include Documents::Record

      # The allowance that printed numbers count on unless their maker says otherwise, inches.
      USUAL_SEAM = 1/4r
      # Nothing on a cutting table is larger, inches.
      LARGEST = 120r

      class << self
        include Offered

        # @return [String] the name of its kind in documents
        def kind
          @kind ||= Naming.snake(name)
        end

        # @overload title(words)
        #   Declares what such a tool is called.
        # @return [String]
        def title(words = nil)
          @title = words if words
          @title || kind.tr("_", " ").capitalize
        end

        # @overload group(words)
        #   Declares what such tools are for: those for one thing stand together.
        # @return [String]
        def group(words = nil)
          @group = words if words
          @group || title
        end

        private

        # Declares that its numbers count on a seam allowance.
        def made_for_seam
          length :made_for_seam, default: USUAL_SEAM, most: 2, label: "Made for a seam allowance of"
        end
      end

      tag "kind"
      text :id, label: "Short name"
      text :name, label: "Name"

      # @return [Array<Mark>] the sizes it makes, in the order in which they are printed
      def marks
        []
      end

      # @param shape [Patches::Shape]
      # @return [Array<Mark>] those that make just this patch
      def marks_making(shape)
        marks.select { |mark| mark.shape == shape }
      end

      # @param shape [Patches::Shape]
      # @return [Array(Mark, Mark)] of the marks for its kind the nearest smaller one and the nearest larger one,
      #   either may be nil
      def nearest(shape)
        own = marks.select { |mark| mark.makes == shape.kind && mark.shape && mark.measured? }
        smaller, larger = own.reject { |mark| mark.finished == shape.finished }.partition { |mark| mark.finished < shape.finished }
        [smaller.max_by(&:finished), larger.min_by(&:finished)]
      end

      # @param kind [Symbol] of patch
      # @return [Boolean] whether it makes any of that kind
      def makes?(kind)
        marks.any? { |mark| mark.makes == kind }
      end

      # @param _presses [Array<DiePress>]
      # @return [Boolean] whether it is of any use with the presses in the drawer
      def usable_with?(_presses)
        true
      end

      # A tool keeps the measure it is printed in: in a metric project its line is told in inches, and how much that is.
      # @param inches [Rational]
      # @param measure [Symbol] what is worked in
      # @return [String] the line as it is read on the tool
      def line(inches, measure)
        Length.new(inches, written_in).line_for(measure)
      end

      # @return [Picture, nil] how it looks, to scale; nil for what has no size
      def picture
        nil
      end

      # @return [Rational, nil] the seam allowance its numbers count on; nil when they count on none
      def made_for_seam
        nil
      end
    end
  end
end
