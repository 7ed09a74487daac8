# frozen_string_literal: true

module OakenGauge
  module Turning
    # A weigh document, and what of it moves.
    #
    # @example
    #   { "unit" => { "kind" => "half_square", "finished" => "2", "count" => 24 }, "over" => { "priority" => "fabric" } }
    class Question < Weighing::Question
      nested :over, Over

      # By what is given, from the task and what was said of it.
      MOVING = { priority: ->(task, name) { ByPriority.new(task, name.to_sym) },
                 count: ->(task, ends) { ByCount.new(task, Range.new(*ends)) },
                 size: ->(task, ends) { BySize.new(task, Range.new(*ends)) },
                 price: ->(task, price) { ByPrice.new(task, price.fabric.to_sym, price.an_hour) } }.freeze
      private_constant :MOVING

      rule(:over, :unit, at: ->(*) { [%w[over price fabric]] }, schema: {},
                         say: ->(_, unit) { "is no fabric of this unit: allowed are #{unit.class.roles.join(', ')}" }) do |over, unit|
        over.price.nil? || unit.class.roles.include?(over.price.fabric.to_sym)
      end

      # @return [ByPriority, ByCount, BySize, ByPrice]
      # @raise [Documents::Invalid] where the fabric whose price moves has none, or prices are in several currencies
      def moving
        MOVING.fetch(over.given).call(task, over.public_send(over.given))
      end
    end
  end
end
