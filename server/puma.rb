# frozen_string_literal: true

# One process, a few threads: a weighing takes milliseconds, and the bench is one person's.
threads 2, Integer(ENV.fetch("THREADS", 8))
bind ENV.fetch("BIND", "tcp://127.0.0.1:7420")
environment ENV.fetch("RACK_ENV", "production")
rackup File.expand_path("config.ru", __dir__)
log_requests false
quiet
raise_exception_on_sigterm false
# What is no method of HTTP gets a problem document too.
supported_http_methods :any
# A request that is no HTTP at all never reaches the application.
lowlevel_error_handler do |_error, _env, status|
  title = status == 400 ? "This request cannot be read." : "Something went wrong here."
  [status, { "content-type" => "application/problem+json" }, [%({"type":"about:blank","title":"#{title}","status":#{status}})]]
end
http_content_length_limit 64 * 1024 * 1024
