# frozen_string_literal: true

require_relative "table"

module Rehearsal
  # A piece of a foundation sheet, its cells fused. Lines between cells are folded and sewn: all one way, then all the other. A fold that
  # crosses an allowance which was not snipped there and pressed sews it down; what was not snipped cannot be pressed to
  # alternate sides, so that the seams across would not nest.
  class Sheet
    Line = Struct.new(:way, :place, :snipped, :side)

    # @param way [OakenGauge::Methods::Foundation::Panel]
    def initialize(way)
      @way = way
      columns = way.section.columns
      rows = way.section.rows
      @left = { columns: Array.new(columns - 1) { |i| Line.new(:columns, i) }, rows: Array.new(rows - 1) { |i| Line.new(:rows, i) } }
      @crossed = rows > 1 && columns > 1
      @sewn = []
    end

    # @return [Array<Line>] every line that was folded, with the side it was pressed to
    def follow(steps = @way.steps)
      steps.select { |step| step.round.positive? }.each { |step| act(step.operation.name) }
      raise Spoilt, "lines that were never folded" unless @left.values.all?(&:empty?)

      @sewn
    end

    private

    def act(name)
      case name
      when :fold_and_sew then fold
      when :snip_crossing then @sewn.each { |line| line.snipped = true }
      when :press_seam then press
      end
    end

    def fold
      raise Spoilt, "an allowance is sewn down" if @sewn.any? { |line| line.side.nil? }

      way = @left.keys.find { |key| !@left[key].empty? }
      @sewn += @left[way]
      @left[way] = []
    end

    def press
      fresh = @sewn.select { |line| line.side.nil? }
      raise Spoilt, "it was not snipped" unless !@crossed || fresh.all? { |line| line.snipped || line.way != @sewn.first.way }

      fresh.each { |line| line.side = line.place.even? ? :one : :other }
    end
  end
end
