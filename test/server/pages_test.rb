# frozen_string_literal: true

require "support/server_case"

# The built web application as it is served. (bin/test browser builds it; here a small stand-in does.)
class PagesTest < ServerCase
  def setup
    @folder = Dir.mktmpdir
    FileUtils.mkdir_p(File.join(@folder, "assets"))
    File.write(File.join(@folder, "index.html"), '<head><meta name="style-nonce" content="NONCE"></head><script src="/assets/a.js"></script>')
    File.write(File.join(@folder, "assets/a.js"), "1")
    File.write(File.join(@folder, "secret.txt"), "no")
    File.write(File.join(@folder, "favicon.svg"), "<svg/>")
    @dist = Server::Pages.send(:remove_const, :DIST)
    Server::Pages.const_set(:DIST, @folder)
    @app = Server::Application.build(log: LOG)
    super
  end

  attr_reader :app

  def teardown
    Server::Pages.send(:remove_const, :DIST)
    Server::Pages.const_set(:DIST, @dist)
    FileUtils.rm_rf(@folder)
  end

  # A page says by its address whose bench it is.
  def come_to(path)
    get path
    follow_redirect! if last_response.redirect?
  end

  # While its scripts are on their way. Whatever it names is there, and of the bench that the address names.
  def test_a_page_names_what_it_reads_first
    bench = "/makers/#{@maker.id}"
    unit = "#{bench}/projects/#{@project.id}/units/#{@unit.id}"
    { unit => 5, "#{unit}?finished=3" => 3, "#{bench}/projects/#{@project.id}/buy" => 3, "#{bench}/tools" => 3, "#{bench}/fabric" => 4,
      "/sign-in" => 0, "#{bench}/projects" => 0 }.each do |path, count|
      get path
      early = last_response.body.scan(/<link rel="preload" as="fetch" crossorigin href="([^"]+)">/).flatten

      assert_equal count, early.size, path
      early.each do |read|
        assert(get(read) && last_response.ok?, read)
      end
    end
  end

  def test_every_address_of_the_application_is_its_one_page
    ["/", "/projects/1/units/2", "/nowhere/at/all", "/sign-in"].each do |path|
      come_to path

      assert_equal [200, "text/html"], [last_response.status, last_response.media_type], path
      assert_equal "no-store", last_response.headers["cache-control"]
    end
  end

  def test_the_page_carries_the_nonce_of_its_own_answer
    come_to "/"
    nonce = last_response.headers["content-security-policy"][/nonce-([^']+)/, 1]

    assert_includes last_response.body, %(content="#{nonce}")
    refute_includes last_response.body, "NONCE"
  end

  def test_assets_may_be_kept_for_ever
    get "/assets/a.js"

    assert_equal ["1", "text/javascript"], [last_response.body, last_response.media_type]
    assert_match(/immutable/, last_response.headers["cache-control"])
    get "/favicon.svg"

    assert_equal "image/svg+xml", last_response.media_type
  end

  # What was packed when it was built is sent as it is.
  def test_packed_files_are_sent_packed
    Zlib::GzipWriter.open(File.join(@folder, "assets/a.js.gz")) { |file| file.write("packed") }
    get "/assets/a.js", {}, { "HTTP_ACCEPT_ENCODING" => "gzip" }

    assert_equal ["gzip", "text/javascript"], [last_response.headers["content-encoding"], last_response.media_type]
    assert_equal "packed", Zlib::GzipReader.new(StringIO.new(last_response.body)).read
  end

  # A browser that can unpack Brotli is sent that, under the name that it asked for.
  def test_files_packed_by_brotli
    File.write(File.join(@folder, "assets/a.js.br"), "by brotli")
    get "/assets/a.js", {}, { "HTTP_ACCEPT_ENCODING" => "gzip, deflate, br" }

    assert_equal ["br", "text/javascript", "by brotli"], [last_response.headers["content-encoding"], last_response.media_type, last_response.body]
    assert_match(/immutable/, last_response.headers["cache-control"])
    assert_match(/accept-encoding/i, last_response.headers["vary"])
    ["gzip", "br;q=0", ""].each do |accepted|
      get "/assets/a.js", {}, { "HTTP_ACCEPT_ENCODING" => accepted }

      refute_equal "br", last_response.headers["content-encoding"], accepted
    end
  end

  # What a browser has already is not sent again: a file by its date, an answer by its digest.
  def test_what_did_not_change_is_not_sent_again
    get "/assets/a.js"
    get "/assets/a.js", {}, { "HTTP_IF_MODIFIED_SINCE" => last_response.headers["last-modified"] }

    assert_equal [304, ""], [last_response.status, last_response.body]
    get "/api/kinds"
    tag = last_response.headers["etag"]
    get "/api/kinds", {}, { "HTTP_IF_NONE_MATCH" => tag }

    assert_equal [304, ""], [last_response.status, last_response.body]
    get "/api/projects", {}, { "HTTP_IF_NONE_MATCH" => tag }

    assert_equal 200, last_response.status
  end

  def test_nothing_else_can_be_had
    ["/assets/none.js", "/assets/..%2Fsecret.txt", "/assets/..%2Findex.html", "/assets/%2e%2e/index.html", "/api/none"].each do |path|
      get path

      refute_equal 200, last_response.status, path
    end
  end

  def test_a_page_that_was_not_built_says_so
    FileUtils.rm(File.join(@folder, "index.html"))
    come_to "/"

    assert_problem 503, nil, /Run bin.start/
  end
end
