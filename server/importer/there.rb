# frozen_string_literal: true

module Server
  class Importer
    # What a maker has of one sort before a file is read in, by name; each may be what only one thing of the file is.
    class There
      # @param records [ActiveRecord::Relation] with names
      def initialize(records)
        @records = records
        @named = records.to_a.group_by(&:name)
      end

      # @param told [Hash] its columns
      # @return [ActiveRecord::Base, nil] what is there just so
      def same(told)
        take(@named.fetch(told[:name], []).find { |one| one.attributes.symbolize_keys.slice(*told.keys) == told })
      end

      # @return [ActiveRecord::Base, nil] what is there by the name
      def named(told)
        @named.fetch(told[:name], []).first
      end

      # @param record [ActiveRecord::Base, nil]
      # @return [ActiveRecord::Base, nil] the same, which nothing else of the file is then
      def take(record)
        @named[record.name].delete(record) if record
        record
      end

      # @return [ActiveRecord::Base] a new one
      def add(told)
        @records.create!(told)
      end
    end
  end
end
