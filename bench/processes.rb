# frozen_string_literal: true

# What runs on this machine.
module Processes
  # @param process [Integer]
  # @return [Array<Integer>] all that it started, and what they did
  def self.under(process)
    own = Dir["/proc/[0-9]*/stat"].filter_map { |file| child_of(process, file) }
    own.flat_map { |one| [one, *under(one)] }
  end

  def self.child_of(process, file)
    number, parent = File.read(file).match(/\A(\d+) \(.*\) \S (\d+)/)&.captures
    number.to_i if parent.to_i == process
  rescue SystemCallError
    nil
  end
  private_class_method :child_of
end
