# frozen_string_literal: true

module Server
  # The connection to PostgreSQL, and the schema's migrations.
  module Database
    MIGRATIONS = File.join(ROOT, "db/migrate")
    # What Active Record raises when the database cannot be asked.
    GONE = [ActiveRecord::ConnectionNotEstablished, ActiveRecord::ConnectionFailed, ActiveRecord::ConnectionTimeoutError,
            ActiveRecord::DatabaseConnectionError, PG::ConnectionBad, PG::UnableToSend, PG::AdminShutdown].freeze

    class << self
      # A short wait for a connection, so that a page is told soon that the database is gone.
      def connect(url = ENV.fetch("DATABASE_URL"))
        ActiveRecord::Base.establish_connection(url: url, pool: Integer(ENV.fetch("THREADS", 8)), connect_timeout: 2,
                                                checkout_timeout: 3, prepared_statements: true)
      end

      # @return [void]
      def migrate
        ActiveRecord::Migration.verbose = false
        ActiveRecord::MigrationContext.new(MIGRATIONS).migrate
      end

      # @return [Boolean] whether it answers
      def well?
        ActiveRecord::Base.connection_pool.with_connection { |connection| connection.select_value("SELECT 1") } == 1
      rescue *GONE, ActiveRecord::StatementInvalid
        false
      end
    end
  end
end
