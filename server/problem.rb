# frozen_string_literal: true

module Server
  # What went wrong, as RFC 9457 problem details. Raised by resources, written by {Resources::Base}.
  class Problem < StandardError
    TYPE = "application/problem+json"
    UNREADABLE = "Some of what was sent cannot be used."
    # Nobody reads more of them at once.
    MOST_FAULTS = 100

    # @return [Integer] HTTP status
    attr_reader :status
    # @return [Hash] more members of the answer
    attr_reader :members

    def initialize(status, title, **members)
      super(title)
      @status = status
      @members = members
    end

    # @return [Hash] ready for JSON
    def to_document
      { "type" => "about:blank", "title" => message, "status" => status, **members.transform_keys(&:to_s) }
    end

    # @return [Array] a Rack answer
    def answer(headers = {})
      [status, { "content-type" => TYPE, **headers }, [JSON.generate(to_document)]]
    end

    # @param faults [Array<OakenGauge::Documents::Fault>]
    # @return [Problem]
    def self.unreadable(faults)
      more = faults.size - MOST_FAULTS
      told = faults.first(MOST_FAULTS).map(&:to_document)
      return new(422, UNREADABLE, errors: told) unless more.positive?

      new(422, "#{UNREADABLE} Here are the first #{MOST_FAULTS} faults; there are #{more} more.", errors: told, more: more)
    end

    # @param pointer [String] where in the request
    # @param message [String]
    # @return [Problem]
    def self.at(pointer, message)
      new(422, UNREADABLE, errors: [{ "pointer" => pointer, "message" => message }])
    end

    # @param text [String] "unit 7"
    # @return [Problem]
    def self.missing(text)
      new(404, "There is no #{text} here.")
    end

    # @return [Problem]
    def self.overdue
      new(503, "This took too long and was given up. Nothing of it was saved; try again in a moment.")
    end

    # @return [Problem]
    def self.disk_full
      new(507, "There is no room on the disk, so this could not be saved. Nothing that was saved is lost; make room, and try again.")
    end

    # @return [Problem]
    def self.database_gone
      said = Database.starting? ? "is being started again" : "is not answering"
      new(503, "The database #{said}. Nothing was lost; try again in a moment.")
    end
  end
end
