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
                  "share" => Learning::ShareTest }.freeze
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

      class << self
        private

        def strange(tests, tools)
          known = (tools || Tools::Drawer.starter).map(&:id)
          tests.each_index.select { |place| tests[place].respond_to?(:tool) && !known.include?(tests[place].tool) }
               .map { |place| ["measured", place, "tool"] }
        end
      end

      # @return [Makers::Maker] as she stands before
      def hands
        maker || Makers::Maker.new
      end

      # @return [Array<Learning::Lessons::Moved>] every value that moves
      def moved
        drawer = tools ? Tools::Drawer.new(tools) : Tools::Drawer.starter
        Learning::Lessons.new(hands.profile, measured.flat_map { |test| test.teaches(hands, drawer) }).moved
      end
    end
  end
end
