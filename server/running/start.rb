# frozen_string_literal: true

# Starts a private database unless one is named, brings it up to date, loads the demo once, serves,
# and stops on Ctrl-C whatever it started.

# Until it serves, who stops it waits for the step that is being done: nothing is left half done.
module Running
  class << self
    # @return [Boolean]
    attr_accessor :told_to_stop
  end
end
%w[INT TERM].each { |signal| trap(signal) { Running.told_to_stop = true } }

# A signal while Ruby itself was beginning is told to nobody, and leaves it without its encodings.
abort "Stopped." unless defined?(Encoding::UTF_8)

begin
  # Gems are looked for only now: whoever stops it while Ruby begins is told in a sentence too.
  require "rubygems"
  require "bundler/setup"
  require "json"
  require "net/http"
  require_relative "bench"
rescue NameError, LoadError
  # A signal in the midst of loading leaves a library half there.
  raise unless Running.told_to_stop

  abort "Stopped."
end

Running::Bench.new.start
