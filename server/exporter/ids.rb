# frozen_string_literal: true

module Server
  class Exporter
    # What things of one sort go by in a file: ids made of their names, in small letters, a second of a name with its number. What is not
    # there any more goes by a word that no name makes, and keeps it wherever it is read in.
    class Ids
      GONE = "missing-"
      # As long as an id may be, with room for a number.
      LONGEST = 70
      NUMBER = /\A\d{1,18}\z/

      # @param records [Array<ActiveRecord::Base>] with names
      # @param sort [String] what one without letters is called
      def initialize(records, sort)
        @sort = sort
        @taken = Set.new
        @counts = Hash.new(1)
        @ids = records.to_h { |record| [record.id, free(plain(record.name))] }
      end

      # @param id [Integer, String] as it is stored
      # @return [String]
      def [](id)
        kept = id.to_s
        return kept if kept.start_with?(GONE)

        (kept.match?(NUMBER) && @ids[kept.to_i]) || "#{GONE}#{kept}"[0, LONGEST]
      end

      # @param id [Integer]
      # @return [Boolean]
      def there?(id)
        @ids.key?(id)
      end

      private

      def plain(name)
        plain = PlainName.of(name, longest: LONGEST)
        plain.empty? || plain.start_with?(GONE) ? PlainName.of("#{@sort} #{plain}", longest: LONGEST) : plain
      end

      def free(plain)
        id = plain
        id = "#{plain}-#{@counts[plain] += 1}" until @taken.add?(id)
        id
      end
    end
  end
end
