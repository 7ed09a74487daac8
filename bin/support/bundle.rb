# frozen_string_literal: true

# Puts the project's own gems and core on the load path. On a fresh checkout the gems are installed
# first; what that prints goes to standard error.

Encoding.default_external = Encoding::UTF_8
root = File.expand_path("../..", __dir__)
ENV["BUNDLE_GEMFILE"] ||= File.join(root, "Gemfile")
ENV["BUNDLE_PATH"] ||= File.join(root, "vendor/bundle")

begin
  require "bundler"
  Bundler.setup
rescue Bundler::BundlerError
  abort "could not install the gems" unless system(File.join(root, "bin/support/install"), "gems", out: :err)
  exec(RbConfig.ruby, $PROGRAM_NAME, *ARGV)
end
$LOAD_PATH.unshift(File.join(root, "core"))
