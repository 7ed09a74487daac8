# frozen_string_literal: true

require "json"
require "net/http"

# Asks an application that may be killed at any moment, and saves in it by the page's own client.
class Client
  FOLDER = File.expand_path("..", __dir__)

  # @param port [Integer]
  # @param folder [String] where the page's client is put together
  def initialize(port, folder)
    @port = port
    sending = File.join(folder, "send.mjs")
    put_together = ["npx", "rolldown", "src/api/send.ts", "--format", "esm", "-o", sending]
    system(*put_together, chdir: File.join(FOLDER, "web"), out: File::NULL) or abort
    @page = IO.popen(["node", File.join(FOLDER, "bench/page_client.mjs"), sending, "http://127.0.0.1:#{port}"], "r+")
  end

  # @return [Boolean]
  def well?
    Net::HTTP.get_response("127.0.0.1", "/health", @port).is_a?(Net::HTTPSuccess)
  rescue SystemCallError, EOFError, Timeout::Error
    false
  end

  # @return [Array<Hash>] all projects
  def projects
    JSON.parse(Net::HTTP.get("127.0.0.1", "/api/projects", @port))["projects"]
  end

  # @param project [Hash]
  # @return [void]
  def remove(project)
    path = "/api/projects/#{project['id']}?lock_version=#{project['lock_version']}"
    Net::HTTP.start("127.0.0.1", @port) { |http| http.delete(path) }
  end

  # Adds a project; sent again by the page's client for as long as it has patience.
  # @param name [String]
  # @return [String] how it was answered; "503" where it was given up
  def save(name)
    @page.puts(name)
    @page.gets.chomp.split("\t").last
  end
end
