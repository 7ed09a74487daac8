# frozen_string_literal: true

module OakenGauge
  module Blocks
    # A block as it looks, cell by cell, to be taken apart into units.
    #
    # @example
    #   { "cells" => [[{ "cut" => "rising", "fabrics" => %w[sky goose] }, { "cut" => "falling", "fabrics" => %w[sky goose] }]],
    #     "finished" => ["3", "6"] }
    class Question
      include Documents::Record

      # More cells than a block has on a side.
      MOST = 24
      # The longest side of a block, inches.
      LARGEST = 100

      # One cell: whole, cut along one diagonal, or along both.
      class Cell
        include Documents::Record

        HOW_MANY = { "whole" => 1, "rising" => 2, "falling" => 2, "quartered" => 4 }.freeze

        choice :cut, HOW_MANY.keys
        list :fabrics, Documents::Scalars::Text.new(most: 40), within: 1..4
        rule(:fabrics, :cut, say: ->(_, cut) { "are not as many as a cell that is #{cut} has: allowed are #{HOW_MANY.fetch(cut.to_s)}" },
                             schema: { "allOf" => HOW_MANY.map do |cut, count|
                               { "if" => { "properties" => { "cut" => { "const" => cut } } },
                                 "then" => { "properties" => { "fabrics" => { "minItems" => count, "maxItems" => count } } } }
                             end }) { |fabrics, cut| fabrics.size == HOW_MANY.fetch(cut.to_s) }
      end

      choice :oaken_gauge, [1], default: 1
      list :cells, Documents::Composites::List.new(Documents::Composites::Nested.new(Cell), 1..MOST), within: 1..MOST
      field :finished, Documents::Measures::OneOrTwo.new(most: LARGEST)
      length :seam_allowance, as: :seam, default: Weighing::Question::SEAM, most: 2
      field :shades, Documents::Composites::Mapping.new(Documents::Scalars::Whole.new(1..5), most: 200), default: {}.freeze
      Kinds.drawer(self)
      nested :maker, -> { Makers::Maker }, default: nil
      nested :priorities, Weighing::Priorities, default: nil
      rule(:cells, say: "are not as many in every row: allowed is a grid", at: lambda { |cells|
        cells.each_index.reject { |row| cells[row].size == cells.first.size }.map { |row| ["cells", row] }
      }) { |cells| cells.map(&:size).uniq.size == 1 }
      rule(:finished, :cells, say: lambda { |_, cells|
        "gives cells that are not square: allowed is #{square_words(cells)}"
      }) do |finished, cells|
        square?(finished, cells)
      end
      rule(:finished, :cells, say: lambda { |*|
        "gives cells smaller than #{Length.new(Units::Unit::LEAST)}: allowed is a larger block"
      }) do |finished, cells|
        [finished].flatten.last / cells.first.size >= Units::Unit::LEAST
      end

      class << self
        private

        def square?(finished, cells)
          return true unless finished.is_a?(Array)

          finished.first * cells.first.size == finished.last * cells.size
        end

        def square_words(cells)
          "[height, width] as #{cells.size} is to #{cells.first.size}, or the width alone"
        end
      end

      # @param progress [Blocks::Progress]
      # @return [Blocks::TakingApart]
      def taking_apart(progress = Blocks::Progress.new)
        Blocks::TakingApart.new(picture, cell: [finished].flatten.last / cells.first.size, shades: shades,
                                         progress: progress) do |unit|
          Weighing::Question.new(unit: unit, seam: seam, tools: tools, maker: maker, priorities: priorities, written_in: written_in).task
        end
      end

      # @return [Blocks::Picture]
      def picture
        Blocks::Picture.new(cells.map { |row| row.map { |cell| Blocks::Picture.quarters(cell.cut.to_s, cell.fabrics) } })
      end
    end
  end
end
