# frozen_string_literal: true

module Server
  # The whole application as Rack sees it: what every request passes through, then the resources.
  module Application
    RESOURCES = [Resources::Weighing, Resources::Projects, Resources::Units, Resources::Picks, Resources::Tools, Resources::Fabrics, Resources::Makers,
                 Resources::Blocks, Resources::Jobs, Resources::Quilts, Resources::Bench, Resources::Start, Resources::Accounts, Resources::Shown,
                 Resources::WhichLine, Resources::Practice, Resources::Steps,
                 Resources::Templates, Resources::Tables, Resources::Kinds, Resources::Health].freeze
    # Names under which this application may be reached; others are refused, so that no strange page
    # can reach it through a name of its own.
    HOSTS = ["localhost", ".localhost", IPAddr.new("127.0.0.0/8"), IPAddr.new("::1")].freeze

    # @param log [IO]
    # @return [#call]
    def self.build(log: $stdout)
      Throttle.configure
      guards = method(:guards)
      Rack::Builder.new do
        use Middleware::SecurityHeaders
        use Middleware::RequestLog, log
        use Middleware::WellFormed
        use Middleware::LetsGo
        guards.call(self)
        use Middleware::Once
        RESOURCES.each { |resource| use resource }
        run Pages
      end.to_app
    end

    # What stands between the network and the resources.
    def self.guards(stack)
      stack.use Rack::Deflater
      stack.use Rack::ConditionalGet
      stack.use Rack::ETag
      stack.use Rack::Attack
      stack.use Rack::Protection::HostAuthorization, permitted_hosts: HOSTS + Access.hosts, logging: false,
                                                     message: "This host is not served here."
      stack.use Rack::Protection::HttpOrigin, logging: false, permitted_origins: [Access.public_address].reject(&:empty?)
      stack.use Middleware::Packed, Pages::DIST
      stack.use Rack::Static, **Pages.files
      stack.use Middleware::SignIn
      stack.use Middleware::AtBench
      stack.use Middleware::BodyLimit
      stack.use Committee::Middleware::RequestValidation, schema: contract, error_class: ContractError, strict: false,
                                                          parse_response_by_content_type: false, raise: false
    end

    def self.contract
      Committee::Drivers.load_from_file(CONTRACT, parser_options: { strict_reference_validation: true })
    end
    private_class_method :guards, :contract
  end
end
