# frozen_string_literal: true

module Server
  # What a connection to the database waits for an answer at most. The database ends by itself whatever takes too long
  # ({Database::LIMITS}); this is for one that is there and says nothing at all. The wait ends where it stands, in the
  # thread that waits, and the connection with it: nobody knows what it is in the midst of.
  module ReadLimit
    # Milliseconds for the database to say by itself that its limit is over.
    GRACE = 2000

    # What Active Record connects through.
    module Connects
      def new_client(parameters)
        super.extend(ReadLimit)
      end
    end

    # @return [void]
    def self.install
      ActiveRecord::ConnectionAdapters.resolve("postgresql").singleton_class.prepend(Connects)
    end

    # @param statement [Integer] milliseconds that the database itself gives a question; none of them is no limit
    # @return [Rational, nil] seconds
    def self.for(statement)
      (statement + GRACE)/1000r if statement.positive?
    end

    # @return [Numeric, nil] seconds; nil where there is no end to its patience
    attr_accessor :patience

    # @private
    def self.extended(connection)
      connection.patience = self.for(Database::LIMITS[:statement_timeout])
    end

    def async_exec(sql, &)
      handed(answered { send_query(sql) }, &)
    end
    alias query async_exec
    alias exec async_exec

    def exec_params(...)
      answered { send_query_params(...) }
    end

    def exec_prepared(...)
      answered { send_query_prepared(...) }
    end

    def prepare(...)
      answered { send_prepare(...) }
    end

    # Active Record asks for it after every error, also where the connection was closed.
    def transaction_status
      finished? ? PG::PQTRANS_UNKNOWN : super
    end

    private

    # @raise [PG::ConnectionBad] it was silent for too long; it is closed then
    # @raise [PG::Error] as the database tells
    def answered
      yield
      return get_last_result if patience ? block(patience.to_f) : block

      finish
      raise PG::ConnectionBad, "The database was silent for #{patience.to_f} seconds."
    end

    def handed(result)
      return result unless block_given?

      begin
        yield result
      ensure
        result&.clear
      end
    end
  end
end
