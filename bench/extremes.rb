# frozen_string_literal: true

# Legal documents at their extremes: seconds, megabytes of answer and of memory, and what is said of the others.
#   bundle exec ruby bench/extremes.rb

$LOAD_PATH.unshift File.expand_path("../core", __dir__), File.expand_path("../test", __dir__)
require "oaken_gauge"
require "support/extremes"

OakenGauge.weigh({ "unit" => Extremes::UNIT }, view: true)
worst = Hash.new(0)
Extremes.all.each do |about, (command, document)|
  answer, faults, seconds, room = IO.popen("-") do |child|
    next JSON.parse(child.read).values if child

    started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    result = begin
      [JSON.generate(OakenGauge.public_send(command, document, **(command == "weigh" ? { view: true } : {}))).bytesize, nil]
    rescue OakenGauge::Documents::Invalid => e
      [nil, e.message]
    end
    peak = File.read("/proc/self/status")[/VmHWM:\s+(\d+)/, 1].to_i / 1024
    seconds = Process.clock_gettime(Process::CLOCK_MONOTONIC) - started
    print JSON.generate({ answer: result[0], faults: result[1], seconds: seconds, room: peak })
  end
  worst[:seconds] = [worst[:seconds], seconds].max
  worst[:megabytes] = [worst[:megabytes], answer.to_i / 1e6].max
  worst[:room] = [worst[:room], room].max
  told = answer ? "#{(answer / 1e6).round(2)} MB answered" : "refused: #{faults[0, 110]}"
  puts "#{about.ljust(48)} #{seconds.round(2).to_s.rjust(6)} s #{room.to_s.rjust(5)} MB  #{told}"
end
puts "\nworst: #{worst[:seconds].round(2)} s (aim 1), #{worst[:megabytes].round(2)} MB answered (aim 2), " \
     "#{worst[:room]} MB of memory (aim 200)"
