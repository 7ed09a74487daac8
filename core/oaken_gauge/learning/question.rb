# frozen_string_literal: true

module OakenGauge
  module Learning
    # What a maker measured, and her profile until then.
    #
    # @example
    #   { "measured" => [{ "test" => "three_strips", "middle" => ["1", "63/64"] }] }
    class Question
      include Documents::Record

      # One test, by its name.
      class Test < Documents::Type
        KINDS = { "three_strips" => Learning::SeamTest, "strips" => Learning::RulerTest, "time" => Learning::TimeTest,
                  "share" => Learning::ShareTest, "units" => Learning::UnitsTest }.freeze
        NAME = Documents::Scalars::Choice.new(KINDS.keys)
        private_constant :NAME

        # @return [Learning::SeamTest, Learning::RulerTest, Learning::TimeTest, Learning::ShareTest, nil]
        def read(node)
          return unless node.object?("a test")
          return node.child("test").refuse("one of #{KINDS.keys.join(', ')}") unless node.key?("test")

          name = NAME.read(node.child("test"))
          KINDS.fetch(name.to_s).read(node) if name
        end

        # @return [Hash]
        def write(value, measure)
          value.to_document(measure)
        end

        # @return [Hash]
        def schema
          { "type" => "object", "required" => ["test"] }
        end
      end

      nested :maker, -> { Makers::Maker }, default: nil
      Kinds.drawer(self)
      list :measured, Test.new, within: 1..100
      rule(:measured, :tools, say: "names a tool that is not in the drawer", at: ->(*given) { strange(*given) }) do |*given|
        strange(*given).empty?
      end
      rule(:measured, :tools, say: UnitsTest::UNSIZED, at: ->(*given) { unsized(*given) }) { |*given| unsized(*given).empty? }
      rule(:measured, :tools, say: UnitsTest::NOT_MEASURED, at: ->(*given) { astray(*given) }) { |*given| astray(*given).empty? }
      rule(:measured, :tools, say: UnitsTest::TOO_FAR, at: ->(*given) { far(*given) }) { |*given| far(*given).empty? }

      class << self
        # @return [Tools::Drawer] that of a maker who says nothing of hers is the usual one
        def drawer(tools)
          tools ? Tools::Drawer.new(tools) : Tools::Drawer.starter
        end

        private

        def strange(tests, tools)
          known = drawer(tools).map(&:id)
          at(tests, "tool") { |test| test.respond_to?(:tool) && !known.include?(test.tool) }
        end

        def unsized(tests, tools)
          drawer = drawer(tools)
          at(tests, "method") { |test| test.is_a?(UnitsTest) && test.unsized?(drawer) }
        end

        def astray(tests, tools)
          drawer = drawer(tools)
          at(tests, "at") { |test| test.is_a?(UnitsTest) && test.astray?(drawer) }
        end

        def far(tests, tools)
          drawer = drawer(tools)
          tests.each_with_index.select { |test, _| test.is_a?(UnitsTest) }
               .flat_map { |test, place| test.far(drawer).map { |size| ["measured", place, "sizes", size] } }
        end

        def at(tests, field, &wrong)
          tests.each_index.select { |place| wrong.call(tests[place]) }.map { |place| ["measured", place, field] }
        end
      end

      # @return [Makers::Maker] as she stands before
      def hands
        maker || Makers::Maker.new
      end

      # @return [Array<Learning::Lessons::Moved>] every value that moves: by direct tests, and then by units that were measured
      def moved
        all = from_units ? direct + from_units.moved : direct
        all.group_by(&:value).values.map { |same| same.last.dup.tap { |last| last.from = same.first.from } }
      end

      # @return [Learning::FromUnits, nil] nil where no units were measured
      def from_units
        return if of_units.empty?

        @from_units ||= Learning::FromUnits.new(hands.profile.with(direct.to_h { |one| [one.value, one.known] }), groups,
                                                hands.opens_seams? ? :take_up_open : :take_up)
      end

      # @return [Array<Learning::Drift>] of each batch that grows or shrinks
      def drifts
        groups.map { |group| Learning::Drift.new(group.offs) }.select(&:sure?)
      end

      private

      def drawer
        @drawer ||= self.class.drawer(tools)
      end

      def of_units
        measured.grep(Learning::UnitsTest)
      end

      def groups
        @groups ||= of_units.map { |test| test.group(hands, drawer) }
      end

      def direct
        @direct ||= Learning::Lessons.new(hands.profile, (measured - of_units).flat_map { |test| test.teaches(hands, drawer) }).moved
      end
    end
  end
end
