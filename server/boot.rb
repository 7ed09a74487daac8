# frozen_string_literal: true

# Loads the server and the core it speaks for. DATABASE_URL says where the database is.

$LOAD_PATH.unshift(File.expand_path("../core", __dir__)) unless $LOAD_PATH.include?(File.expand_path("../core", __dir__))

require "active_record"
require "committee"
require "oaken_gauge"
require "pg"
require "que"
require "rack/attack"
require "rack/protection"
require "sinatra/base"
require "zeitwerk"

# The server translates between HTTP, the database and the core. It holds no rule of the craft.
module Server
  ROOT = File.expand_path("..", __dir__)
  CONTRACT = File.join(ROOT, "server/contract/openapi.yaml")
end

loader = Zeitwerk::Loader.new
loader.push_dir(__dir__, namespace: Server)
loader.ignore(__FILE__, File.join(__dir__, "running"), File.join(__dir__, "contract"), File.join(__dir__, "config.ru"),
              File.join(__dir__, "puma.rb"))
loader.setup

# Que asks JSON for something that it does no longer take; without it nothing but plain data is read either.
Que.singleton_class.define_method(:deserialize_json) { |json| JSON.parse(json, symbolize_names: true) }
Que.connection = ActiveRecord
Que.logger = nil

Server::Database.connect
