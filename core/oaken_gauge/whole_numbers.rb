# frozen_string_literal: true

require "highs"

module OakenGauge
  # Integer programs, solved by HiGHS. The same program always gives the same answer: the work it may take is counted, not
  # timed.
  module WholeNumbers
    ENDLESS = 1e30

    class << self
      # What is least in cost with whole numbers of each column.
      #
      # @param costs [Array<Numeric>] of each column
      # @param columns [Array<Hash{Integer => Numeric}>] of each, what it adds to each row
      # @param rows [Array<Array(Numeric, Numeric)>] of each, the least and the most
      # @param most [Numeric] of each column
      # @param nodes [Integer] how many branches are looked at
      # @return [Array<Integer>, nil] nil where nothing was found
      def least(costs:, columns:, rows:, nodes:, most: ENDLESS)
        model = Highs.mip(sense: :minimize, a_format: :colwise, col_cost: costs.map(&:to_f), col_lower: [0.0] * costs.size,
                          col_upper: [most.to_f] * costs.size, row_lower: rows.map { |row| row.first.to_f },
                          row_upper: rows.map { |row| row.last.to_f }, integrality: [1] * costs.size, **matrix(columns))
        given = run(model, nodes)
        given if given && fits?(given, columns, rows)
      end

      # @param columns [Array<Hash{Integer => Numeric}>]
      # @return [Hash] the same as HiGHS takes it
      def matrix(columns)
        { a_start: starts(columns), a_index: columns.flat_map(&:keys), a_value: columns.flat_map { |column| column.values.map(&:to_f) } }
      end

      private

      def starts(columns)
        columns.each_with_object([0]) { |column, all| all << (all.last + column.size) }[0...-1]
      end

      def run(model, nodes)
        { mip_max_nodes: nodes, threads: 1, random_seed: 1 }.each do |name, value|
          Highs::FFI.Highs_setIntOptionValue(model.to_ptr, +name.to_s, value)
        end
        model.solve[:col_value]&.map { |share| [share.round, 0].max }
      end

      def fits?(given, columns, rows)
        sums = Array.new(rows.size, 0)
        columns.zip(given).each { |column, count| column.each { |row, value| sums[row] += value * count } }
        sums.zip(rows).all? { |sum, (least, most)| sum.between?(least, most) }
      end
    end
  end
end
