# frozen_string_literal: true

module OakenGauge
  # How sentences put things, whatever they speak of.
  module Saying
    # @param things [Array<#to_s>]
    # @param last [String] the word before the last one
    # @return [String] "goose", "goose and sky", "half, left and right"
    def self.list(things, last = "and")
      return things.first.to_s if things.size < 2

      "#{things[..-2].join(', ')} #{last} #{things.last}"
    end

    # @param role [Symbol] a fabric, told by the patches that are of it
    # @return [String] as it stands before a noun: corner patches, of the corners
    def self.before_noun(role)
      role.to_s.delete_suffix("s")
    end

    # A small difference, as it is seen on a ruler: in sixty-fourths of an inch, or tenths of a millimetre.
    # @param inches [Numeric]
    # @param measure [Symbol]
    # @return [String] "1/32", "a hair" for what is less than half of a sixty-fourth, "0.4 mm"
    def self.small(inches, measure = :inch)
      SpokenMeasures.of(measure).tell(inches)
    end

    # @param count [Integer]
    # @param one [String] what one is called
    # @param more [String] what several are called
    # @return [String] "1 set", "6 sets"
    def self.many(count, one, more = "#{one}s")
      "#{count} #{form(count, one, more)}"
    end

    # @return [String] the word alone, as its number has it
    def self.form(count, one, more = "#{one}s")
      count == 1 ? one : more
    end

    # @param count [Integer]
    # @return [String] "is" or "are"
    def self.is(count)
      form(count, "is", "are")
    end
  end
end
