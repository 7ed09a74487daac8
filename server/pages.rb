# frozen_string_literal: true

module Server
  # The one page of the web application, for every address that is not the API's. Its files are served by {.files}.
  class Pages < Resources::Base
    DIST = File.join(ROOT, "web/dist")

    # File names carry a digest of what is in them, so they may be kept for ever; what is packed already is sent so.
    # @return [Hash] options for Rack::Static
    def self.files
      kept = { "cache-control" => "public, max-age=31536000, immutable" }
      { urls: ["/assets", "/favicon.svg"], root: self::DIST, gzip: true, cascade: true, header_rules: [["/assets", kept]] }
    end

    get %r{/(?!api/|assets/).*} do
      cache_control :no_store
      better = BenchAddress.new(request.path_info, request.query_string).better
      redirect to(better), 302 if better
      content_type :html
      early = EarlyReads.of(request.path_info, request.query_string).map do |path|
        %(<link rel="preload" as="fetch" crossorigin href="#{path}">)
      end
      halt page.gsub("NONCE", env.fetch(Middleware::SecurityHeaders::NONCE)).sub("</head>", "#{early.join}</head>")
    end

    not_found do
      problem Problem.new(404, "There is nothing at this address.") unless response.body.any?
    end

    private

    def page
      path = File.join(DIST, "index.html")
      raise Problem.new(503, "The web application has not been built yet. Run bin/start.") unless File.file?(path)

      File.read(path, encoding: "UTF-8")
    end
  end
end
