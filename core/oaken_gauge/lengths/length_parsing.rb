# frozen_string_literal: true

module OakenGauge
  # Reads a length as people type it.
  module LengthParsing
    # What a reader is told when a length cannot be read.
    ALLOWED = 'a length such as "2 7/8", "2-7/8", "2⅞", "2.875", "7.3cm" or "73mm"; of fabric "1 1/2 yd" or "1.4 m" too'

    # No length in a quilt takes more characters than this.
    LONGEST = 40

    FRACTION = %r{(?:(?<whole>\d+)[ -]+)?(?<over>\d+)\s*[/⁄]\s*(?<under>\d+)}
    VULGAR = /(?:(?<before>\d+)[ -]*)?(?<vulgar>[¼-¾⅐-⅞])/
    DECIMAL = /(?<decimal>\d+(?:[.,]\d+)?|[.,]\d+)/
    SUFFIX = /(?<suffix>"|″|''|inches|inch|in|yards|yard|yds|yd|metres|metre|meters|meter|cm|mm|m)?/
    WRITTEN = /\A\s*(?<sign>-)?(?:#{FRACTION}|#{VULGAR}|#{DECIMAL})\s*#{SUFFIX}\s*\z/
    METRES = %w[m metre metres meter meters].to_h { |name| [name, [5000/127r, :cm]] }
    YARDS = %w[yd yds yard yards].to_h { |name| [name, [36r, :inch]] }
    # Inches in one of what is written behind a number, and what it is written in again.
    SUFFIXES = { "cm" => [50/127r, :cm], "mm" => [5/127r, :mm], **METRES, **YARDS }.freeze

    # @param text [String]
    # @return [Length]
    # @raise [UnreadableLength] when it is not a length
    def parse(text)
      match = readable?(text) && WRITTEN.match(text)
      raise UnreadableLength, "#{text.inspect[0, 60]} is not #{ALLOWED}" unless match
      raise UnreadableLength, "#{text.inspect} divides by nothing" if match[:under]&.to_i&.zero?

      inches, measure = SUFFIXES.fetch(match[:suffix], [1r, :inch])
      new(amount(match) * inches, measure)
    end

    private

    def readable?(text)
      text.is_a?(String) && text.length <= LONGEST && text.valid_encoding?
    end

    def amount(match)
      size = match[:decimal] ? "0#{match[:decimal].tr(',', '.')}".to_r : mixed_number(match)
      match[:sign] ? -size : size
    end

    def mixed_number(match)
      over, under = match[:vulgar] ? match[:vulgar].unicode_normalize(:nfkc).split("⁄") : [match[:over], match[:under]]
      (match[:whole] || match[:before]).to_i + Rational(over.to_i, under.to_i)
    end
  end
end
