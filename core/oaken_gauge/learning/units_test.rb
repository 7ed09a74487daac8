# frozen_string_literal: true

module OakenGauge
  module Learning
    # Units of one kind, made by one method one after another, and measured: finished, or patches of them before they were sewn.
    class UnitsTest
      include Documents::Record

      # What is further from what it should be was not made badly but measured wrong, inches.
      FAR = 1/2r
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
      rule(:technique, :unit, say: "makes no such unit") { |technique, unit| !Measured.making(unit, technique).nil? }
      rule(:at, :technique, :unit,
say: "is not measured: allowed is nothing, the last round, or a patch that is cut to a size") do |at, *made|
        at.nil? || Measured.making(made.last, made.first).nil? || Measured.at?(made.last, made.first, at)
      end
      rule(:sizes, :unit, :technique, :at, :sure, at: ->(*given) { far(*given) }, say: TOO_FAR) { |*given| far(*given).empty? }

      class << self
        private

        def far(sizes, unit, technique, at, sure)
          return [] if sure || Measured.making(unit, technique).nil? || !(at.nil? || Measured.at?(unit, technique, at))

          wanted = Measured.new(unit, technique, at).size
          sizes.each_index.reject { |place| sizes[place].zip(wanted).all? { |one, other| (one - other).abs <= FAR } }
               .map { |place| ["sizes", place] }
        end
      end

      # @param maker [Makers::Maker]
      # @param drawer [Tools::Drawer]
      # @return [Measured::Group]
      def group(maker, drawer)
        Measured.new(unit, technique, at, maker: maker, drawer: drawer).group(sizes)
      end
    end
  end
end
