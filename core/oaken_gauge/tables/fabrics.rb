# frozen_string_literal: true

module OakenGauge
  module Tables
    # The shelf as a table: a row a fabric; scraps of one fabric have a row a size.
    #
    # @example
    #   Fabrics.new("name,form,width\nInk,yardage,42\n").entries   # => [{ "name" => "Ink", "fabric" => {…} }]
    class Fabrics < Table
      COLUMNS = %w[name form width length side count shade directional price].freeze
      REQUIRED = %w[name form].freeze
      # The columns of each form, by its keys.
      KEYS = { "yardage" => { "usable_width" => "width", "length" => "length" },
               "strips" => { "width" => "width", "usable_length" => "length", "count" => "count" },
               "squares" => { "side" => "side", "count" => "count" },
               "fat_quarter" => { "width" => "width", "length" => "length", "count" => "count" }, "scraps" => {} }.freeze
      SHARED = { "shade" => "shade", "directional" => "directional", "price" => "price" }.freeze
      YES = { "yes" => true, "true" => true, "1" => true, "no" => false, "false" => false, "0" => false }.freeze

      # @param shelf [Array<Hash>] "name" and "fabric", a fabric's document
      # @return [String]
      def self.write(shelf)
        csv(shelf.flat_map { |entry| Written.rows(entry["name"], entry["fabric"]) }.map { |row| row.values_at(*COLUMNS) })
      end

      # @return [Array<Hash>] "name" and "fabric", a fabric's document, of every row that can be read
      def entries
        @entries ||= @rows.group_by { |row| row.values.values_at("name", "form") }.values.flat_map { |same| of_one_name(same) }.compact
      end

      private

      def of_one_name(rows)
        rows.first.values["form"] == "scraps" ? [scraps(rows)] : rows.map { |row| one(row) }
      end

      def one(row)
        named?(row) or return
        keys = KEYS[row.values["form"]]
        return finish(row, keys, keys.transform_values { |column| row.values[column] }) if keys

        fault(row.line, "form", "is #{row.values['form']}: allowed are #{KEYS.keys.join(', ')}")
        nil
      end

      # Each row a size, so many of it.
      def scraps(rows)
        named?(rows.first) or return
        pieces = rows.flat_map do |row|
          count = whole(row, "count") || 1
          [row.values.values_at("width", "length").map(&:to_s)] * [count, 2000].min
        end
        finish(rows.first, {}, { "pieces" => pieces })
      end

      def finish(row, keys, sizes)
        given = { "form" => row.values["form"], **sizes, **shared(row) }.compact
        given["count"] = whole(row, "count") if given.key?("count")
        read = document(row, given, { **keys, **SHARED, "pieces" => "width", "form" => "form" }) { |fabric| OakenGauge.read_fabric(fabric) }
        { "name" => row.values["name"], "fabric" => read.to_document } if read
      end

      def shared(row)
        { "shade" => whole(row, "shade"), "directional" => row.values["directional"]&.then { |word| YES.fetch(word.downcase, word) },
          "price" => row.values["price"]&.then { |price| Float(price, exception: false) || price } }.compact
      end

      # What is no number goes on as it stands, to be refused by the core.
      def whole(row, column)
        row.values[column]&.then { |text| Integer(text, 10, exception: false) || text }
      end

      def named?(row)
        name = row.values["name"].to_s
        return true if name.length.between?(1, 80)

        fault(row.line, "name", "is #{name.empty? ? 'missing' : "#{name.length} letters"}: allowed are 1 to 80")
        false
      end

      # One fabric as rows.
      module Written
        # @return [Array<Hash>] by column
        def self.rows(name, fabric)
          row = { "name" => name, "form" => fabric["form"], **SHARED.keys.to_h { |key| [key, said(fabric[key])] } }
          if fabric["form"] == "scraps"
            return fabric["pieces"].tally.map { |(width, length), count| { **row, "width" => width, "length" => length, "count" => count } }
          end

          [row.merge(KEYS.fetch(fabric["form"]).to_h { |key, column| [column, fabric[key]] })]
        end

        def self.said(value)
          value == true ? "yes" : value
        end
      end
    end
  end
end
