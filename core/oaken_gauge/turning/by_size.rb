# frozen_string_literal: true

module OakenGauge
  module Turning
    # Where another method takes the first place from mark to mark of the beam.
    class BySize < ByValue
      private

      def standing
        unit.measure_on_beam
      end

      # Every mark of every tool on a beam that reaches as far as is asked, and those of the size that stands now.
      def values
        ends = [@range.begin, @range.end].filter_map { |size| unit_at(size) if can_be?(size) }
        marks = [*ends, unit].flat_map { |one| Sizing::Beam.new(@task.of(one)).rows.flat_map(&:marks).map(&:finished) }
        between_marks(marks).uniq.sort.select { |size| @range.cover?(size) && can_be?(size) }
      end

      # A straight ruler has a mark at whatever size is asked for: that of an end of the range is none of the beam's.
      def between_marks(marks)
        stops = Sizing::Beam.new(@task).stops
        asked = [@range.begin, @range.end] - stops - [standing]
        others = other_marks
        marks.reject { |mark| asked.include?(mark) && !others.include?(mark) }
      end

      def other_marks
        Sizing::Beam.new(@task.of(unit_at(@range.end))).rows.reject { |row| row.tool.is_a?(Tools::StraightRuler) }
                    .flat_map(&:marks).map(&:finished)
      end

      def can_be?(size)
        unit.side_lengths.all? { |side| (side * size / standing).between?(Units::Unit::LEAST, Units::Unit::LARGEST) }
      end

      def unit_at(size)
        unit.at(size)
      end
    end
  end
end
