# frozen_string_literal: true

require "csv"

module OakenGauge
  module Tables
    # What could not be read of a table: in which line and column, and what is allowed there.
    Fault = Struct.new(:line, :column, :say, keyword_init: true)

    # A table of comma-separated values with a head. Rows that can be read are kept apart from those that cannot, so that
    # one broken row does not lose the others.
    #
    # @abstract A table has COLUMNS and REQUIRED, and gives {#entries} of its rows.
    class Table
      # One line of it. - line: as an editor counts; - values: {String => String}, without what is blank
      Row = Struct.new(:line, :values, keyword_init: true)
      # More rows than are read at once.
      MOST = 5000

      # What a spreadsheet would take for a formula; an apostrophe before it says that it is none.
      FORMULA = /\A'*[=+\-@]/

      # @param rows [Array<Array>] below the names of the columns
      # @return [String]
      def self.csv(rows)
        CSV.generate { |csv| [self::COLUMNS, *rows].each { |row| csv << row.map { |cell| plain(cell) } } }
      end

      def self.plain(cell)
        cell.to_s.match?(FORMULA) ? "'#{cell}" : cell
      end
      private_class_method :csv, :plain

      # @return [Array<Fault>] in the order of the lines
      attr_reader :faults

      # @param text [String]
      def initialize(text)
        @faults = []
        @rows = read(text.delete_prefix("\uFEFF"))
      end

      private

      def read(text)
        lines = CSV.new(text)
        head = lines.shift&.map { |name| name.to_s.strip.downcase }
        head_right?(head) ? rows(lines, head) : []
      rescue CSV::MalformedCSVError => e
        fault(e.line_number, "", "cannot be read: a quotation mark is missing or stands where none may")
        []
      end

      def head_right?(head)
        return !fault(1, "", "is empty: allowed is a line of names, #{names}") if head.nil? || head.all?(&:empty?)

        (head - self.class::COLUMNS - [""]).uniq.each { |name| fault(1, name, "is no column here: allowed are #{names}") }
        (self.class::REQUIRED - head).each { |name| fault(1, name, "is missing") }
        faults.empty?
      end

      def names
        self.class::COLUMNS.join(", ")
      end

      def rows(lines, head)
        list = []
        while list.size <= MOST && (values = lines.shift)
          fault(lines.lineno, "", "has something in a column without a name") if nameless?(head, values)
          list << Row.new(line: lines.lineno, values: told(head, values))
        end
        return list.reject { |row| row.values.empty? } if list.size <= MOST

        fault(lines.lineno, "", "is line #{MOST + 1} and more: allowed are #{MOST} at once")
        []
      end

      def told(head, values)
        head.zip(values).to_h { |name, value| [name, written(value.to_s.strip)] }.reject { |name, value| name.empty? || value.empty? }
      end

      # Spreadsheets write empty columns at the end.
      def nameless?(head, values)
        values.each_with_index.any? { |value, place| head.fetch(place, "").empty? && !value.to_s.strip.empty? }
      end

      def written(value)
        value.start_with?("'") && value[1..].match?(FORMULA) ? value[1..] : value
      end

      # @return [Fault]
      def fault(line, column, say)
        Fault.new(line: line, column: column, say: say).tap { |one| @faults << one }
      end

      # Reads a document of the row; its faults are told by the column that they come from.
      # @param columns [Hash{String => String}] columns by the document's keys
      # @return the document as the core read it, or nil
      def document(row, given, columns)
        yield given
      rescue Documents::Invalid => e
        e.faults.each { |one| fault(row.line, columns.fetch(one.pointer.split("/")[1], ""), one.message) }
        nil
      end
    end
  end
end
