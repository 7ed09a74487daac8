# frozen_string_literal: true

module OakenGauge
  # An exact length, with the unit of measure it was written in. Frozen; compared by value, so that
  # 2.54 cm and 1 inch are the same length. Reading is in {LengthParsing}, writing in {LengthFormatting}.
  #
  # @example
  #   Length.parse("2 7/8") == Length.parse("2.875")   # => true
  #   Length.parse("7.3cm").to_s                       # => "7.3cm"
  #   Length.new(23/8r).to_s                           # => "2 7/8"
  class Length
    include Comparable
    include LengthFormatting
    extend LengthParsing

    # Inches in one of each unit of measure.
    MEASURES = { inch: 1r, cm: 50/127r, mm: 5/127r }.freeze

    # A computed length as it is said: a fraction where it is one, and otherwise a decimal.
    #
    # @param inches [Numeric, Array<Numeric>] one, or height and width
    # @param measure [Symbol]
    # @return [String]
    def self.saying(inches, measure = :inch)
      return inches.map { |one| saying(one, measure) }.join(" × ") if inches.is_a?(Array)

      exact = inches.is_a?(Float) ? near(inches) : inches.to_r
      exact && sayable?(exact, measure) ? new(exact, measure).to_s : approximate(inches, measure)
    end

    def self.near(inches)
      inches.rationalize(1/100_000r).then { |fraction| fraction if (fraction - inches).abs < Plane::SAME }
    end

    # Halves and thirds of an inch and what they are parted into; centimetres in so many places.
    def self.sayable?(inches, measure)
      return ((inches / MEASURES.fetch(measure)) * 10_000).denominator == 1 unless measure == :inch

      (64 % inches.denominator).zero? || (48 % inches.denominator).zero?
    end

    def self.approximate(inches, measure)
      amount = (inches / MEASURES.fetch(measure)).to_f.round(3)
      measure == :inch ? amount.to_s : "#{amount}#{measure}"
    end
    private_class_method :approximate, :near, :sayable?

    # @return [Rational] the length in inches
    attr_reader :inches
    # @return [Symbol] :inch, :cm or :mm
    attr_reader :measure

    # @param inches [Rational, Integer]
    # @param measure [Symbol] the unit of measure it is written in
    def initialize(inches, measure = :inch)
      @inches = inches.to_r
      @measure = measure
      freeze
    end

    # @return [Integer] by length, whatever the unit of measure
    def <=>(other)
      other.is_a?(Length) ? inches <=> other.inches : nil
    end

    # @return [Boolean] same length (for Hash keys)
    def eql?(other)
      other.is_a?(Length) && inches == other.inches
    end

    # @return [Integer]
    def hash
      [Length, inches].hash
    end

    # @return [Rational] inches
    def to_r
      inches
    end

    # @return [Float] inches
    def to_f
      inches.to_f
    end
  end
end
