# frozen_string_literal: true

module Server
  # The connection to PostgreSQL, and the schema's migrations.
  module Database
    MIGRATIONS = File.join(ROOT, "db/migrate")
    # What Active Record raises when the database cannot be asked.
    GONE = [ActiveRecord::ConnectionNotEstablished, ActiveRecord::ConnectionFailed, ActiveRecord::ConnectionTimeoutError,
            ActiveRecord::DatabaseConnectionError, PG::ConnectionBad, PG::UnableToSend, PG::AdminShutdown].freeze
    # What no question takes, and no wait for another: milliseconds.
    LIMITS = { statement_timeout: 15_000, lock_timeout: 4000, idle_in_transaction_session_timeout: 60_000 }.freeze
    WITHOUT = LIMITS.transform_values { 0 }.freeze
    # Whoever prepares the database holds this lock.
    PREPARING = 7_420_001
    # So many seconds it is waited for an answer, where somebody asks how things stand.
    PATIENCE = 2

    class << self
      # A short wait for a connection, so that a page is told soon that the database is gone. As many connections as threads.
      def connect(url = ENV.fetch("DATABASE_URL"))
        ReadLimit.install
        ActiveRecord::Base.establish_connection(url: url, pool: Integer(ENV.fetch("THREADS", 4)) + 1, connect_timeout: 2,
                                                checkout_timeout: 3, prepared_statements: true, variables: LIMITS)
      end

      # However long it takes.
      # @return [void]
      def migrate
        limit(WITHOUT)
        ActiveRecord::Migration.verbose = false
        ActiveRecord::MigrationContext.new(MIGRATIONS).migrate
      ensure
        limit(LIMITS)
        let_go
      end

      # Gives back whatever connection this thread holds.
      # @return [void]
      def let_go
        ActiveRecord::Base.connection_handler.clear_active_connections!(:all)
      end

      # Waits until no other copy prepares the database. The lock goes with its connection, however that ends.
      # @yield prepares it
      # @return [void]
      def alone
        lock = PG.connect(ActiveRecord::Base.connection_db_config.url)
        lock.exec("SELECT pg_advisory_lock(#{PREPARING})")
        yield
      ensure
        lock&.close
      end

      # @return [String] "answering"; "incomplete", where a table of it is missing; "starting", where it is being started again;
      #   "silent", where it is there and does not answer; or "gone"
      def state
        @look = Thread.new { look } unless @look&.alive?
        found = @look.join(PATIENCE) ? @look.value : "silent"
        found == "gone" && starting? ? "starting" : found
      end

      # @return [Boolean] whether it is being started again
      def starting?
        ENV.key?("DATABASE_MARK") && File.exist?(ENV.fetch("DATABASE_MARK"))
      end

      private

      def limit(limits)
        ActiveRecord::Base.connection.raw_connection.patience = ReadLimit.for(limits[:statement_timeout])
        limits.each { |name, milliseconds| ActiveRecord::Base.connection.execute("SET #{name} = #{milliseconds}") }
      end

      def look
        ActiveRecord::Base.connection_pool.with_connection { |connection| connection.select_value(missing).zero? ? "answering" : "incomplete" }
      rescue *GONE, ActiveRecord::StatementInvalid
        "gone"
      end

      # How many tables are not there.
      def missing
        @missing ||= begin
          models = Models.constants.map { |name| Models.const_get(name) }.select { |one| one.try(:table_name) }.map(&:table_name)
          tables = [*models, "que_jobs"].map { |name| "('#{name}')" }
          "SELECT count(*) FROM (VALUES #{tables.join(', ')}) AS wanted (name) WHERE to_regclass(name) IS NULL"
        end
      end
    end
  end
end
