# frozen_string_literal: true

module OakenGauge
  # Writes a length as a reduced mixed fraction of an inch, or as a decimal number of centimetres or
  # millimetres, which is how metric rulers are read.
  module LengthFormatting
    # @param measure [Symbol] :inch, :cm or :mm; the length's own when left out
    # @return [String] "2 7/8", "7/8", "-1/8", "7.3cm"
    def to_s(measure = self.measure)
      amount = inches / Length::MEASURES.fetch(measure)
      return mixed(amount) if measure == :inch

      "#{decimal?(amount) ? decimal(amount) : mixed(amount)}#{measure}"
    end

    # @return [String]
    def inspect
      "#<Length #{self}>"
    end

    private

    def mixed(amount)
      whole, part = amount.abs.divmod(1)
      words = [(whole if whole.positive? || part.zero?), (part if part.positive?)].compact.join(" ")
      amount.negative? ? "-#{words}" : words
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
