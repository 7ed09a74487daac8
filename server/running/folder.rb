# frozen_string_literal: true

require "etc"
require "fileutils"

module Running
  # The folder that everything lies in that is written. Whether it can be is known before anything is changed.
  class Folder
    # It cannot be used: a sentence for whoever started it.
    class Unusable < StandardError; end

    # @param path [String]
    # @param service [String] who runs the database where root starts it
    # @param starter [String] who starts it
    def initialize(path, service, starter: Etc.getpwuid.name)
      @path = File.expand_path(path)
      @service = service
      @starter = starter
    end

    # @return [String] the folder, there now
    # @raise [Unusable]
    def make
      refuse_file
      refuse_closed
      refuse_anothers
      FileUtils.mkdir_p(@path)
      @path
    rescue Errno::ENOSPC
      raise
    rescue SystemCallError
      raise Unusable, "VAR is #{@path}, which cannot be made: set VAR to a folder of your own."
    end

    private

    # The folder, or what is there of the way to it.
    def nearest
      @nearest ||= begin
        there = @path
        there = File.dirname(there) until File.exist?(there)
        there
      end
    end

    def refuse_file
      raise Unusable, "VAR is #{@path}, and #{nearest} is a file: set VAR to a folder." unless File.directory?(nearest)
    end

    def refuse_closed
      return if File.writable?(nearest)

      raise Unusable, "Nothing can be written in #{nearest}, which is #{owner(nearest)}'s: set VAR to a folder of your own."
    end

    # Made by another: it would be taken away from her, or PostgreSQL would not read it.
    def refuse_anothers
      database = File.join(@path, "postgres")
      return unless File.exist?(database)

      whose = owner(database)
      return if mine.include?(whose)

      raise Unusable,
            "The database in #{database} is #{whose}'s. Start it with: #{as(whose)} bin/start. Or set VAR to a folder of your own."
    end

    def mine
      root? ? [@service, "root"] : [@starter]
    end

    # What root made is kept by the service's user.
    def as(whose)
      return "sudo" if [@service, "root"].include?(whose)

      root? ? "runuser -u #{whose} --" : "sudo -u #{whose}"
    end

    def owner(path)
      uid = File.stat(path).uid
      Etc.getpwuid(uid).name
    rescue ArgumentError
      "user #{uid}"
    end

    def root?
      @starter == "root"
    end
  end
end
