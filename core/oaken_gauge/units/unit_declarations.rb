# frozen_string_literal: true

module OakenGauge
  module Units
    # What a unit's file declares about its kind.
    module UnitDeclarations
      include Offered

      # @overload roles(*names)
      #   Declares the fabric roles, in the order in which they are named to people.
      # @return [Array<Symbol>]
      def roles(*names)
        @roles = names.freeze unless names.empty?
        @roles
      end

      # @overload title(words, plural)
      #   Declares what one of them is called, and several where that is not the same with an s.
      # @return [String]
      def title(words = nil, plural = "#{words}s")
        if words
          @title = words
          @plural = plural
        end
        @title
      end

      # @return [String] what several of them are called
      attr_reader :plural

      # @overload sized_by(what)
      #   Declares what its size is told by, where that is no one number: an outline, a grain.
      # @return [Symbol]
      def sized_by(what = nil)
        @sized_by = what if what
        @sized_by || :number
      end

      # @overload measure(words)
      #   Declares what its measure on the beam is called.
      # @return [String]
      def measure(words = nil)
        @measure = words if words
        @measure || "Finished size"
      end

      # Declares its finished size, or its height and width, and what they are called.
      # @return [void]
      def finishes(*names)
        measure(names.first)
        limits = { least: Unit::LEAST, most: Unit::LARGEST, because: "nothing smaller can be sewn" }
        type = names.size == 2 ? Documents::Measures::Pair.new(names: names, **limits) : Documents::Measures::Size.new(**limits)
        field :finished, type, label: measure, finished: true
      end

      # Declares that so many of them are needed.
      # @return [void]
      def counted
        integer :count, within: 1..Unit::MOST, label: "How many"
      end

      # @overload on_cells
      #   Declares what it is when it covers so many columns and rows of square cells of side 1: a list of values for each
      #   such unit. Where it cannot lie on them the list is empty; where this is not declared it always is.
      # @yield [columns, rows]
      # @return [Proc]
      def on_cells(&units)
        @on_cells = units if units
        @on_cells || ->(*) { [] }
      end

      # Declares that it lies on as many rows as columns.
      # @yield [side] whether it lies on so many
      # @return [void]
      def on_square_cells(&fits)
        on_cells { |columns, rows| columns == rows && (fits.nil? || fits.call(columns)) ? [{ finished: columns.to_r }] : [] }
      end

      # @param count [Integer]
      # @return [Hash] the value by which so many of them are asked for; as many of each hand as can be
      def so_many(count)
        { count: count }
      end

      # The same unit with its fabrics named otherwise, as it lies after a turn: every naming that there is.
      # @param fabrics [Hash{Symbol => String}] by seat
      # @param mirror [Boolean] whether it is its own mirror image
      # @return [Array<Array(Hash, Boolean)>]
      def namings(fabrics, mirror)
        [[fabrics, mirror]]
      end

      # @param names [Array<Object>] of the fabrics, by {Unit#seats}
      # @return [Boolean] whether a unit of these is one of this kind
      def of_these?(names)
        names.uniq.size == names.size
      end

      # @overload starter(document)
      #   Declares a unit of this kind to begin with, by the keys of its document beside the kind.
      # @return [Hash]
      def starter(document = nil)
        @starter = document if document
        { "kind" => kind.to_s, **@starter }
      end

      # @overload engineered(yes)
      #   Declares that its triangles sit inside a longer side, where trimmed tips show the place.
      # @return [Boolean]
      def engineered(yes = nil)
        @engineered = yes unless yes.nil?
        @engineered || false
      end

      # @return [Symbol] its name in documents
      def kind
        @kind ||= Naming.snake(name).to_sym
      end
    end
  end
end
