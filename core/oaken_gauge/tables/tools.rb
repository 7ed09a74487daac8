# frozen_string_literal: true

module OakenGauge
  module Tables
    # The marks of the drawer as a table: a row a mark. Triangle rulers for strips and trimmers with a line on the seam can be
    # told whole in it; of the other tools it lists what is printed, to look through.
    #
    # @example
    #   Tools.new("tool,side,mark,reads,makes\nEven,,2,finished,half_square\n").entries   # => [{ "kind" => "strip_triangle_ruler", … }]
    class Tools < Table
      COLUMNS = %w[tool side mark reads makes].freeze
      REQUIRED = %w[tool mark reads makes].freeze
      SIDES = %w[half_square quarter_square].freeze
      READS = { "finished" => "strip_triangle_ruler", "strip" => "strip_triangle_ruler", "unfinished" => "unit_trimmer" }.freeze

      # The column that each key of a tool is read from.
      FROM = { "name" => "tool", "sides" => "mark", "marks" => "mark", "makes" => "makes" }.freeze

      # @param drawer [Array<Hash>] documents of tools
      # @return [String]
      def self.write(drawer)
        csv(drawer.map { |document| OakenGauge.read_tool(document) }.flat_map { |tool| rows_of(tool) })
      end

      def self.rows_of(tool)
        marks = tool.respond_to?(:trim_marks) ? tool.trim_marks : tool.marks
        marks.map { |mark| [tool.name, mark.side, mark.label(tool.written_in), mark.reads, mark.makes] }
      end
      private_class_method :rows_of

      # @return [Array<Hash>] documents of the tools that can be read, without ids
      def entries
        @entries ||= @rows.group_by { |row| row.values["tool"].to_s }.filter_map { |name, rows| tool(name, rows) }
      end

      private

      def tool(name, rows)
        kinds = rows.map { |row| kind_of(row) }
        return if kinds.include?(nil)

        given = kinds.first == "unit_trimmer" ? trimmer(rows) : ruler(rows)
        told = { "kind" => kinds.first, "id" => "read", "name" => name, **given }
        document(rows.first, told, FROM) { |one| OakenGauge.read_tool(one) }&.to_document&.except("id")
      end

      def kind_of(row)
        kind = READS[row.values["reads"]]
        makes = row.values["makes"]
        return kind if kind == "unit_trimmer" || (kind && SIDES.include?(makes))

        refuse(row, kind ? "makes" : "reads", kind ? SIDES : READS.keys)
      end

      def refuse(row, column, allowed)
        fault(row.line, column, "is #{row.values[column]}: allowed here are #{allowed.join(', ')}; enter the others on the page")
        nil
      end

      def ruler(rows)
        sides = rows.group_by { |row| row.values.values_at("makes", "reads") }.map do |(makes, reads), own|
          { "makes" => makes, "reads" => reads, "marks" => own.map { |row| row.values["mark"].to_s } }
        end
        { "sides" => sides }
      end

      def trimmer(rows)
        { "makes" => rows.map { |row| row.values["makes"].to_s }.uniq, "marks" => rows.map { |row| row.values["mark"].to_s }.uniq }
      end
    end
  end
end
