# frozen_string_literal: true

module OakenGauge
  module Learning
    # Units of one kind, made by one method one after another, and measured: finished, or patches of them before they were sewn.
    class UnitsTest
      include Documents::Record

      # What is further from what it should be was not made badly but measured wrong, inches.
      FAR = 1/2r
      NOT_MEASURED = "is not measured: allowed is nothing, a round after which it has a size, or a patch that is cut to a size"
      UNSIZED = "needs a foundation grid that such a unit fits on, among the tools"
      TOO_FAR = "is more than 1/2 from what it should be: measure it again, or say that you are sure"

      # Where on the way they were measured. - patch: a role; - round: after which round
      class At
        include Documents::Record

        text :patch, default: nil
        integer :round, within: 0..1000, default: nil
        rule(:patch, :round, say: "is neither or both: allowed is a patch, or a round") { |patch, round| patch.nil? != round.nil? }
      end

      choice :test, %w[units], always: true
      field :unit, Kinds::UNIT
      choice :method, -> { Methods.ids }, as: :technique
      nested :at, At, default: nil
      list :sizes, Documents::Measures::Pair.new(names: %w[Height Width], most: 240), within: 1..500
      flag :sure
      rule(:technique, :unit, say: "does not make such a unit by itself") { |technique, unit| !Measured.making(unit, technique).nil? }

      # @param drawer [Tools::Drawer]
      # @return [Boolean] whether the tool is missing that its sizes depend on
      def unsized?(drawer)
        !measured(drawer: drawer).sized?
      end

      # @param drawer [Tools::Drawer]
      # @return [Boolean] whether it was measured where there is nothing to measure
      def astray?(drawer)
        !unsized?(drawer) && !measured(drawer: drawer).there?
      end

      # @param drawer [Tools::Drawer]
      # @return [Array<Integer>] which of the sizes are further off than is likely, where she is not sure of them
      def far(drawer)
        return [] if sure || unsized?(drawer) || astray?(drawer)

        wanted = measured(drawer: drawer).size
        sizes.each_index.reject { |place| sizes[place].zip(wanted).all? { |one, other| (one - other).abs <= FAR } }
      end

      # @param maker [Makers::Maker]
      # @param drawer [Tools::Drawer]
      # @return [Measured::Group]
      def group(maker, drawer)
        measured(maker: maker, drawer: drawer).group(sizes)
      end

      private

      def measured(**whose)
        Measured.new(unit, technique, at, **whose)
      end
    end
  end
end
