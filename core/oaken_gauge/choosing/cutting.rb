# frozen_string_literal: true

module OakenGauge
  module Choosing
    # How everything that a choice takes is cut: one plan for all its units, on all that there is of each fabric.
    class Cutting
      # What is missing of a fabric that holds no such piece, however much there is of it.
      NEVER = Float::INFINITY

      # @param question [Question]
      # @param groups [Array<Group>]
      # @param options [Array<Option>] of each group
      def initialize(question, groups, options)
        @question = question
        @groups = groups
        @options = options
      end

      # @return [Hash{String => Numeric}] inches of length that are missing, of fabrics that are short
      def lacking
        @lacking ||= too_narrow.to_h { |name| [name, NEVER] }.then { |never| never.any? ? never : short }
      end

      # @param name [Symbol] of a fabric
      # @return [Planning::FabricPlan, nil] nil where nothing is cut from it, or it holds no such piece
      def of(name)
        too_narrow.empty? ? plan.fabrics[name] : nil
      end

      # @return [Planning::Plan]
      def plan
        @plan ||= Planning::Plan.new(Planning::Question.new(
                                       stock: @question.stock, picks: picks, seam: @question.seam, tools: @question.tools,
                                       maker: @question.maker, measure: @question.answered_in, written_in: @question.written_in
                                     ))
      end

      private

      def picks
        @groups.zip(@options).map do |group, option|
          Planning::Question::Pick.new(unit: option.outcome.way.unit, technique: option.id, fabrics: group.fabrics)
        end
      end

      def too_narrow
        @too_narrow ||= plan.too_large.map { |fabric, _| fabric.to_s }.uniq
      end

      def short
        plan.fabrics.select { |_, fabric| fabric.short.any? }.to_h { |name, fabric| [name.to_s, fabric.lacking] }
      end
    end
  end
end
