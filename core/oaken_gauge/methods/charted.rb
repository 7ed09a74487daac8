# frozen_string_literal: true

module OakenGauge
  module Methods
    # What a chart in the drawer says for a method that it names: squares and strips by fabric, in place of those that would
    # be worked out. A number that is smaller than the geometry asks is not cut.
    #
    # @example
    #   method.charted_square(:goose, [5.2071, 5.2071])   # => (11/2), where line D says goose 5 1/2
    module Charted
      # @return [Array(Tools::Chart, Tools::Chart::Line), nil] the chart and its line for this unit
      def charted
        @charted ||= [task.drawer.of(Tools::Chart).flat_map { |chart| [chart].product(chart.lines_for(unit, seam, self.class)) }.first]
        @charted.first
      end

      # @param role [Symbol]
      # @param exact [Array(Numeric, Numeric)] the least that the geometry asks, inches
      # @return [Rational, nil] inches
      def charted_square(role, exact)
        charted_size(:squares, role, exact.max)
      end

      # @param role [Symbol]
      # @param exact [Numeric] the least that the geometry asks, inches
      # @return [Rational, nil] inches
      def charted_strip(role, exact)
        charted_size(:strips, role, exact)
      end

      # @return [Array<Tools::Setting>]
      def chart_settings
        return [] unless charted

        chart, line = charted
        sizes = { "square" => line.squares, "strip" => line.strips }.flat_map { |what, named| words(what, named) }
        [Tools::Setting.new(tool: chart, side: unit.class.kind, mark: line.mark, reads: :letter, off_by: 0r,
                            say: "Line #{line.mark} of #{chart.name}: #{sizes.join(', ')}.")]
      end

      # @return [Array<String>] what the chart says too small, in words
      def charted_too_small
        cuts
        @charted_too_small.to_h.map { |role, (size, exact)| "#{role} #{say(size)}, at least #{say(exact)} is needed" }
      end

      private

      def charted_size(what, role, exact)
        size = charted&.last&.public_send(what).to_h[role] or return
        return size if size >= exact - Plane::SAME

        (@charted_too_small ||= {})[role] = [size, task.grid.ceil(exact)]
        nil
      end

      def words(what, named)
        (named || {}).map { |role, size| "#{role} #{what} #{say(size)}" }
      end
    end
  end
end
