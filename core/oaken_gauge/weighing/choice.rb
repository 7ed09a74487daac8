# frozen_string_literal: true

module OakenGauge
  module Weighing
    # A way of working that is a maker's to choose.
    #
    # - title, meaning: words
    # - options: what may be chosen; nil for a length or a yes
    # - usual: what stands where she does not say; what kind of thing it is, the others are too
    Choice = Struct.new(:title, :meaning, :options, :usual, keyword_init: true) do
      # @param node [Documents::Node] the maker's document
      # @param name [String]
      # @return [Object]
      def read(node, name)
        case usual
        when Symbol then node.choice(name, options, default: usual.to_s).to_sym
        when Integer then node.choice(name, options, default: usual)
        when Rational then node.length(name, default: usual, most: 2)
        else node.flag(name)
        end
      end
    end
  end
end
