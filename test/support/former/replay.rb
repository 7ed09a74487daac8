# frozen_string_literal: true

require "json"
require "pg"
require_relative "recorder"

module Former
  # A copy of the former version at work: it asks the database what was recorded, in the same order, with the ids of now.
  class Replay
    FOLDER = __dir__
    ID = /\b#{Recorder::IDS / 1_000_000}\d{6}\b/
    WRITES = /\A(?:INSERT|UPDATE|DELETE)/
    # What the application sets for each of its connections; milliseconds.
    LIMITS = { statement_timeout: 15_000, lock_timeout: 4000 }.freeze

    # Writes that touched other rows than when they were recorded.
    # @return [Array<String>]
    attr_reader :otherwise

    # @param url [String] a database that is empty
    # @return [void]
    def self.prepare(url)
      PG.connect(url).then do |connection|
        connection.exec(File.read(File.join(FOLDER, "schema.sql")))
        connection.close
      end
    end

    # @param url [String]
    def initialize(url)
      @connection = PG.connect(url)
      LIMITS.each { |name, milliseconds| @connection.exec("SET #{name} = #{milliseconds}") }
      @left = JSON.parse(File.read(File.join(FOLDER, "statements.json")))
      @ids = {}
      @otherwise = []
    end

    # Up to the end of a transaction: in the midst of one it would be waited for.
    # @param share [Numeric] of what is left
    # @return [void]
    # @raise [PG::Error] the database does not bear it any more
    def ask(share = 1)
      least = @left.size * (1 - share)
      again(@left.shift) until @left.empty? || (@left.size <= least && @connection.transaction_status == PG::PQTRANS_IDLE)
    end

    # @return [void]
    def close
      @connection.close
    end

    private

    def again(one)
      sql = one["sql"].gsub(ID) { |id| @ids.fetch(id, id) }
      result = @connection.exec(sql)
      one["made"].zip(one["made"].empty? ? [] : result.column_values(0)).each { |before, now| @ids[before.to_s] = now }
      @otherwise << sql if one["sql"].match?(WRITES) && result.cmd_tuples != one["rows"]
    end
  end
end
