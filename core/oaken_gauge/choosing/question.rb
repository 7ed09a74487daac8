# frozen_string_literal: true

module OakenGauge
  module Choosing
    # The units of a project, to be given one method each, all together.
    #
    # @example
    #   { "units" => [{ "id" => "wave", "unit" => { "kind" => "half_square", "finished" => "2", "count" => 24 },
    #                   "fabrics" => { "light" => "sand", "dark" => "ink" } }],
    #     "stock" => { "sand" => [{ "form" => "yardage" }], "ink" => [{ "form" => "yardage" }] } }
    class Question
      include Documents::Record

      MOST_UNITS = 400
      FORMS = Documents::Composites::List.new(Kinds::FABRIC, 1..60)

      # One of them. - fabrics: names in the stock by role; - keep: a method that stays, nil where any may be chosen
      class Wanted
        include Documents::Record

        text :id
        field :unit, Kinds::UNIT
        field :fabrics, Documents::Composites::Mapping.new(Documents::Scalars::Text.new)
        choice :keep, -> { Methods.ids }, default: nil
        rule(:fabrics, :unit, say: ->(_, unit) { "lacks fabrics: allowed are #{unit.class.roles.join(', ')}" }) do |given, unit|
          given.keys.sort == unit.class.roles.sort
        end
        rule(:keep, :unit, say: ->(_, unit) { "is %<read>s: allowed is a method that makes a #{unit.class.title}" }) do |keep, unit|
          keep.nil? || Methods.making(unit).any? { |method| method.id == keep.to_s }
        end
      end

      choice :oaken_gauge, [1], default: 1
      list :units, Wanted, within: 1..MOST_UNITS
      field :stock, Documents::Composites::Mapping.new(FORMS, most: 200)
      length :seam_allowance, as: :seam, default: Weighing::Question::SEAM, most: 2
      Kinds.drawer(self)
      nested :maker, -> { Makers::Maker }, default: nil
      nested :priorities, Weighing::Priorities, default: nil
      nested :limits, Limits, default: nil
      choice :measure, Weighing::Question::MEASURES, default: nil, meaning: "What lengths are answered in."
      unique(:units, "id", say: "%<read>s is the id of another unit in the list: allowed is one unit an id", &:id)
      rule(:units, :stock, say: "%<read>s has no stock: allowed is a fabric that is in the stock",
                           at: ->(*given) { strange(*given) }) { |*given| strange(*given).empty? }
      rule(:limits, :tools, schema: {}, say: "%<read>s is no tool of the drawer: allowed are ids of its tools",
                            at: ->(*given) { lost(*given) }) { |*given| lost(*given).empty? }

      class << self
        private

        def strange(units, stock)
          units.each_with_index.flat_map do |wanted, place|
            roles = wanted.fabrics.reject { |_, name| stock.key?(name.to_sym) }.keys
            roles.map { |role| ["units", place, "fabrics", role.to_s] }
          end
        end

        def lost(limits, tools)
          ids = (tools || Tools::Drawer.starter.to_a).map(&:id)
          only = limits&.only_tools || []
          only.each_index.reject { |place| ids.include?(only[place]) }.map { |place| ["limits", "only_tools", place] }
        end
      end

      # @return [Symbol] what lengths are answered in
      def answered_in
        measure || written_in
      end

      # @return [Hash{Symbol => Numeric}]
      def weights
        (priorities || Weighing::Priorities.new).weights
      end

      # @param unit [Units::Unit]
      # @param names [Hash{Symbol => String}] of fabrics by role
      # @return [Weighing::Task] how to make them, each role from the first that there is of its fabric
      def task(unit, names)
        Weighing::Question.new(unit: unit, fabrics: first_forms(names), seam: seam, tools: tools, maker: maker, priorities: priorities,
                               measure: measure, written_in: written_in).task
      end

      private

      # Two roles of one name are cut from one fabric.
      def first_forms(names)
        names.to_h do |role, name|
          first = names.key(name)
          [role, first == role ? stock.fetch(name.to_sym).first : Kinds::FabricOrSame::Same.new(role: first.to_s)]
        end
      end
    end
  end
end
