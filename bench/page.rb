# frozen_string_literal: true

# How large the scripts are that a page needs before it is seen, as they are served: ruby bench/page.rb (after bin/start has built it)

require_relative "support"

# What the build says of its scripts, each with those it needs.
class Scripts
  BUILT = File.expand_path("../web/dist", __dir__)

  def initialize
    file = File.join(BUILT, ".vite/manifest.json")
    abort "build the web application first: bin/start" unless File.exist?(file)
    @scripts = JSON.parse(File.read(file))
  end

  # @param names [Array<String>] of what is asked for
  # @return [Float] kilobytes of these and all they need
  def size(*names)
    all_needed(names, []).sum { |name| File.size(File.join(BUILT, "#{@scripts.fetch(name)['file']}.br")) } / 1024.0
  end

  private

  def all_needed(names, known)
    names.reduce(known) { |all, name| all.include?(name) ? all : all_needed(@scripts.fetch(name).fetch("imports", []), all + [name]) }
  end
end

scripts = Scripts.new
Bench.report("scripts of the first page", scripts.size("index.html", "src/screens/start/StartScreen.tsx"), 120, "KB")
Bench.report("scripts of the weighing", scripts.size("index.html", "src/screens/weighing/WeighingScreen.tsx"), 160, "KB")
