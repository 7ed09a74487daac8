# frozen_string_literal: true

module OakenGauge
  module Practice
    # A short drill. One class a drill; it asks as many questions as wanted, from the maker's own drawer where it can; what
    # comes by chance is chosen by whoever asks, so that the same choices give the same questions.
    #
    # @abstract A drill says what it is called, and gives {#question}.
    class Drill
      class << self
        include Offered

        # @overload title(words)
        #   Declares what the drill is called.
        # @return [String]
        def title(words = nil)
          @title = words if words
          @title
        end

        # @return [Symbol]
        def kind
          Naming.snake(name).to_sym
        end
      end

      # @param drawer [Tools::Drawer]
      # @param chance [#call] gives one of the numbers from 0 to one less than it is asked for
      def initialize(drawer, chance)
        @drawer = drawer
        @chance = chance
      end

      # @return [Question]
      def question
        raise NotImplementedError
      end

      private

      attr_reader :drawer

      def pick(list)
        list[@chance.call(list.size)]
      end

      # The right answer among wrong ones, in an order of chance.
      def ask(words, right, wrong, because:, picture: nil)
        choices = wrong.uniq.reject { |one| one == right }
        choices.insert(@chance.call(choices.size + 1), right)
        Question.new(drill: self.class.kind, ask: words, choices: choices, right: choices.index(right), because: because, picture: picture)
      end

      def say(inches)
        Length.new(inches, :inch).to_s
      end
    end
  end
end
