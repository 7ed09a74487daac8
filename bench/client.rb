# frozen_string_literal: true

require "json"
require "net/http"

# Asks an application that may be killed at any moment, and saves in it under keys, as the page does.
class Client
  # @param port [Integer]
  def initialize(port)
    @port = port
  end

  # @return [Boolean]
  def well?
    Net::HTTP.get_response("127.0.0.1", "/health", @port).is_a?(Net::HTTPSuccess)
  rescue SystemCallError, EOFError, Timeout::Error
    false
  end

  # @return [Array<String>] of all projects
  def names
    JSON.parse(Net::HTTP.get("127.0.0.1", "/api/projects", @port))["projects"].map { |one| one["name"] }
  end

  # @return [String, nil] how it was answered, nil where it was not
  def save(number)
    key = format("kills-%<run>08d-%<number>08d", run: Process.pid, number: number)
    headers = { "content-type" => "application/json", "idempotency-key" => key }
    body = JSON.generate("name" => "Saved #{number}")
    Net::HTTP.start("127.0.0.1", @port, read_timeout: 20) { |http| http.post("/api/projects", body, headers).code }
  rescue SystemCallError, EOFError, Timeout::Error
    nil
  end
end
