# frozen_string_literal: true

require "ipaddr"
require "socket"

module Running
  # Where it is served: what was asked for, or the first port that is free.
  class Address
    FIRST_PORT = 7420
    PORTS_TRIED = 50
    PORTS = (1..65_535)

    # What was asked for cannot be had: a sentence for whoever started it.
    class Refused < StandardError; end

    # @return [String]
    attr_reader :host
    # @return [Integer]
    attr_reader :port

    # @param host [String, nil] HOST as it was given
    # @param port [String, nil] PORT as it was given
    # @raise [Refused]
    def initialize(host, port)
      @host = host.to_s.empty? ? "127.0.0.1" : host
      @port = port.to_s.empty? ? free_port : asked_for(port)
    end

    # @return [String]
    def url
      "http://#{in_url}:#{port}"
    end

    # @return [String] as Puma binds it
    def bind
      "tcp://#{in_url}:#{port}"
    end

    private

    # An address of six parts stands in brackets.
    def in_url
      host.include?(":") ? "[#{host}]" : host
    end

    def asked_for(port)
      number = Integer(port, 10, exception: false)
      raise Refused, "PORT is #{port.inspect}: allowed is a number from #{PORTS.min} to #{PORTS.max}." unless number && PORTS.cover?(number)
      raise Refused, "Port #{number} is in use. Set another PORT, or none to have a free one found." unless free?(number)

      number
    end

    def free_port
      (FIRST_PORT...(FIRST_PORT + PORTS_TRIED)).find { |port| free?(port) } or
        raise Refused, "No port from #{FIRST_PORT} on is free: set PORT to one that is."
    end

    def free?(port)
      TCPServer.open(host, port).close
      true
    rescue Errno::EADDRINUSE
      false
    rescue Errno::EACCES
      raise Refused, "Port #{port} is kept for the system. Set a PORT above 1023."
    rescue SocketError, Errno::EADDRNOTAVAIL, Errno::EAFNOSUPPORT
      raise Refused, "HOST is #{host.inspect}, which is no address of this machine. Leave it out for this machine alone."
    end
  end
end
