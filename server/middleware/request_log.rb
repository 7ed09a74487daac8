# frozen_string_literal: true

module Server
  module Middleware
    # One line of JSON a request, and one for whatever a request could not deal with; the browser gets
    # only a plain problem document then.
    class RequestLog
      # Whoever reads the log is not shown a project by it.
      SHOWN = %r{(/shown/).*}

      def initialize(app, output = $stdout)
        @app = app
        @output = output
      end

      def call(env)
        return answer(env) if env[Beforehand::KEY]

        started = now
        status, headers, body = answer(env)
        log(at: Time.now.utc.iso8601(3), method: env["REQUEST_METHOD"], path: plain(env["PATH_INFO"].to_s).sub(SHOWN, "\\1…"),
            status: status, ms: ((now - started) * 1000).round(1))
        [status, headers, body]
      end

      private

      def answer(env)
        @app.call(env)
      rescue *Database::GONE
        problem(Problem.database_gone, "retry-after" => "2")
      rescue StandardError => e
        return problem(Problem.disk_full) if Disk.full?(e)

        log(at: Time.now.utc.iso8601(3), error: e.class.name, message: e.message, trace: e.backtrace&.first(8))
        problem(Problem.new(500, "Something went wrong here. Nothing was saved; what you typed is still on your screen."))
      end

      def problem(problem, headers = {})
        problem.answer(headers)
      end

      # What is no UTF-8 is written with marks in its place; what there is no room for, not at all.
      def log(line)
        @output.write("#{JSON.generate(line.transform_values { |value| value.is_a?(String) ? plain(value) : value })}\n")
        @output.flush
      rescue Errno::ENOSPC
        nil
      end

      def plain(text)
        text.dup.force_encoding(Encoding::UTF_8).scrub("?")
      end

      def now
        Process.clock_gettime(Process::CLOCK_MONOTONIC)
      end
    end
  end
end
