# frozen_string_literal: true

require "open3"

module Server
  # Whether there is room to save. It is known where the database is one of our own; of another it shows when something is saved.
  module Disk
    # Less than this is no room: PostgreSQL writes its log by sixteen megabytes.
    LEAST = 24 * 1024 * 1024
    # What a database says whose disk is full.
    FULL = [PG::DiskFull, Errno::ENOSPC].freeze

    class << self
      # @return [String] "room" or "full"; "unknown" where the database is not ours
      def state
        folder = ENV.fetch("DATA_FOLDER", nil) or return "unknown"
        free = free(folder)
        return "unknown" unless free

        free < LEAST ? "full" : "room"
      end

      # @param error [Exception]
      # @return [Boolean] whether it came of a disk that is full
      def full?(error)
        FULL.any? { |full| error.is_a?(full) || error.cause.is_a?(full) }
      end

      private

      # @return [Integer, nil] bytes
      def free(folder)
        out, status = Open3.capture2("df", "-Pk", folder, err: File::NULL)
        Integer(out.lines.last.split[3]) * 1024 if status.success?
      rescue SystemCallError, ArgumentError, TypeError
        nil
      end
    end
  end
end
