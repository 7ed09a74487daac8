# frozen_string_literal: true

source "https://rubygems.org"

ruby ">= 3.1"

# The core
gem "highs", "~> 0.2"
gem "numo-narray", "~> 0.9.2"
gem "rexml", "~> 3.3"
gem "zeitwerk", "~> 2.6.18"

# The server
gem "activerecord", "~> 7.2.2"
gem "bcrypt", "~> 3.1"
gem "committee", "~> 5.5"
gem "csv", "~> 3.3"
gem "pg", "~> 1.5"
gem "prawn", "~> 2.5"
gem "puma", "~> 7.0"
gem "que", "~> 2.4"
gem "rack-attack", "~> 6.7"
gem "rack-protection", "~> 4.1"
gem "rackup", "~> 2.2"
gem "rake", "~> 13.2"
gem "sinatra", "~> 4.1"

group :test do
  gem "capybara", "~> 3.40"
  gem "cuprite", "~> 0.15"
  gem "json_schemer", "~> 2.3", require: false
  gem "minitest", "~> 5.25"
  gem "minitest-parallel_fork", "~> 2.1", require: false
  gem "pdf-inspector", "~> 1.3"
  gem "rack-test", "~> 2.1"
  gem "simplecov", "~> 0.22", require: false
end

group :development do
  gem "bundler-audit", "~> 0.9", require: false
  gem "rubocop", "~> 1.69", require: false
  gem "rubocop-minitest", "~> 0.36", require: false
end
