# frozen_string_literal: true

require_relative "mutations"

# Requests to every address, and what becomes of them when somebody's program goes wrong.
class Requests
  JSON_TYPE = "application/json"
  QUERIES = ["", "?view=full", "?view=half", "?a=%", "?a=1&a[b]=2", "?lock_version=x", "?lock_version=99999999999999999999", "?lock_version=0",
             "?lock_version[]=1", "?%00=1", "?a=%ff", "?#{'a' * 3000}"].freeze
  IDS = ["0", "-1", "999999", "1e3", "x", "%00", "%ff", "99999999999999999999999", "%2e%2e%2f", "1%0a"].freeze
  TYPES = [JSON_TYPE, "text/plain", "", "multipart/form-data; boundary=x", "multipart/form-data", "application/json; charset=latin-1",
           "application/x-www-form-urlencoded", "\xff".b, "application/json,application/json"].freeze
  BODIES = ["", "{", "null", "[]", "7", "\"\\ud800\"", "{\"a\":1e999}", "{\"lock_version\":1}", "\xff\xfe", "--x\r\nContent-Disposition: form-data; name=\"a\"\r\n\r\n1\r\n--x--",
            "a=1&a[b]=2", "[" * 60, "{\"\\u0000\":1}", "{\"unit\":null}"].freeze
  METHODS = %w[GET POST PUT PATCH DELETE HEAD OPTIONS TRACE BREW].freeze

  # @param seed [Integer]
  # @param project [Integer] an id that there is
  # @param units [Array<Integer>]
  # @param tools [Array<Integer>]
  def initialize(seed, project:, units:, tools:)
    @random = Random.new(seed)
    @mutations = Mutations.new(seed)
    @project = project
    @units = units
    @tools = tools
  end

  # @return [Array(String, String, Hash, String)] method, address, headers and body
  def one
    method, address, document = pick(legal)
    body = rand < 0.7 ? spoilt(document) : pick(BODIES)
    method = pick(METHODS) if rand < 0.1
    [method, address_of(address), { "CONTENT_TYPE" => rand < 0.85 ? JSON_TYPE : pick(TYPES), "HTTP_HOST" => "localhost", **strange_headers }, body]
  end

  private

  def rand
    @random.rand
  end

  def pick(list)
    list[@random.rand(list.size)]
  end

  def legal
    unit = { "label" => "New", "unit" => @mutations.one(Catalogue.units), "fabrics" => { "light" => 1 } }
    [["POST", "/api/weigh", @mutations.weigh], ["GET", "/api/kinds"], ["GET", "/api/maker"], ["PATCH", "/api/maker", maker], ["GET", "/api/projects"],
     ["POST", "/api/projects", { "name" => "Tide", "seam_allowance" => "3/8" }], ["GET", "/api/projects/#{@project}"],
     ["PATCH", "/api/projects/#{@project}", { "name" => "Tide", "lock_version" => 0 }], ["POST", "/api/projects/#{@project}/units", unit],
     ["PATCH", "/api/units/#{pick(@units)}", unit.merge("lock_version" => 0)], ["DELETE", "/api/units/#{pick(@units)}?lock_version=0"],
     ["POST", "/api/units/#{pick(@units)}/back", { "lock_version" => 1 }],
     ["PUT", "/api/units/#{pick(@units)}/pick", { "method" => "rotary/two_at_a_time", "unit" => unit["unit"], "lock_version" => 0 }],
     ["DELETE", "/api/units/#{pick(@units)}/pick?lock_version=0"], ["GET", "/api/tools"], ["POST", "/api/tools", { "tool" => @mutations.one(Mutations::TOOLS) }],
     ["PATCH", "/api/tools/#{pick(@tools)}", { "tool" => @mutations.one(Mutations::TOOLS), "lock_version" => 0 }], ["DELETE", "/api/tools/#{pick(@tools)}"],
     ["GET", "/health"], ["GET", "/"], ["GET", "/assets/%00"], ["GET", "/assets/..%2f..%2fGemfile"], ["GET", "/nowhere/%ff"], ["GET", "/api/nothing"]]
  end

  def maker
    { "lock_version" => 0, "profile" => Mutations::MAKER, "priorities" => { "fabric" => 2 } }
  end

  def spoilt(document)
    return "" if document.nil?

    text(rand < 0.15 ? document : @mutations.spoil(document))
  end

  # A text that is no UTF-8 is sent as it is.
  def text(document)
    JSON.generate(document)
  rescue JSON::GeneratorError, JSON::NestingError
    "{\"label\":\"\xff\"}"
  end

  def address_of(address)
    address = address.sub(/\d+/) { pick(IDS) } if rand < 0.1
    rand < 0.15 ? address.sub(/\?.*/, "") + pick(QUERIES) : address
  end

  def strange_headers
    return {} if rand < 0.9

    [{ "HTTP_HOST" => "evil.example" }, { "HTTP_ORIGIN" => "http://evil.example" }, { "HTTP_ACCEPT" => "\xff".b }, { "HTTP_COOKIE" => "a=%" },
     { "HTTP_HOST" => "\u0000" }, { "HTTP_ACCEPT_ENCODING" => ";q=x" }, { "HTTP_CONTENT_LENGTH" => "-1" }, { "HTTP_X_FORWARDED_FOR" => "x,,y" },
     { "HTTP_TRANSFER_ENCODING" => "chunked" }][@random.rand(9)]
  end
end
