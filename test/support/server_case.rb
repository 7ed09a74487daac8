# frozen_string_literal: true

require "json"
require "minitest/autorun"
require "rack/test"
require "stringio"
require_relative "throwaway_cluster"
require_relative "demo_bench"

ENV["DATABASE_URL"] = ThrowawayCluster.start.database("oaken_gauge_test")
require_relative "../../server/boot"
Server::Database.migrate

if Minitest.respond_to?(:after_parallel_fork)
  Minitest.before_parallel_fork { ActiveRecord::Base.connection_handler.clear_all_connections! }
  Minitest.after_parallel_fork { |i| ThrowawayCluster.use(ThrowawayCluster.start.database("oaken_gauge_test_#{i}")) }
end

# What server tests share: the application through Rack, a fresh bench for each test, and answers held
# against the contract.
class ServerCase < Minitest::Test
  include Committee::Test::Methods
  include Rack::Test::Methods

  LOG = StringIO.new
  APP = Server::Application.build(log: LOG)
  # A bench of the tests' own: what is shown to whoever looks round may change.
  DEMO = File.expand_path("bench.json", __dir__)

  def setup
    Rack::Attack.cache.store.clear
    @maker = DemoBench.fresh { Server::Demo.load(DEMO).tap(&:come) }
    @project = @maker.projects.first
    @unit = @project.units.first
    header "Host", "localhost"
  end

  def app
    APP
  end

  def committee_options
    @committee_options ||= { schema: Committee::Drivers.load_from_file(Server::CONTRACT, parser_options: { strict_reference_validation: true }),
                             parse_response_by_content_type: true, old_assert_behavior: false }
  end

  def request_object
    last_request
  end

  def response_data
    [last_response.status, last_response.headers, last_response.body]
  end

  # Sends JSON and gives what came back, its shape held against the contract.
  def send_json(method, path, body = nil)
    header "Content-Type", "application/json"
    custom_request(method, path, {}, input: body.is_a?(String) ? body : JSON.generate(body))
    check
  end

  def fetch(path)
    get path
    check
  end

  def check
    assert_response_schema_confirm(last_response.status) if last_response.status < 400
    last_response.body.empty? ? nil : JSON.parse(last_response.body)
  end

  def assert_problem(status, pointer = nil, message = //)
    problem = JSON.parse(last_response.body)

    assert_equal [status, "application/problem+json"], [last_response.status, last_response.media_type]
    refute_match(/\.rb:\d/, last_response.body)
    assert_match message, pointer ? problem["errors"].find { |error| error["pointer"] == pointer }&.fetch("message").to_s : problem["title"]
    problem
  end
end
