# frozen_string_literal: true

module Server
  # The whole application as Rack sees it: what every request passes through, then the resources.
  module Application
    RESOURCES = [Resources::Weighing, Resources::Projects, Resources::Units, Resources::Picks, Resources::Tools,
                 Resources::Health].freeze
    # Names under which this application may be reached; others are refused, so that no strange page
    # can reach it through a name of its own.
    HOSTS = ["localhost", ".localhost", IPAddr.new("127.0.0.0/8"), IPAddr.new("::1")].freeze

    # @param log [IO]
    # @return [#call]
    def self.build(log: $stdout)
      Throttle.configure
      schema = Committee::Drivers.load_from_file(CONTRACT, parser_options: { strict_reference_validation: true })
      Rack::Builder.new do
        use Middleware::SecurityHeaders
        use Middleware::RequestLog, log
        use Rack::Deflater
        use Rack::Attack
        use Rack::Protection::HostAuthorization, permitted_hosts: HOSTS + ENV["HOST"].to_s.split(","),
message: "This host is not served here.", logging: false
        use Rack::Protection::HttpOrigin, logging: false
        use Middleware::BodyLimit
        use Committee::Middleware::RequestValidation, schema: schema, error_class: ContractError, strict: false,
                                                      parse_response_by_content_type: false, raise: false
        RESOURCES.each { |resource| use resource }
        run Pages
      end.to_app
    end
  end
end
