# frozen_string_literal: true

# How large the first page's script is, compressed: ruby bench/page.rb (after bin/start has built it)

require "zlib"
require_relative "support"

scripts = Dir[File.expand_path("../web/dist/assets/*.js", __dir__)]
abort "build the web application first: bin/start" if scripts.empty?

Bench.report("script of the first page, compressed", scripts.sum { |file| Zlib.gzip(File.binread(file)).bytesize } / 1024.0, 250, "KB")
