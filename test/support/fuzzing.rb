# frozen_string_literal: true

require "rack/mock"
require_relative "requests"

# Many spoilt documents and requests, and what came of them.
module Fuzzing
  COMMANDS = %w[weigh weigh sizes bench].freeze
  SLOW = 2
  # Requests until the bench is laid anew: most of what there was is gone by then.
  FRESH = 100

  class << self
    # @return [Hash] how many were taken and refused by both, and by only one; crashes; the slowest, seconds
    def documents(seed, count)
      mutations = Mutations.new(seed)
      count.times.each_with_object(Hash.new(0)) do |_, tally|
        command = mutations.one(COMMANDS)
        document = again(mutations.spoil(mutations.public_send(command)))
        next tally[:no_json] += 1 if document == :none

        core, seconds = timed { taken_by_core(command, document) }
        tally[outcome(core, Schemas.valid?(command, document))] += 1
        tally[:slowest] = [tally[:slowest], seconds.round(2)].max
      end
    end

    # @param app [#call]
    # @yield makes a fresh bench, now and then
    # @yieldreturn [Server::Models::Maker]
    # @return [Hash] how often each status was answered; answers of 500 and what was no problem document; the
    #   slowest, seconds
    def requests(seed, count, app)
      (0...count).each_slice(FRESH).with_index.each_with_object(Hash.new(0)) do |(part, i), tally|
        maker = yield
        project = maker.projects.first
        requests = Requests.new(seed + i, project: project.id, units: project.units.ids, tools: maker.tools.ids)
        part.each do
          Rack::Attack.cache.store.clear
          count(app, requests.one, tally)
        end
      end
    end

    # @return [Array(Integer, Hash, String)] status, headers and body
    def ask(app, method, address, headers, body)
      status, answered, parts = app.call(environment(method, address, headers, body))
      text = +""
      parts.each { |part| text << part }
      [status, answered, text]
    end

    private

    def count(app, request, tally)
      (status, answered,), seconds = timed { ask(app, *request) }
      tally[status] += 1
      tally[:slowest] = [tally[:slowest], seconds.round(2)].max
      about = request.first(2).join(" ")[0, 80]
      tally["500: #{about}"] += 1 if status == 500
      tally["#{status} is no problem document: #{about}"] += 1 unless problem?(request.first, status, answered)
    rescue StandardError => e
      tally["#{e.class}: #{e.message[0, 80]}: #{request.first(2).join(' ')[0, 80]}"] += 1
    end

    def problem?(method, status, headers)
      status < 400 || method == "HEAD" || headers["content-type"].to_s.include?("problem+json")
    end

    def environment(method, address, headers, body)
      path, query = address.split("?", 2)
      Rack::MockRequest.env_for("/", method: method, input: body.b).merge(
        "PATH_INFO" => path.gsub(/%[0-9a-f]{2}/i) { |code| [code[1, 2]].pack("H2") }.force_encoding(Encoding::UTF_8), "QUERY_STRING" => query.to_s, **headers
      )
    end

    def taken_by_core(command, document)
      OakenGauge.public_send(command, document)
      true
    rescue OakenGauge::Documents::Invalid
      false
    rescue StandardError => e
      "#{e.class}: #{e.message[0, 80]}"
    end

    def outcome(core, schema)
      return core if core.is_a?(String)

      { [true, true] => :taken, [false, false] => :refused, [true, false] => :only_core_took, [false, true] => :only_schema_took }.fetch([core, schema])
    end

    # As it comes out of JSON.
    def again(document)
      JSON.parse(JSON.generate(document))
    rescue JSON::GeneratorError, JSON::NestingError
      :none
    end

    def timed
      started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
      [yield, Process.clock_gettime(Process::CLOCK_MONOTONIC) - started]
    end
  end
end
