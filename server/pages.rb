# frozen_string_literal: true

module Server
  # The built web application: its files as they are, and its one page for every address that is not
  # the API's.
  class Pages < Resources::Base
    DIST = File.join(ROOT, "web/dist")
    YEAR = 365 * 24 * 3600
    TYPES = { ".js" => "text/javascript", ".css" => "text/css", ".woff2" => "font/woff2", ".svg" => "image/svg+xml" }.freeze

    # File names carry a digest of what is in them, so they may be kept for ever.
    get "/assets/:file" do
      path = File.join(DIST, "assets", File.basename(params["file"]))
      raise Problem.missing("file of that name") unless File.file?(path) && TYPES.key?(File.extname(path))

      cache_control :public, :immutable, max_age: YEAR
      content_type TYPES.fetch(File.extname(path))
      halt File.binread(path)
    end

    get "/favicon.svg" do
      content_type TYPES.fetch(".svg")
      halt File.binread(File.join(DIST, "favicon.svg"))
    end

    get %r{/(?!api/|assets/).*} do
      cache_control :no_store
      content_type :html
      halt page.gsub("NONCE", env.fetch(Middleware::SecurityHeaders::NONCE))
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
