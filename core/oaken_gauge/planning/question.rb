# frozen_string_literal: true

module OakenGauge
  module Planning
    # Pieces, or methods picked for units, to be cut from stock.
    #
    # @example
    #   { "stock" => { "ink" => [{ "form" => "yardage", "length" => "72" }] },
    #     "pieces" => [{ "fabric" => "ink", "size" => ["2 7/8", "2 7/8"], "count" => 30, "then" => "cut_once_diagonally" }] }
    class Question
      include Documents::Record

      MOST_KINDS = 200
      MOST_PIECES = 10_000
      NO_STOCK = "%<read>s has no stock: allowed is a fabric that is in the stock"
      FORMS = Documents::Composites::List.new(Kinds::FABRIC, 1..60)

      # Pieces of one size, or a length of strip that a method cuts up itself.
      class Piece
        include Documents::Record

        # A length of strip. - width, length: inches
        class Run
          include Documents::Record

          length :width, most: 200
          length :length, most: 10_000
        end

        text :fabric
        pair :size, most: 10_000, default: nil
        nested :run, Run, default: nil
        list :segments, Documents::Measures::Size.new(most: 10_000), within: 1..400, default: nil
        integer :count, within: 1..MOST_PIECES, default: 1
        flag :turn, default: true
        flag :pair
        text :for, as: :unit, default: nil
        choice :then, %w[cut_once_diagonally cut_twice_diagonally], as: :then_do, default: nil
        rule(:size, :run, schema: { "oneOf" => [{ "required" => ["size"] }, { "required" => ["run"] }] },
                          say: "is missing: allowed is a size, or a run") { |size, run| size.nil? != run.nil? }
      end

      # A method picked for units, and which fabric plays which role.
      class Pick
        include Documents::Record

        field :unit, Kinds::UNIT
        choice :method, -> { Methods.ids }, as: :technique
        field :fabrics, Documents::Composites::Mapping.new(Documents::Scalars::Text.new)
        rule(:fabrics, :unit, say: ->(_, unit) { "lacks fabrics: allowed are #{unit.class.roles.join(', ')}" }) do |given, unit|
          given.keys.sort == unit.class.roles.sort
        end
      end

      choice :oaken_gauge, [1], default: 1
      length :seam_allowance, as: :seam, default: Weighing::Question::SEAM, most: 2
      field :stock, Documents::Composites::Mapping.new(FORMS, most: 200)
      list :pieces, Piece, within: 0..MOST_KINDS, default: [].freeze
      list :picks, Pick, within: 0..60, default: [].freeze
      Kinds.drawer(self)
      nested :maker, -> { Makers::Maker }, default: nil
      choice :measure, Weighing::Question::MEASURES, default: nil
      number :spare_percent, within: 0..100, default: 0
      integer :effort, within: 1..10, default: 3
      rule(:pieces, :picks, say: "is empty: allowed are pieces, picks, or both") { |pieces, picks| pieces.any? || picks.any? }
      rule(:pieces, say: "are more than #{MOST_PIECES} in all: allowed are so many in one plan") do |pieces|
        pieces.sum(&:count) <= MOST_PIECES
      end
      rule(:pieces, :stock, say: NO_STOCK, at: ->(*given) { strange(*given) }) { |*given| strange(*given).empty? }
      rule(:picks, :stock, say: NO_STOCK, at: ->(*given) { lost(*given) }) { |*given| lost(*given).empty? }

      # @return [Symbol] what lengths are answered in
      def answered_in
        measure || written_in
      end

      class << self
        private

        def strange(pieces, stock)
          pieces.each_index.reject { |place| stock.key?(pieces[place].fabric.to_sym) }.map { |place| ["pieces", place, "fabric"] }
        end

        def lost(picks, stock)
          picks.each_index.flat_map do |place|
            roles = picks[place].fabrics.reject { |_, name| stock.key?(name.to_sym) }.keys
            roles.map { |role| ["picks", place, "fabrics", role.to_s] }
          end
        end
      end
    end
  end
end
