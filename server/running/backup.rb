# frozen_string_literal: true

require "fileutils"
require "tempfile"
require "uri"
require_relative "cluster"

module Running
  # Copies of everything that is stored, and back: PostgreSQL's own archive, made and read by its own tools. The private
  # database is started for it where it does not run.
  class Backup
    ROOT = File.expand_path("../..", __dir__)
    EMPTY = "SET client_min_messages = warning; DROP SCHEMA public CASCADE;"

    # @param url [String, nil] DATABASE_URL; nothing for the private database
    def initialize(url = ENV.fetch("DATABASE_URL", nil))
      @url = url.to_s.empty? ? nil : url
    end

    # @param file [String] written whole, or not at all
    # @return [void]
    def write(file)
      running do |database, secret|
        run secret, "pg_dump", "--format=custom", "--no-owner", "--no-privileges", "--schema=public", "--file=#{file}.part", database
        File.rename("#{file}.part", file)
      end
    ensure
      FileUtils.rm_f("#{file}.part")
    end

    # What is in the database now goes, all at once: where the file cannot be read, nothing is changed.
    # @param file [String]
    # @return [void]
    def read(file)
      raise Cluster::Failed, "There is no file #{file}." unless File.file?(file)

      Tempfile.create("oaken-gauge") do |sql|
        run({}, "pg_restore", "--no-owner", "--no-privileges", "--file=#{sql.path}", file)
        running do |database, secret|
          run secret, "psql", "--quiet", "--no-psqlrc", "--single-transaction", "--set=ON_ERROR_STOP=1", "--output=#{File::NULL}",
              "--command=#{EMPTY}", "--file=#{sql.path}", database
        end
      end
    end

    private

    # @yield [database, secret] its address without the password, which others on the machine could read, and that
    def running(&)
      return with(@url, &) if @url

      cluster = Cluster.new(File.join(ENV.fetch("VAR") { File.join(ROOT, "var") }, "postgres"))
      ran = cluster.running?
      cluster.start unless ran
      with(cluster.database("oaken_gauge"), &)
    ensure
      cluster&.stop unless ran
    end

    def with(url)
      address = URI(url)
      secret = { "PGPASSWORD" => address.password && URI.decode_www_form_component(address.password) }.compact
      address.password = nil
      yield address.to_s, secret
    end

    def run(secret, name, *words)
      system(secret, Cluster.tool(name), *words) or raise Cluster::Failed, "#{name} could not do it; what it says stands above."
    end
  end
end
