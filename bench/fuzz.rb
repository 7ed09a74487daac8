# frozen_string_literal: true

# Spoilt documents and requests, many of them: what crashed, what core and schema do not agree on, what was slow.
#   bundle exec ruby bench/fuzz.rb [DOCUMENTS] [REQUESTS] [SEED]      (10,000, 20,000 and 1)

root = File.expand_path("..", __dir__)
$LOAD_PATH.unshift File.join(root, "core"), File.join(root, "test")
require "minitest"
require_relative "../bin/support/schemas"
require "support/mutations"
require "support/fuzzing"
require "support/server_case"

documents, requests, seed = [10_000, 20_000, 1].zip(ARGV.map(&:to_i)).map { |usual, given| given || usual }
memory = -> { File.read("/proc/self/status")[/VmRSS:\s+(\d+)/, 1].to_i / 1024 }

before = memory.call
puts "documents: #{Fuzzing.documents(seed, documents).inspect}"
between = memory.call
fresh = lambda do
  Server::Models::Maker.destroy_all
  Server::Importer.new(JSON.parse(File.read(ServerCase::DEMO))).import
end
puts "requests: #{Fuzzing.requests(seed, requests, ServerCase::APP, &fresh).inspect}"
puts "memory: #{before} MB, #{between} MB after the documents, #{memory.call} MB after the requests"

# The tests' database is put away when Minitest has run; here it does not.
Minitest.class_variable_get(:@@after_run).reverse_each(&:call)
