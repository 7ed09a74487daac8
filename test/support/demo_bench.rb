# frozen_string_literal: true

# The demo bench for every test: imported once into each database, then put back from a copy of its rows.
module DemoBench
  # Whoever refers to another comes after it.
  TABLES = %w[accounts sessions known_browsers invitations attempts makers drills jobs bookmarks tools fabrics blocks projects units unit_fabrics picks].freeze
  # The maker's id, by database.
  KEPT = {} # rubocop:disable Style/MutableConstant

  class << self
    # @yieldreturn [Server::Models::Maker] the bench as it is imported
    # @return [Server::Models::Maker] the same, with nothing else in the database
    def fresh
      KEPT.key?(ENV.fetch("DATABASE_URL")) ? put_back : keep(yield.id)
      Server::Models::Maker.find(KEPT.fetch(ENV.fetch("DATABASE_URL")))
    end

    private

    def keep(maker)
      connection.execute("CREATE SCHEMA kept; #{TABLES.map { |table| "CREATE TABLE kept.#{table} AS TABLE #{table};" }.join}")
      KEPT[ENV.fetch("DATABASE_URL")] = maker
    end

    def put_back
      connection.execute("#{TABLES.reverse.map { |table| "DELETE FROM #{table};" }.join}
                          #{TABLES.map { |table| "INSERT INTO #{table} SELECT * FROM kept.#{table};" }.join}")
    end

    def connection
      ActiveRecord::Base.connection
    end
  end
end
