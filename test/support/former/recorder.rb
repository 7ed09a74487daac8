# frozen_string_literal: true

require "json"

module Former
  # Writes down what is asked of the database: each statement with all that it was given, how many rows it touched, and the ids of
  # the rows that it made.
  class Recorder
    # Ids begin here while it is recorded, so that a number that is an id is known from any other.
    IDS = 7_000_000

    attr_reader :statements

    def initialize
      @statements = []
    end

    # @param sql [String]
    # @param result [PG::Result]
    def note(sql, result)
      made = sql.start_with?("INSERT") && result.ntuples.positive? ? result.column_values(0) : []
      @statements << { sql: sql, rows: result.cmd_tuples, made: made }
    end

    # @param connection [PG::Connection]
    # @return [void]
    def listen(connection)
      recorder = self
      connection.singleton_class.prepend(Module.new do
        define_method(:async_exec) { |sql, *rest, &block| super(sql, *rest, &block).tap { |result| recorder.note(sql, result) } }
        define_method(:exec_params) { |sql, values, *rest| super(sql, values, *rest).tap { |result| recorder.note(sql, result) } }
      end)
    end
  end
end
