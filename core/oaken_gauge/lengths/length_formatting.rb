# frozen_string_literal: true

module OakenGauge
  # Writes a length as a reduced mixed fraction of an inch, or as a decimal number of centimetres or
  # millimetres, which is how metric rulers are read.
  module LengthFormatting
    # No ruler has finer parts of an inch.
    FINEST = 64
    # Digits behind the point that a metric length is written with where it stands among inches.
    DIGITS = 4

    # What is no fraction of an inch that a ruler has, and was typed in centimetres, is written in centimetres; and the other way round.
    #
    # @param measure [Symbol] :inch, :cm or :mm; the length's own when left out
    # @return [String] "2 7/8", "7/8", "-1/8", "7.3cm"
    def to_s(measure = self.measure)
      return in_inches if measure == :inch

      amount = inches / Length::MEASURES.fetch(measure)
      return "#{mixed(inches)}in" if amount.denominator > FINEST && !decimal?(amount) && inches.denominator <= FINEST

      "#{decimal?(amount) ? decimal(amount) : mixed(amount)}#{measure}"
    end

    # As it stands on a tool, for somebody who works in another measure: an inch number says then that it is one.
    # @param measure [Symbol] what is worked in
    # @return [String] "2 7/8in"
    def printed_for(measure)
      inch_for_others?(measure) ? "#{self}in" : to_s
    end

    # The same, and how much that is: "2 7/8in (7.30cm)".
    # @param measure [Symbol] what is worked in
    # @return [String]
    def line_for(measure)
      return to_s if (self.measure == :inch) == (measure == :inch)

      "#{printed_for(measure)} (#{measure == :inch ? "about #{Length.new(Grid.new(1/16r).nearest(inches))}" : format('%.2fcm', inches / Length::MEASURES.fetch(:cm))})"
    end

    # @return [String]
    def inspect
      "#<Length #{self}>"
    end

    private

    def in_inches
      metric = inches / Length::MEASURES.fetch(:cm)
      inches.denominator > FINEST && ((metric * (10**DIGITS)).denominator == 1) ? "#{decimal(metric)}cm" : mixed(inches)
    end

    def inch_for_others?(other)
      measure == :inch && other != :inch
    end

    def mixed(amount)
      return amount.numerator.to_s if amount.denominator == 1
      return "-#{mixed(-amount)}" if amount.negative?

      whole, rest = amount.numerator.divmod(amount.denominator)
      whole.zero? ? "#{rest}/#{amount.denominator}" : "#{whole} #{rest}/#{amount.denominator}"
    end

    # A decimal fraction ends only when its divisor has no factor but 2 and 5.
    def decimal?(amount)
      rest = amount.denominator
      [2, 5].each { |factor| rest /= factor while (rest % factor).zero? }
      rest == 1
    end

    def decimal(amount)
      digits = 0
      digits += 1 until ((amount * (10**digits)) % 1).zero?
      return amount.to_i.to_s if digits.zero?

      whole, part = (amount.abs * (10**digits)).to_i.divmod(10**digits)
      format("%<sign>s%<whole>d.%<part>0#{digits}d", sign: ("-" if amount.negative?), whole: whole, part: part)
    end
  end
end
