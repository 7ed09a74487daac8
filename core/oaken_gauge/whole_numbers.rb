# frozen_string_literal: true

require "highs"

module OakenGauge
  # Integer programs, solved by HiGHS. The same program always gives the same answer: the work it may take is counted, not
  # timed.
  module WholeNumbers
    ENDLESS = 1e30
    # Branches that are looked at where an answer is to be proved the least, and how near to it and to whole numbers it is.
    BRANCHES = 50_000
    EXACT = 1e-9

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
        model = program(costs, [most] * costs.size, rows, [1] * costs.size, a_format: :colwise, **matrix(columns))
        given = counted(model, nodes).solve[:col_value]&.map { |share| [share.round, 0].max }
        given if given && fits?(given, columns, rows)
      end

      # What is least in cost to the last digit, some columns whole and some not.
      #
      # @param costs [Array<Numeric>] of each column
      # @param rows [Array<Array(Hash{Integer => Numeric}, Numeric, Numeric)>] what each column adds to it, the least and the most
      # @param most [Array<Numeric>] of each column
      # @param whole [Array<Boolean>] of each column, whether it is
      # @return [Array(Array<Float>, Boolean)] of each column, nil where there is nothing; and whether that is proved
      def exactly(costs:, rows:, most:, whole:)
        model = program(costs, most, rows.map { |_, *ends| ends }, whole.map do |one|
          one ? 1 : 0
        end, a_format: :rowwise, **matrix(rows.map(&:first)))
        answer = exact(counted(model, BRANCHES)).solve
        found = answer[:col_value] unless answer[:status] == :infeasible
        [found&.then { |given| given if held?(given, rows) }, %i[optimal infeasible].include?(answer[:status])]
      end

      # @param columns [Array<Hash{Integer => Numeric}>] or rows
      # @return [Hash] the same as HiGHS takes it
      def matrix(columns)
        { a_start: starts(columns), a_index: columns.flat_map(&:keys), a_value: columns.flat_map { |column| column.values.map(&:to_f) } }
      end

      private

      def program(costs, most, ends, whole, **matrix)
        Highs.mip(sense: :minimize, col_cost: costs.map(&:to_f), col_lower: [0.0] * costs.size, col_upper: most.map(&:to_f),
                  row_lower: ends.map { |from, _| from.to_f }, row_upper: ends.map { |_, to| to.to_f }, integrality: whole, **matrix)
      end

      def starts(columns)
        columns.each_with_object([0]) { |column, all| all << (all.last + column.size) }[0...-1]
      end

      def counted(model, nodes)
        { mip_max_nodes: nodes, threads: 1, random_seed: 1 }.each do |name, value|
          Highs::FFI.Highs_setIntOptionValue(model.to_ptr, +name.to_s, value)
        end
        model
      end

      def exact(model)
        { mip_rel_gap: 0.0, mip_abs_gap: 0.0, mip_feasibility_tolerance: EXACT, primal_feasibility_tolerance: EXACT,
          dual_feasibility_tolerance: EXACT }.each { |name, value| Highs::FFI.Highs_setDoubleOptionValue(model.to_ptr, +name.to_s, value) }
        model
      end

      def held?(given, rows)
        rows.all? { |terms, least, most| terms.sum(0.0) { |place, value| value * given[place] }.between?(least - 1e-6, most + 1e-6) }
      end

      def fits?(given, columns, rows)
        sums = Array.new(rows.size, 0)
        columns.zip(given).each { |column, count| column.each { |row, value| sums[row] += value * count } }
        sums.zip(rows).all? { |sum, (least, most)| sum.between?(least, most) }
      end
    end
  end
end
