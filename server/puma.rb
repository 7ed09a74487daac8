# frozen_string_literal: true

require "etc"

# Two processes a core, up to eight, and a few threads in each: within a process one thread computes at a time, and what is quickly
# answered would wait for the weighing beside it; between processes the machine shares out its time finely. A single core has a
# single process.
cores = Etc.nprocessors
processes = Integer(ENV.fetch("PROCESSES") { cores > 1 ? [2 * cores, 8].min : 0 })
workers processes
threads 2, Integer(ENV.fetch("THREADS", 4))
preload_app!
bind ENV.fetch("BIND", "tcp://127.0.0.1:7420")
environment ENV.fetch("RACK_ENV", "production")
rackup File.expand_path("config.ru", __dir__)
log_requests false
quiet
silence_single_worker_warning
raise_exception_on_sigterm false
# What is in hand is finished when it is told to stop, within so many seconds.
force_shutdown_after 20
worker_shutdown_timeout 20
# No process takes the connections of another with it.
before_fork { ActiveRecord::Base.connection_handler.clear_all_connections! }
# What is no method of HTTP gets a problem document too.
supported_http_methods :any
# A request that is no HTTP at all never reaches the application.
lowlevel_error_handler do |_error, _env, status|
  title = status == 400 ? "This request cannot be read." : "Something went wrong here."
  [status, { "content-type" => "application/problem+json" }, [%({"type":"about:blank","title":"#{title}","status":#{status}})]]
end
http_content_length_limit 64 * 1024 * 1024
