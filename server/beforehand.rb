# frozen_string_literal: true

require "rack/mock"

module Server
  # Asks the application what every page asks for, before anybody does: what is read, compiled or looked up only once is then there, and
  # every process takes it with it. Where the database is away nothing more is asked.
  class Beforehand
    ASKED = %w[/health /api/start /api/projects /api/blocks /api/fabrics /api/tools /].freeze
    WEIGHED = { "unit" => { "kind" => "half_square", "finished" => "2", "count" => 24 } }.freeze
    # So often that Ruby's compiler has begun.
    TIMES = 12
    # What the log leaves out.
    KEY = "oaken_gauge.beforehand"

    # @param application [#call]
    def initialize(application)
      @application = Rack::MockRequest.new(application)
    end

    # @return [Boolean] whether all of it was answered
    def asked?
      Array.new(TIMES) { answered? }.all?
    end

    private

    # The first that is not answered ends it.
    def answered?
      @away ||= ASKED.any? { |path| @application.get(path, **ours).server_error? } || weighed.server_error?
      !@away
    end

    def weighed
      @application.post("/api/weigh?view=full", **ours, input: JSON.generate(WEIGHED), "CONTENT_TYPE" => "application/json")
    end

    def ours
      { "HTTP_HOST" => "localhost", "REMOTE_ADDR" => "127.0.0.1", KEY => true }
    end
  end
end
