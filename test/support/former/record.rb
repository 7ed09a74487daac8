# frozen_string_literal: true

# Records a schema and what a visit asks of it, from the version of the application in the working directory: its schema.sql and
# statements.json are then what the next version has to bear while it migrates. Run it before a migration is written.
#   bundle exec ruby -Itest -Icore test/support/former/record.rb FOLDER

require "minitest"
require File.expand_path("test/support/server_case", Dir.pwd)
require_relative "recorder"
require_relative "visit"

folder = ARGV.fetch(0)
url = ENV.fetch("DATABASE_URL")
Server::Database.connect(url)
connection = ActiveRecord::Base.connection
versions = connection.select_values("SELECT version FROM schema_migrations ORDER BY version")
dump = IO.popen([*Dir["/usr/lib/postgresql/*/bin/pg_dump"].max, "--schema-only", "--no-owner", "--no-privileges", "--schema=public", url], &:read)
schema = dump.lines.grep_v(/^(--|\\|CREATE SCHEMA|COMMENT ON SCHEMA|SELECT pg_catalog.set_config)/).join.squeeze("\n")
values = versions.map { |version| "('#{version}')" }.join(", ")
File.write(File.join(folder, "schema.sql"), "#{schema.strip}\nINSERT INTO public.schema_migrations (version) VALUES #{values};\n")

connection.select_values("SELECT sequencename FROM pg_sequences WHERE schemaname = 'public' AND sequencename NOT LIKE 'que%'").each_with_index do |name, i|
  connection.execute("ALTER SEQUENCE #{name} RESTART WITH #{Former::Recorder::IDS + (i * 10_000)}")
end
# Without prepared statements every value stands in its statement.
ActiveRecord::Base.establish_connection(url: url, prepared_statements: false, pool: 1)
recorder = Former::Recorder.new
recorder.listen(ActiveRecord::Base.connection.raw_connection)
Former::Visit.new(Server::Application.build(log: StringIO.new)).make
kept = recorder.statements.reject { |one| one[:sql].match?(/\A(SET|SHOW|SAVEPOINT|RELEASE|SELECT (?:t\.oid|a\.attname|pg_))|pg_(?:class|attribute|type|index|constraint)/) }
File.write(File.join(folder, "statements.json"), "[\n#{kept.map { |one| JSON.generate(one) }.join(",\n")}\n]\n")
puts "#{kept.size} statements"
Minitest.class_variable_get(:@@after_run).each(&:call)
